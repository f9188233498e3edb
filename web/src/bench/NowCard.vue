<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import type { DayCard } from '../api/types'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import { clockHere, duration, moment } from '../ui/words'
import { said } from '../units/writing'
import AtHand from './AtHand.vue'
import CardArt from './CardArt.vue'
import CardSaid from './CardSaid.vue'
import CareList from './CareList.vue'
import JobActs from './JobActs.vue'
import ParcelOpening from './ParcelOpening.vue'
import PhotoRow from './PhotoRow.vue'
import { waitWords } from './waitWords'

/** One step, large: what it is, what to take in hand, what comes after it, what to take care of. */
const props = defineProps<{
  card: DayCard
  now: string
  /** What stands before its place: now, next, opened by its label. */
  when: string
}>()
const emit = defineEmits<{ moved: [buildId: string, taskKey: string] }>()
const clock = useClock()
const workshop = useWorkshop()
const tick = ref(clock.nowMs())
const ticking = setInterval(() => (tick.value = clock.nowMs()), 1000)
onBeforeUnmount(() => clearInterval(ticking))
const over = computed(() => ['DONE', 'WAITING'].includes(props.card.task.state))
const task = computed(() => props.card.task.task)
const running = computed(() => clock.runsSince(props.card.buildId, props.card.task))
const unsent = computed(() => clock.notesOf(props.card.buildId, task.value.key))
const runs = computed(() => {
  if (!running.value) return ''
  const seconds = Math.max(0, Math.floor((tick.value - Date.parse(running.value)) / 1000))
  const two = (value: number) => String(value).padStart(2, '0')
  return `${two(Math.floor(seconds / 3600))}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`
})
const place = computed(() => {
  const at = props.card.stationName ? `at: ${props.card.stationName}` : ''
  return [props.when, at, props.card.buildName].filter(Boolean).join(' · ')
})
const closes = computed(() => props.card.task.windowCloses)
const minutesLeft = computed(() =>
  closes.value
    ? Math.round((Date.parse(closes.value + 'Z') - Date.parse(props.now + 'Z')) / 60_000)
    : 0,
)
const MOST_BLOCKS = 3
/** What it waits for, what is over first before the others. */
const blocks = computed(() =>
  [...props.card.waitsFor]
    .sort((a, b) => (a.until ?? '~').localeCompare(b.until ?? '~'))
    .map((each) => waitWords(each, props.now, workshop.personName)),
)
/** What lies open before a step that nobody can take back. */
const open = computed(() => (over.value ? 0 : props.card.task.openBefore.length))
/** What was not read today stands before all else, whatever lies under the thumb. */
const unread = computed(() => task.value.cautions.some((each) => !props.card.heeded.includes(each)))
const after = computed(() => props.card.after)
</script>

