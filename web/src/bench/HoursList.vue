<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { newId } from '../api/client'
import type { TaskModel, TimeEntry } from '../api/types'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import DateField from '../ui/DateField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'
import TimeField from '../ui/TimeField.vue'
import { instantOf, localOf } from '../units/zone'
import { useMadeHere } from './madeHere'

/** Hours of one step: lines of the clock and typed ones, corrected and back-dated here. */
const props = defineProps<{ buildId: string; task: TaskModel; times: TimeEntry[]; now: string }>()
const builds = useBuild()
const clock = useClock()
const saver = useSaver()
const session = useSession()
const workshop = useWorkshop()
const zone = computed(() => workshop.book!.workshop.zone)
const people = computed(() =>
  workshop.book!.people.map((each) => ({ value: each.id, label: each.name })),
)
const path = (id: string) =>
  `/api/builds/${encodeURIComponent(props.buildId)}/times/${encodeURIComponent(id)}`
const here = useMadeHere(() => props.times)
const lines = computed(() => {
  const typed = props.times.map((time) => saver.typedOver(path(time.id), time))
  const fresh = saver
    .unstored(path(''))
    .filter((edit) => !props.times.some((time) => edit.path === path(time.id)))
    .map((edit) => edit.value as TimeEntry | null)
  const saved = here.unread.value.filter((made) => !fresh.some((time) => time?.id === made.id))
  return [...typed, ...fresh, ...saved].filter(
    (time): time is TimeEntry => !!time && time.taskKey === props.task.task.key,
  )
})
const start = (time: TimeEntry) => localOf(time.startedAt, zone.value)
const minutes = (time: TimeEntry) =>
  time.endedAt ? (Date.parse(time.endedAt) - Date.parse(time.startedAt)) / 60_000 : null
async function save(time: TimeEntry, change: Partial<TimeEntry>) {
  const value = { ...time, ...change }
  if (!props.times.some((each) => each.id === time.id)) here.put(value)
  saver.save({ key: `times/${time.id}`, path: path(time.id), value })
  await saver.settled()
  await clock.refresh().catch(() => undefined)
}
/** Moves the start and keeps the length. */
function begin(time: TimeEntry, local: string) {
  const from = instantOf(local, zone.value)
  const length = (minutes(time) ?? 0) * 60_000
  save(time, {
    startedAt: from,
    endedAt: time.endedAt ? new Date(Date.parse(from) + length).toISOString() : null,
  })
}
function last(time: TimeEntry, length: number | null) {
  if (length === null) return
  save(time, { endedAt: new Date(Date.parse(time.startedAt) + length * 60_000).toISOString() })
}
function add() {
  const end = instantOf(props.now.slice(0, 16), zone.value)
  const length = props.task.task.handsOnMinutes
  const id = newId()
  save(
    {
      id,
      taskKey: props.task.task.key,
      personId: session.account?.personId || people.value[0]!.value,
      startedAt: new Date(Date.parse(end) - length * 60_000).toISOString(),
      endedAt: end,
      typedBy: session.account?.name ?? '',
      why: '',
    },
    {},
  )
}
async function remove(time: TimeEntry) {
  here.drop(time.id)
  saver.save({ key: `times/${time.id}`, path: path(time.id), value: null })
  await saver.settled()
  await Promise.all([clock.refresh(), builds.id ? builds.reload() : null]).catch(() => undefined)
}
const problem = (time: TimeEntry, field: string) => saver.problem(`times/${time.id}`, field)
</script>

<template>
  <section class="hours" aria-label="Hours of this step">
    <div v-for="time in lines" :key="time.id" class="line">
      <ChoiceField
        label="Who"
        :model-value="time.personId"
        :options="people"
        @update:model-value="(personId) => save(time, { personId })"
      />
      <DateField
        label="Day"
        :model-value="start(time).slice(0, 10)"
        :problem="problem(time, 'startedAt') || problem(time, 'endedAt')"
        @update:model-value="(day) => begin(time, day + start(time).slice(10))"
      />
      <label class="from">
        <span>From</span>
        <TimeField
          label="From"
          :model-value="start(time).slice(11)"
          @update:model-value="(at) => begin(time, start(time).slice(0, 11) + at)"
        />
      </label>
      <MeasureField
        v-if="time.endedAt"
        label="Took"
        duration
        unit="min"
        :model-value="minutes(time)"
        :problem="problem(time, 'endedAt')"
        @update:model-value="(length) => last(time, length)"
      />
      <span v-else class="soft runs">the clock runs</span>
      <TextField
        label="Why, if corrected"
        :model-value="time.why"
        :problem="problem(time, 'why')"
        @update:model-value="(why) => save(time, { why })"
      />
      <p class="soft">
        {{ time.typedBy ? `typed by ${time.typedBy}` : 'by the clock' }}
        <Button class="bare" size="small" label="Remove this line" @click="remove(time)" />
      </p>
    </div>
    <p v-if="!lines.length" class="soft">No hours yet.</p>
    <Button class="quiet" size="small" label="Type hours" @click="add" />
  </section>
</template>

<style scoped>
.hours {
  border-top: 1px solid var(--line);
  margin-top: 10px;
  padding-top: 8px;
  display: grid;
  gap: 8px;
}
.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 10px;
  align-items: end;
}
.line p {
  grid-column: 1 / -1;
  margin: 0;
  font-size: 12.5px;
}
.from {
  display: grid;
  gap: 3px;
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
.runs {
  align-self: center;
}
</style>
