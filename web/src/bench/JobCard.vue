<script setup lang="ts">
import { computed } from 'vue'
import type { JobNote, Photo, TaskModel, TimeEntry } from '../api/types'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import { duration, moment } from '../ui/words'
import { said } from '../units/writing'
import CardSaid from './CardSaid.vue'
import JobActs from './JobActs.vue'
import PhotoRow from './PhotoRow.vue'

/** One step among others of its build. */
const props = defineProps<{
  buildId: string
  task: TaskModel
  now: string
  notes: JobNote[]
  photos: Photo[]
  times: TimeEntry[]
}>()
const clock = useClock()
const workshop = useWorkshop()
const over = computed(() => ['DONE', 'WAITING'].includes(props.task.state))
const cautions = computed(() => props.task.task.cautions.map((c) => workshop.caution(c)))
const waiting = computed(
  () => props.task.state === 'WAITING' && moment(props.task.waitsUntil!, props.now),
)
const SIGN = {
  READY: 'note',
  RUNNING: 'now',
  BEHIND: 'wait',
  WAITING: 'wait',
  DONE: 'done',
  FAILED: 'stop',
  NO_LONGER_NEEDED: 'note',
} as const
</script>

<template>
  <article
    class="job"
    :class="{ running: task.state === 'RUNNING', done: over }"
    @focusin="clock.choose(buildId, task.task.key, task.task.title)"
  >
    <header>
      <SignMark :kind="SIGN[task.state]" :size="16" />
      <div class="grow">
        <h3>{{ said(task.task.title) }}</h3>
        <p class="soft">
          <span class="mono">{{ duration(task.task.handsOnMinutes) }}</span>
          <template v-if="task.planned?.worker">
            · {{ workshop.personName(task.planned.worker) }}</template
          >
          <template v-if="task.planned"> · {{ moment(task.planned.start, now) }}</template>
          <template v-if="task.log.loggedMinutes">
            · <span class="mono">{{ duration(task.log.loggedMinutes) }}</span> logged</template
          >
          <template v-if="task.windowCloses && !over">
            · <strong>begin before {{ moment(task.windowCloses, now) }}</strong></template
          >
          <template v-if="waiting">
            · {{ said(task.task.waitingFor || 'waits') }} until {{ said(waiting) }}</template
          >
        </p>
        <CardSaid :task="task" />
      </div>
    </header>
    <details v-for="caution in cautions" :key="caution?.key" class="caution" :open="!over">
      <summary>{{ caution?.title }}</summary>
      {{ caution?.says }} <span class="soft">{{ caution?.why }}</span>
    </details>
    <p v-for="each in notes" :key="each.id" class="note">
      {{ each.text }} <span class="soft">— {{ each.by }}</span>
    </p>
    <PhotoRow :build-id="buildId" :task-key="task.task.key" :photos="photos" />
    <JobActs :build-id="buildId" :task="task" :now="now" :times="times" />
  </article>
</template>

<style scoped>
.job {
  background: var(--paper);
  border: 1px solid var(--line);
  border-left: 4px solid var(--kraft);
  padding: 11px 14px;
}
.running {
  border-left-color: var(--ember);
}
.done {
  border-left-color: var(--verdigris);
}
header {
  display: flex;
  gap: 10px;
  align-items: flex-start;
}
header svg {
  margin-top: 3px;
}
h3 {
  font-size: 17px;
}
p {
  margin: 2px 0 0;
}
.caution {
  margin-top: 7px;
  border-left: 3px solid #c9820e;
  padding: 2px 0 2px 10px;
  font-size: 13px;
}
.caution summary {
  font-weight: 650;
  cursor: pointer;
}
.note {
  font-size: 13.5px;
  margin-top: 5px;
}
</style>
