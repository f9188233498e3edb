<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Refusal, get } from '../api/client'
import type { BenchDay, DayCard } from '../api/types'
import { useAsk } from '../store/ask'
import { useClock } from '../store/clock'
import { useDraft } from '../store/draft'
import { useFresh } from '../store/live'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import { clock as clockOf, duration, moment, weekday } from '../ui/words'
import DayEnding from './DayEnding.vue'
import ForgottenNote from './ForgottenNote.vue'
import { found, inHand, keyOf, readAgain } from './inHand'
import MyHours from './MyHours.vue'
import NowCard from './NowCard.vue'
import OthersHold from './OthersHold.vue'
import StillWaiting from './StillWaiting.vue'
import ThenList from './ThenList.vue'

/** What one person does now, what then, what waits, what the others have. */
const clock = useClock()
const workshop = useWorkshop()
const saver = useSaver()
const session = useSession()
const ask = useAsk()
const route = useRoute()
const router = useRouter()
/** Whose day this tablet shows; nobody said: whoever is signed in. */
const person = useDraft('day-of', '')
const other = ref<BenchDay | null>(null)
const day = computed(() => (person.value ? other.value : clock.bench))
const opened = ref<DayCard | null>(null)
/** A label was read that no card belongs to. */
const unknown = ref(false)
const ended = (card: DayCard) => clock.ended(card.buildId, card.task.task.key)
/**
 * What was ended here is gone from here at once where the server can't know it; else it goes when
 * the day is laid anew, so that what comes after it does not change under the hand.
 */
const cards = computed(() =>
  (day.value?.cards ?? []).filter((card) => !(saver.away && ended(card))),
)
/** What one has in hand: it stays, though the plan would begin with something else now. */
const hand = ref<DayCard | null>(null)
const shown = computed(() => inHand(hand.value, cards.value))
const rest = computed(() => cards.value.filter((card) => card !== shown.value))
const people = computed(() => [
  { value: '', label: 'whoever is signed in' },
  ...workshop.offered('people').map((each) => ({ value: each.id, label: each.name })),
])
const name = computed(() => workshop.personName(day.value?.personId ?? ''))
const later = computed(() => !!day.value && day.value.day !== day.value.now.slice(0, 10))
const when = computed(() => {
  const card = shown.value
  if (!card || !day.value) return ''
  if (clock.runsSince(card.buildId, card.task)) return 'now'
  if (card !== cards.value[0]) return `taken up, planned ${moment(card.from, day.value.now)}`
  const soon = Date.parse(card.from + 'Z') - Date.parse(day.value.now + 'Z') < 5 * 60_000
  return soon && !card.waitsFor.length ? 'now' : `next, ${moment(card.from, day.value.now)}`
})
async function refresh() {
  await clock.refresh()
  await readAll()
}
const readAll = () => Promise.all([readOther().then(readHand), readOpened()])
/** What the server says it has not is no more; what could not be asked is left as it is. */
function gone(problem: unknown): null {
  if (problem instanceof Refusal) return null
  throw problem
}
const of = (build: string) => `/api/builds/${encodeURIComponent(build)}`
const readCard = (build: string, key: string) =>
  get<DayCard>(`${of(build)}/card?key=${encodeURIComponent(key)}`).catch(gone)
/** What a label opens: the card with which work on its thing goes on. */
const readThing = (build: string, thing: string) =>
  get<DayCard>(`${of(build)}/things/${encodeURIComponent(thing)}/card`).catch(gone)
/** What one has in hand and the day no longer has: somebody else may have ended it. */
async function readHand() {
  const asked = hand.value
  if (!asked || saver.away || found(asked, cards.value)) return
  const read = await readCard(asked.buildId, asked.task.task.key)
  if (hand.value === asked) hand.value = readAgain(read)
}
async function readOther() {
  const whose = person.value
  if (!whose) return
  const read = await get<BenchDay>(`/api/bench?person=${encodeURIComponent(whose)}`)
  if (person.value === whose) other.value = read
}
async function readOpened() {
  const asked = route.query
  const { build, card, thing } = asked
  let read: DayCard | null = null
  if (build && card) read = await readCard(String(build), String(card))
  else if (build && thing) read = await readThing(String(build), String(thing))
  // somebody may have gone back to the day meanwhile
  if (route.query !== asked) return
  opened.value = read
  unknown.value = !!build && !read
}
/** Where the clock was stopped one goes on, whatever the plan would begin with now. */
watch(
  () => cards.value.find((card) => clock.runsSince(card.buildId, card.task)),
  (now, before) => {
    if (before && !now) hand.value = before
  },
)
/** What is ended while the server is away is out of hand. */
watch(
  () => saver.away && !!hand.value && ended(hand.value),
  (over) => {
    if (over) hand.value = null
  },
)
onMounted(refresh)
useFresh(refresh)
watch(
  () => clock.bench,
  () => readAll().catch(() => undefined),
)
watch(person, () => {
  hand.value = null
  readOther().catch(() => undefined)
})
watch(
  () => route.query,
  () => readOpened().catch(() => undefined),
)
function take(card: DayCard) {
  hand.value = card
  toCard()
}
function hold() {
  hand.value = shown.value
}
/** What came is opened on another card: one goes on there. */
async function moved(build: string, key: string) {
  if (opened.value) await router.replace({ query: { build, card: key } })
  hand.value = (await readCard(build, key).catch(() => null)) ?? hand.value
}
/** Somebody's hours are said by themselves, or by the owner. */
const mine = computed(() => session.owner || day.value?.personId === session.account?.personId)
const ending = ref(false)
const sheet = computed(
  () => `/api/bench/day-sheet.pdf?person=${encodeURIComponent(day.value?.personId ?? '')}`,
)
const top = ref<HTMLElement | null>(null)
/** The large card is what one works with: it is in view, and the keyboard goes on in it. */
async function toCard() {
  await nextTick()
  top.value?.scrollIntoView({ block: 'nearest' })
  top.value?.querySelector<HTMLElement>('h2')?.focus({ preventScroll: true })
}
/** After Done the next card comes; whoever pressed it by key goes on there. */
watch(
  () => shown.value && keyOf(shown.value),
  async (now, before) => {
    await nextTick()
    const at = document.activeElement
    if (now && before && (at === document.body || at === top.value)) toCard()
  },
)
</script>

