<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { send } from '../api/client'
import type { BenchDay, DaySlides, HoursSaid, OwnDay } from '../api/types'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import TimeField from '../ui/TimeField.vue'
import { clock as clockOf, day as dayOf, moment, weekday } from '../ui/words'
import { said } from '../units/writing'
import { hoursWords, slidWords } from './slideWords'

/** Away, later, just an hour: the day is laid anew, and what slides is said before it is agreed. */
const props = defineProps<{ day: BenchDay; name: string }>()
const emit = defineEmits<{ laid: [] }>()
const clock = useClock()
const workshop = useWorkshop()
const ACTS: { what: HoursSaid['what']; label: string }[] = [
  { what: 'AWAY', label: 'I’m away' },
  { what: 'NOT_BEFORE', label: 'Not before …' },
  { what: 'JUST', label: 'I have an hour' },
]
const DAYS_AHEAD = 5
const LENGTHS = ['30', '60', '120', '180', '240'].map((minutes) => ({
  value: minutes,
  label: Number(minutes) < 60 ? `${minutes} min` : `${Number(minutes) / 60} h`,
}))
const what = ref<HoursSaid['what'] | ''>('')
const today = computed(() => props.day.now.slice(0, 10))
const date = ref('')
const until = ref('14:00')
const minutes = ref('60')
const slides = ref<DaySlides | null>(null)
const refused = ref('')
function later(days: number): string {
  const at = new Date(Date.parse(today.value + 'T00:00Z') + days * 864e5)
  return at.toISOString().slice(0, 10)
}
const days = computed(() =>
  Array.from({ length: DAYS_AHEAD + 1 }, (_, ahead) => later(ahead)).map((value, ahead) => ({
    value,
    label: ahead === 0 ? 'today' : ahead === 1 ? 'tomorrow' : weekday(value).slice(0, 3),
  })),
)
function open(act: HoursSaid['what']) {
  what.value = what.value === act ? '' : act
  date.value = today.value
}
let asked = 0
watch([what, date, until, minutes], ask)
async function ask() {
  const mine = ++asked
  refused.value = ''
  if (!what.value) {
    slides.value = null
    return
  }
  const wanted = {
    what: what.value,
    personId: props.day.personId,
    date: what.value === 'JUST' ? null : date.value,
    until: what.value === 'NOT_BEFORE' ? until.value : null,
    minutes: what.value === 'JUST' ? Number(minutes.value) : null,
  }
  try {
    const told = await send<DaySlides>('POST', '/api/bench/hours/asked', wanted)
    if (mine === asked) slides.value = told
  } catch (problem) {
    if (mine !== asked) return
    slides.value = null
    refused.value = (problem as Error).message
  }
}
/** Whoever goes away now lays down what they have in hand. */
const lays = computed(
  () => clock.own && !!clock.running && what.value !== 'JUST' && date.value === today.value,
)
async function keep(path: string, own: OwnDay) {
  try {
    if (what.value && lays.value) await clock.stop()
    await send('POST', path, own)
    what.value = ''
    await clock.refresh()
    emit('laid')
  } catch (problem) {
    refused.value = (problem as Error).message
  }
}
const steps = computed(() => slides.value?.steps ?? [])
const others = computed(() => slides.value?.builds ?? [])
const MOST = 6
</script>

<template>
  <section class="hours" aria-label="My hours">
    <p v-for="own in day.ownDays" :key="own.id" class="unlike">
      <strong>{{ own.date === today ? 'Today' : weekday(own.date) }}</strong>
      {{ own.hours.length ? hoursWords(own.hours) : 'away' }}, not as in every week
      <Button
        class="bare"
        label="As in every week"
        :aria-label="`As in every week: ${weekday(own.date)}`"
        @click="keep('/api/bench/hours/usual', own)"
      />
    </p>
    <div class="row">
      <Button
        v-for="act in ACTS"
        :key="act.what"
        class="quiet"
        :label="act.label"
        :aria-expanded="what === act.what"
        @click="open(act.what)"
      />
      <slot />
    </div>
    <form v-if="what" class="ask" @submit.prevent="slides && keep('/api/bench/hours', slides.day)">
      <div class="row">
        <ChoiceStrip v-if="what !== 'JUST'" v-model="date" label="On which day" :options="days" />
        <ChoiceStrip v-else v-model="minutes" label="How long, from now on" :options="LENGTHS" />
        <label v-if="what === 'NOT_BEFORE'" class="row">
          not before <TimeField v-model="until" label="Not before" />
        </label>
      </div>
      <p v-if="refused" class="bad" role="alert">{{ said(refused) }}</p>
      <div v-else-if="slides" aria-live="polite">
        <p>
          {{ name }}, {{ date === today || what === 'JUST' ? 'today' : dayOf(date) }}:
          <strong class="mono">{{
            slides.hoursAfter.length ? hoursWords(slides.hoursAfter) : 'away all day'
          }}</strong>
          <span class="soft">
            instead of
            {{ slides.hoursBefore.length ? hoursWords(slides.hoursBefore) : 'no hours' }}</span
          >
        </p>
        <p v-if="lays">Your clock stops.</p>
        <p v-if="!steps.length && !others.length" class="good">Nothing slides.</p>
        <ul v-if="steps.length">
          <li v-for="step in steps.slice(0, MOST)" :key="step.buildId + step.taskKey">
            “{{ said(step.title) }}” <span class="soft">{{ step.buildName }}</span>:
            {{ clockOf(step.was) }} → {{ moment(step.is, day.now)
            }}<template v-if="step.personId && step.personId !== day.personId"
              >, {{ workshop.personName(step.personId) }}</template
            >
          </li>
          <li v-if="steps.length > MOST" class="soft">and {{ steps.length - MOST }} more steps</li>
        </ul>
        <p
          v-for="each in others"
          :key="each.buildId"
          :class="{ bad: each.verdictAfter === 'LATE' }"
        >
          {{ said(slidWords(each)) }}
        </p>
        <p v-for="each in slides.findings" :key="each.buildId + each.finding.key" class="bad">
          {{ each.buildName }}: {{ said(each.finding.title) }}
        </p>
      </div>
      <Button type="submit" label="Agreed, lay the day so" :disabled="!slides" />
    </form>
  </section>
</template>

<style scoped>
.hours {
  margin-bottom: 12px;
}
p {
  margin: 0 0 4px;
}
.row {
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.row :deep(.p-button),
.row :deep(.choice-strip button),
.unlike .p-button,
.ask > .p-button {
  min-height: 44px;
}
.unlike {
  border-left: 4px solid var(--slate);
  padding: 2px 14px;
  background: var(--paper);
}
.ask {
  display: grid;
  gap: 10px;
  justify-items: start;
  background: var(--paper);
  border-left: 4px solid var(--ember);
  padding: 12px 14px;
  margin-top: 8px;
}
ul {
  margin: 0 0 6px;
  padding-left: 18px;
}
</style>
