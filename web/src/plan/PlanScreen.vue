<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { ManualTask, TaskModel } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { STOPS } from '../stops'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, duration, moment, stretch } from '../ui/words'
import { said } from '../units/writing'

/** Will it make the reveal, and what decides that? Then every task with its place and slack. */
const builds = useBuild()
const workshop = useWorkshop()
const view = computed(() => builds.view!)
const showDone = ref(false)
const tasks = computed(() => view.value.tasks.filter((t) => showDone.value || !t.doneAt))
const chain = computed(() => view.value.chain)
const manual = computed(() => builds.build!.manualTasks)
const open = computed(() => view.value.tasks.filter((t) => !t.doneAt).length)

const answer = computed(() => {
  const { verdict, finish, spareDays, reveal } = view.value.fuse
  if (verdict === 'REVEALED') return { sign: 'done' as const, words: 'It is revealed.' }
  const planned = finish ? `Planned finish ${day(finish)}` : 'Nothing left to plan'
  if (!reveal || spareDays === null || spareDays === undefined)
    return { sign: 'note' as const, words: `${planned}; no reveal date to hold it against.` }
  if (spareDays < 0)
    return {
      sign: 'stop' as const,
      words: `No: ${planned}, ${-spareDays} working days past the reveal.`,
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
  return minutes < 0 ? `−${duration(-minutes)}` : duration(minutes)
}
const title = useDraft(`task:${builds.id}:title`, '')
const handsOn = useDraft<number | null>(`task:${builds.id}:hands-on`, 60)
const wait = useDraft<number | null>(`task:${builds.id}:wait`, 0)
const stage = ref<ManualTask['stage']>('MAKE')
const after = ref('')
const stages = STOPS.map((stop) => ({ value: stop.stage, label: stop.label }))
const afters = computed(() => [
  { value: '', label: 'the concept' },
  ...view.value.tasks
    .filter((t) => !t.task.key.startsWith('reveal/'))
    .map((t) => ({ value: t.task.key, label: t.task.title })),
])
function add() {
  if (!title.value.trim()) return
  builds.add('manual-tasks', {
    title: title.value.trim(),
    stage: stage.value,
    handsOnMinutes: handsOn.value ?? 0,
    waitMinutes: wait.value ?? 0,
    after: after.value ? [after.value] : [],
    station: null,
  } satisfies Omit<ManualTask, 'id'>)
  title.value = ''
  handsOn.value = 60
  wait.value = 0
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
    <p class="answer"><SignMark :kind="answer.sign" :size="17" /> {{ answer.words }}</p>
    <p class="soft">
      This is the planned finish: every step as long as planned, nothing redone. It is no forecast.
    </p>
    <section v-if="chain.length">
      <h3>What decides it, in the order it happens</h3>
      <ol class="chain">
        <li v-for="link in chain" :key="link.buildId + link.key">
          <span class="mono">{{ stretch(link.minutes) }}</span>
          <span>{{ said(link.text) }}</span>
          <span v-if="link.buildId !== builds.id" class="soft">another build</span>
        </li>
      </ol>
    </section>
    <table class="ledger">
      <thead>
        <tr>
          <th>Task</th>
          <th class="right">hands-on</th>
          <th>begins</th>
          <th>who</th>
          <th class="right">slack</th>
          <th><span class="visually-hidden">Why</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="task in tasks"
          :key="task.task.key"
          :class="{ deciding: task.planned?.deciding }"
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
    <form class="new-task" @submit.prevent="add">
      <TextField v-model="title" own label="Work the design does not say" />
      <ChoiceField v-model="stage" label="Stage" :options="stages" />
      <MeasureField v-model="handsOn" own label="Hands-on" duration unit="min" />
      <MeasureField v-model="wait" own label="Then waits" duration unit="min" />
      <ChoiceField v-model="after" label="After" :options="afters" />
      <Button type="submit" class="quiet" label="Add this task" :disabled="!title.trim()" />
    </form>
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
.chain {
  list-style: none;
  padding: 0;
  margin: 4px 0 14px;
}
.chain li {
  display: grid;
  grid-template-columns: 82px 1fr auto;
  gap: 10px;
  padding: 3px 0;
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
.new-task {
  display: grid;
  grid-template-columns: 1.4fr 110px 82px 82px minmax(130px, 1fr) auto;
  gap: 8px;
  align-items: end;
  margin-top: 14px;
}
</style>