<template>
  <article
    class="job now"
    :class="{ running: !!running, blocked: blocks.length, done: over }"
    :aria-label="task.title"
    @focusin="clock.choose(card.buildId, task.key, task.title)"
  >
    <p class="place soft">{{ said(place) }}</p>
    <h2 tabindex="-1">{{ said(task.title) }}</h2>
    <p class="mono figures">
      <template v-if="card.pieces > 1"
        >{{ duration(card.minutes) }}, piece {{ card.piece }} of {{ card.pieces }}, then
        {{ duration(card.restMinutes) }} more</template
      >
      <template v-else>{{ duration(task.handsOnMinutes) }} planned</template>
      <template v-if="card.task.log.loggedMinutes">
        · {{ duration(card.task.log.loggedMinutes) }} logged</template
      >
      <template v-if="runs"> · clock {{ runs }}</template>
    </p>
    <p v-if="closes" class="closes">
      Begin before <strong class="mono">{{ moment(closes, now) }}</strong><template
        v-if="minutesLeft >= 0"
        >: {{ duration(minutesLeft) }} left</template
      ><template v-else>: it has closed</template>
    </p>
    <ul v-if="blocks.length" class="blocks">
      <li v-for="each in blocks.slice(0, MOST_BLOCKS)" :key="each">{{ said(each) }}.</li>
      <li v-if="blocks.length > MOST_BLOCKS" class="soft">
        And for {{ blocks.length - MOST_BLOCKS }} more.
      </li>
    </ul>
    <p v-if="open" class="asks">
      {{ open === 1 ? 'A step' : `${open} steps` }} of this build before it
      {{ open === 1 ? 'is' : 'are' }} open: it asks about {{ open === 1 ? 'that' : 'them' }} before
      it begins.
    </p>
    <CardSaid :task="card.task" />
    <div class="body" :class="{ drawn: card.drawing }">
      <CardArt v-if="card.drawing" :drawing="card.drawing" />
      <div class="facts">
        <CareList v-if="unread" :card="card" />
        <AtHand :card="card" />
        <section v-if="after.waitMinutes || after.next">
          <h3>Then</h3>
          <p v-if="after.waitMinutes">
            {{ said(after.waitingFor || 'waits') }}:
            <span class="mono">{{ duration(after.waitMinutes) }}</span>, until
            <span class="mono">{{ moment(after.waitEnds, now) }}</span>
          </p>
          <p v-if="after.next">
            {{ said(after.next)
            }}<template v-if="after.nextFrom">
              from <span class="mono">{{ moment(after.nextFrom, now) }}</span></template
            ><template v-if="after.nextBefore"
              >, before <span class="mono">{{ moment(after.nextBefore, now) }}</span></template
            ><template v-if="after.nextPerson && after.nextPerson !== clock.bench?.personId"
              >, {{ workshop.personName(after.nextPerson) }}</template
            >
          </p>
        </section>
        <CareList v-if="!unread" :card="card" />
      </div>
    </div>
    <p v-for="each in card.notes" :key="each.id" class="said">
      {{ each.text }} <span class="soft">— {{ each.by }}, {{ clockHere(each.at) }}</span>
    </p>
    <p v-for="each in unsent" :key="each.at" class="said">
      {{ each.text }} <span class="soft">— not sent yet</span>
    </p>
    <PhotoRow :build-id="card.buildId" :task-key="task.key" :photos="card.photos" />
    <JobActs
      :key="card.buildId + task.key"
      :build-id="card.buildId"
      :task="card.task"
      :now="now"
      :times="card.times"
      :order-ids="card.orderIds"
      :drawing="card.drawing"
    >
      <template #parcel="{ opened }">
        <ParcelOpening
          :order-ids="card.orderIds"
          @opened="opened"
          @moved="(key) => emit('moved', card.buildId, key)"
        />
      </template>
    </JobActs>
  </article>
</template>

<style scoped>
.now {
  background: var(--paper);
  border-left: 6px solid var(--kraft);
  padding: 18px 24px 22px;
}
.running {
  border-left-color: var(--ember);
}
.blocked {
  border-left-color: var(--slate);
}
.done {
  border-left-color: var(--verdigris);
}
h2 {
  font-size: 28px;
  margin: 2px 0 4px;
}
h2:focus {
  outline: none;
}
p {
  margin: 0;
}
.place {
  font-weight: 600;
}
.figures {
  font-size: 13.5px;
}
.closes,
.asks {
  margin-top: 4px;
  color: var(--amber-ink);
}
.blocks {
  list-style: none;
  margin: 8px 0 0;
  padding: 4px 0 4px 12px;
  border-left: 3px solid var(--slate);
}
.body {
  display: grid;
  gap: 18px;
  margin-top: 14px;
}
.drawn {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
}
.facts {
  display: grid;
  gap: 14px;
  align-content: start;
}
.facts p {
  margin-top: 3px;
}
.said {
  font-size: 13.5px;
  margin-top: 6px;
}
@media (max-width: 640px) {
  .now {
    padding: 12px 14px 16px;
  }
  h2 {
    font-size: 22px;
  }
  .drawn {
    grid-template-columns: 1fr;
  }
  /* Done and the clock stay under the thumb however long the card is */
  .now :deep(.acts) {
    position: sticky;
    bottom: 0;
    background: var(--paper);
    padding: 8px 0;
  }
}
</style>