<template>
  <main v-if="day" class="today for-thumbs">
    <header class="row">
      <h1>Bench</h1>
      <span class="soft">
        {{ name }} · {{ weekday(day.now) }}, <span class="mono">{{ clockOf(day.now) }}</span>
        <template v-if="day.cards.length && !later">
          · <span class="mono">{{ duration(day.workMinutes) }}</span> of work today, out by
          <span class="mono">{{ moment(day.outBy!, day.now) }}</span></template
        >
        <template v-else-if="later">
          · nothing is left today, this begins {{ weekday(day.day) }}</template
        >
      </span>
      <span class="grow" />
      <ChoiceField v-model="person" label="Day of" :options="people" />
    </header>
    <p v-if="saver.away && clock.kept.length" class="kept" role="status">
      {{
        clock.kept.length === 1 ? 'One thing you did is' : `${clock.kept.length} things you did are`
      }}
      kept here, and sent in order when the workshop’s computer answers. Leave this page open.
    </p>
    <ForgottenNote
      v-for="each in day.forgotten"
      :key="each.entry.id"
      :forgotten="each"
      :now="day.now"
    />
    <MyHours v-if="mine" :day="day" :name="name" @laid="readAll">
      <Button class="bare" label="Day’s end" :aria-expanded="ending" @click="ending = !ending" />
      <a class="paper" :href="sheet" target="_blank">Print the day</a>
    </MyHours>
    <DayEnding v-if="ending" :day="day" />
    <p v-if="person && !clock.own" class="soft">The clock runs for whoever is signed in.</p>
    <p v-if="unknown" class="kept" role="status">
      No card belongs to this label any more: its build or its thing was taken out, or nothing is
      done with it.
    </p>
    <section v-if="opened" class="labelled">
      <NowCard :card="opened" :now="day.now" when="opened by its label" @moved="moved" />
      <Button class="bare" label="Back to the day" @click="router.push('/bench')" />
    </section>
    <div ref="top" class="columns">
      <NowCard
        v-if="shown && !opened"
        :key="keyOf(shown)"
        :card="shown"
        :now="day.now"
        :when="when"
        :inert="ended(shown)"
        @moved="moved"
        @focusin="hold"
        @pointerdown="hold"
      />
      <p v-else-if="!opened" class="soft">
        Nothing is planned for {{ name }}. Builds with open work put their cards here by themselves.
      </p>
      <section v-if="rest.length" class="then">
        <h2>Then, {{ later ? weekday(day.day) : 'today' }}</h2>
        <ThenList :day="day" :cards="rest" :chosen="hand ? keyOf(hand) : ''" @take="take" />
      </section>
    </div>
    <StillWaiting :day="day" />
    <OthersHold :day="day" />
    <p v-if="day.behind > 0" class="soft">
      {{ day.behind }} {{ day.behind === 1 ? 'step waits' : 'steps wait' }} behind these;
      <Button class="bare" label="find one" @click="ask.find = true" /> (<span class="mono">/</span
      >), all of them are on Plan.
    </p>
  </main>
</template>

<style scoped>
.today {
  padding: 12px 28px 50px;
}
header {
  align-items: center;
  margin-bottom: 12px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 12px 24px;
  align-items: start;
}
.kept {
  border-left: 4px solid var(--slate);
  background: var(--paper);
  padding: 8px 14px;
  margin: 0 0 12px;
}
.labelled {
  margin-bottom: 18px;
}
.paper {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  font-weight: 600;
}
.today .p-button.bare {
  min-height: 44px;
}
.waiting,
.others {
  margin-top: 24px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 640px) {
  .today {
    padding: 10px 12px 60px;
    display: flex;
    flex-direction: column;
  }
  /* what to do now comes first */
  .hours,
  .end {
    order: 1;
    margin-top: 18px;
  }
  .today > :deep(p:last-child),
  .waiting,
  .others {
    order: 2;
  }
}
</style>
