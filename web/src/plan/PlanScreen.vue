<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { TaskModel } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, duration, moment, workingTime } from '../ui/words'
import { said } from '../units/writing'
import ChainList from './ChainList.vue'
import EnquiryNote from './EnquiryNote.vue'
import ManualTaskForm from './ManualTaskForm.vue'
import { SPANS, inPlan, stageFilter, whoFilter } from './planFilter'

/** Will it make the reveal, and what decides that? Then every task with its place and slack. */
const builds = useBuild()
const workshop = useWorkshop()
const view = computed(() => builds.view!)
const showDone = ref(false)
/** Narrowed to a person, a stage, a time; all of it to begin with. */
const who = ref('')
const stage = ref('')
const span = ref('')
const kept = computed(() => view.value.tasks.filter((t) => showDone.value || !t.doneAt))
const tasks = computed(() =>
  kept.value.filter((task) =>
    inPlan(task, { who: who.value, stage: stage.value, span: span.value }, view.value.now),
  ),
)
const people = computed(() => whoFilter(kept.value, workshop.personName))
const stages = computed(() => stageFilter(kept.value))
const chain = computed(() => view.value.chain)
const deciding = computed(() => {
  const own = chain.value.filter((link) => link.reason === 'WORK' || link.reason === 'WAIT')
  return new Set(own.map((link) => link.key))
})
const dayMinutes = computed(() => view.value.fuse.workingDayMinutes)
const tightest = computed(() => {
  const planned = view.value.tasks.filter((task) => task.planned)
  const slackOf = (task: TaskModel) => task.planned!.slackMinutes
  return planned.sort((one, other) => slackOf(one) - slackOf(other))[0]?.task.title ?? ''
})
const manual = computed(() => builds.build!.manualTasks)
const open = computed(() => view.value.tasks.filter((t) => !t.doneAt).length)

const answer = computed(() => {
  const { verdict, finish, spareDays, reveal } = view.value.fuse
  if (verdict === 'REVEALED') return { sign: 'done' as const, words: 'It is revealed.' }
  const agreed = view.value.enquiry ? 'Agreed today: planned finish' : 'Planned finish'
  const planned = finish ? `${agreed} ${day(finish)}` : 'Nothing left to plan'
  if (!reveal || spareDays === null || spareDays === undefined)
    return { sign: 'note' as const, words: `${planned}; no reveal date to hold it against.` }
  if (spareDays < 0)
    return {
      sign: 'stop' as const,
      words: `No: ${planned}, ${-spareDays} working days past the reveal.`,
    }
  if (view.value.enquiry)
    return {
      sign: 'note' as const,
      words: `${planned}, ${spareDays} working days before the reveal closes.`,
    }
  const tight = verdict === 'TIGHT'
  return {
    sign: tight ? ('risk' as const) : ('done' as const),
    words: `${tight ? 'Only just' : 'Yes'}: ${planned}, ${spareDays} working days before the reveal closes.`,
  }
})
const SIGN = {
  READY: 'note',
  RUNNING: 'now',
  BEHIND: 'wait',
  WAITING: 'wait',
  DONE: 'done',
  FAILED: 'stop',
  NO_LONGER_NEEDED: 'note',
} as const
const slack = (task: TaskModel) => {
  const minutes = task.planned?.slackMinutes
  if (minutes === undefined) return ''
  const time = workingTime(Math.abs(minutes), dayMinutes.value)
  return minutes < 0 ? `−${time}` : time
}
/** The latest it may begin, where that is not when it begins. */
const latest = (task: TaskModel) => {
  const planned = task.planned
  return planned && planned.latestStart !== planned.start
    ? moment(planned.latestStart, view.value.now)
    : ''
}
const focusNew = () => document.querySelector<HTMLInputElement>('.new-task input')?.focus()
</script>

<template>
  <StageFrame
    title="Plan"
    :note="`${open} tasks open, over shared people and stations`"
    :capabilities="['plan']"
    :on-new="focusNew"
  >
    <template #actions>
      <a class="file" :href="`/api/builds/${builds.id}/plan.ics`">Plan as calendar file</a>
      <Button
        class="bare"
        size="small"
        :label="showDone ? 'Hide what is done' : 'Show what is done'"
        @click="showDone = !showDone"
      />
    </template>
    <EnquiryNote v-if="view.enquiry" :enquiry="view.enquiry" />
    <p class="answer"><SignMark :kind="answer.sign" :size="17" /> {{ answer.words }}</p>
    <p class="soft">
      This is the planned finish: every step as long as planned, nothing redone. It is no forecast.
    </p>
    <ChainList
      v-if="chain.length"
      :chain="chain"
      :now="view.now"
      :day-minutes="dayMinutes"
      :tightest="tightest"
    />
    <div class="row narrow">
      <ChoiceStrip v-if="people.length > 2" v-model="who" label="Whose work" :options="people" />
      <ChoiceStrip v-model="span" label="When" :options="SPANS" />
      <ChoiceStrip v-if="stages.length > 2" v-model="stage" label="Stage" :options="stages" />
    </div>
    <p v-if="!tasks.length" class="soft">
      Nothing like that is planned.
      <Button
        v-if="who || stage || span"
        class="bare"
        label="Show all"
        @click="who = stage = span = ''"
      />
    </p>
    <table v-else class="ledger">
      <thead>
        <tr>
          <th>Task</th>
          <th class="right">hands-on</th>
          <th>begins</th>
          <th>who</th>
          <th>at the latest</th>
          <th class="right">slack</th>
          <th><span class="visually-hidden">Why</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="task in tasks"
          :key="task.task.key"
          :class="{ deciding: deciding.has(task.task.key) }"
        >
          <td>
            <SignMark :kind="SIGN[task.state]" :size="11" /> {{ said(task.task.title) }}
            <span v-if="task.task.gate" class="gate">check</span>
            <span v-if="task.state === 'NO_LONGER_NEEDED'" class="soft">no longer needed</span>
          </td>
          <td class="right mono">{{ duration(task.task.handsOnMinutes) }}</td>
          <td class="mono">
            {{
              task.planned
                ? moment(task.planned.start, view.now)
                : task.doneAt
                  ? day(task.doneAt)
                  : ''
            }}
          </td>
          <td>{{ workshop.personName(task.planned?.worker) }}</td>
          <td class="mono">{{ latest(task) }}</td>
          <td class="right mono" :class="{ bad: (task.planned?.slackMinutes ?? 0) < 0 }">
            {{ slack(task) }}
          </td>
          <td>
            <WhyButton :why="task.task.why" :of="task.task.title" />
            <Button
              v-if="manual.some((each) => 'manual:' + each.id === task.task.key)"
              class="bare"
              size="small"
              label="Remove"
              :aria-label="'Remove ' + task.task.title"
              @click="builds.remove('manual-tasks', task.task.thingId!)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <ManualTaskForm />
  </StageFrame>
</template>

<style scoped>
.answer {
  font-size: 18px;
  font-weight: 650;
  margin: 2px 0;
}
.answer svg {
  vertical-align: -2px;
}
.narrow {
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 12px 0 6px;
}
td.mono,
td:nth-child(4) {
  white-space: nowrap;
}
.deciding td:first-child {
  font-weight: 650;
}
.gate {
  font-size: 12px;
  border: 1px solid var(--smoke);
  padding: 0 5px;
  color: var(--smoke);
}
.file {
  font-size: 13.5px;
}
</style>
