<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { newId, upload } from '../api/client'
import type { TaskModel, TimeEntry } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import FaultForm from './FaultForm.vue'
import HoursList from './HoursList.vue'
import OpenSteps from './OpenSteps.vue'
import TookFields, { tookAnswer, type Took } from './TookFields.vue'
import TextField from '../ui/TextField.vue'
import { duration, moment } from '../ui/words'
import { said } from '../units/writing'

/** One step, big enough for a tablet: clock, done, note, photo, again; a check asks for its result. */
const props = defineProps<{
  buildId: string
  buildName?: string
  task: TaskModel
  now: string
  notes: { id: string; text: string; by: string }[]
  photos: { id: string; sha256: string; caption: string }[]
  times: TimeEntry[]
  /** Lines of orders in the parcel that it opens. */
  orderIds?: string[]
}>()
const clock = useClock()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const builds = useBuild()
type Asking = '' | 'parcel' | 'open' | 'time' | 'check' | 'again' | 'note' | 'fault' | 'hours'
const draft = `card:${props.buildId}:${props.task.task.key}:`
const asking = useDraft<Asking>(draft + 'asking', '')
const words = useDraft(draft + 'words', '')
const by = useDraft(draft + 'by', '')
const key = computed(() => props.task.task.key)
const running = computed(() => props.task.state === 'RUNNING')
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

function ask(what: Asking) {
  if (asking.value === what) return close()
  asking.value = what
  words.value = ''
  by.value = session.account?.name ?? ''
}
function close() {
  asking.value = ''
  words.value = ''
  by.value = ''
}
async function quietly(action: Promise<unknown>) {
  await action.then(close).catch(() => undefined)
}
/** Nobody said how long it took: no clock ran and nothing was typed. */
const untimed = computed(
  () => !props.task.log.timed && !running.value && props.task.task.handsOnMinutes > 0,
)
const took = ref<Took>({ how: 'planned', minutes: null, why: '' })
const answer = computed(() =>
  untimed.value ? tookAnswer(took.value, props.task.task.handsOnMinutes) : {},
)
/** What was wanted when open work stood before it. */
const wanted = ref<'finish' | 'start'>('finish')
watch(
  () => props.task.openBefore.length,
  (open) => {
    if (open || asking.value !== 'open') return
    close()
    if (wanted.value === 'start') toggle()
    else finish()
  },
)
/** Looks into the parcel: what is in it belongs to its build, which is opened for it. */
async function openParcel() {
  if (parcelShown.value) return close()
  await builds.open(props.buildId, '')
  await builds.ask('ordered')
  asking.value = 'parcel'
}
/** The build may have been left for another meanwhile. */
const parcelShown = computed(() => asking.value === 'parcel' && builds.id === props.buildId)
function finish() {
  wanted.value = 'finish'
  if (props.task.openBefore.length) ask('open')
  else if (props.task.task.gate) ask('check')
  else if (untimed.value) ask('time')
  else quietly(clock.mark(props.buildId, key.value, 'DONE'))
}
const done = () => quietly(clock.mark(props.buildId, key.value, 'DONE', answer.value ?? {}))
const passed = (ok: boolean) =>
  quietly(
    clock.mark(props.buildId, key.value, ok ? 'PASSED' : 'FAILED', {
      note: words.value,
      by: by.value,
      ...(ok ? answer.value : {}),
    }),
  )
const again = () => quietly(clock.mark(props.buildId, key.value, 'AGAIN', { note: words.value }))
function note() {
  clock.note(props.buildId, key.value, words.value)
  close()
}
function toggle() {
  const coat = !props.task.task.gate && props.task.openBefore.length > 0
  wanted.value = 'start'
  if (!running.value && coat) ask('open')
  else quietly(running.value ? clock.stop() : clock.start(props.buildId, key.value))
}

async function photo(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const form = new FormData()
  form.append('id', newId())
  form.append('taskKey', key.value)
  form.append('caption', props.task.task.title)
  form.append('file', file)
  try {
    await upload(`/api/builds/${props.buildId}/photos`, form)
    await Promise.all([clock.refresh(), builds.reload()])
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
</script>

<template>
  <article class="job" :class="{ running, done: over }" @focusin="clock.choose(buildId, task)">
    <header>
      <SignMark :kind="SIGN[task.state]" :size="16" />
      <div class="grow">
        <component :is="buildName ? 'h2' : 'h3'">{{ said(task.task.title) }}</component>
        <p class="soft">
          <template v-if="buildName">{{ buildName }} · </template>
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
        <p v-if="task.log.verdict?.note" class="said">
          {{
            task.log.verdict.passedFor
              ? 'Passed over'
              : task.log.verdict.what === 'AGAIN'
                ? 'Again'
                : sentenceOf(task.log.verdict.what)
          }}: {{ task.log.verdict.note }} <span class="soft">— {{ task.log.verdict.by }}</span>
        </p>
      </div>
    </header>
    <details v-for="caution in cautions" :key="caution?.key" class="caution" :open="!over">
      <summary>{{ caution?.title }}</summary>
      {{ caution?.says }} <span class="soft">{{ caution?.why }}</span>
    </details>
    <p v-for="each in notes" :key="each.id" class="note">
      {{ each.text }} <span class="soft">— {{ each.by }}</span>
    </p>
    <div v-if="photos.length" class="photos">
      <img
        v-for="each in photos"
        :key="each.id"
        :src="`/api/pictures/${each.sha256}`"
        :alt="each.caption"
      />
    </div>
    <div class="acts">
      <template v-if="!over">
        <Button
          :class="{ quiet: !running }"
          :label="running ? 'Stop the clock' : 'Start the clock'"
          :aria-label="`${running ? 'Stop the clock' : 'Start the clock'}: ${task.task.title}`"
          @click="toggle"
        />
        <Button
          v-if="task.task.gate"
          label="Record the check"
          :aria-label="'Record the check: ' + task.task.title"
          @click="finish"
        />
        <Button
          v-else-if="orderIds?.length"
          :label="parcelShown ? 'Close it' : 'Open it'"
          :aria-expanded="parcelShown"
          :aria-label="(parcelShown ? 'Close: ' : 'Open: ') + task.task.title"
          @click="openParcel"
        />
        <Button v-else label="Done" :aria-label="'Done: ' + task.task.title" @click="finish" />
      </template>
      <Button
        class="bare"
        label="Note"
        :aria-label="'Note on ' + task.task.title"
        @click="ask('note')"
      />
      <label class="photo-button">
        Photo
        <input
          type="file"
          accept="image/png,image/jpeg"
          class="visually-hidden"
          :aria-label="'Photo of ' + task.task.title"
          @change="photo"
        />
      </label>
      <Button
        class="bare"
        label="Hours"
        :aria-label="'Hours of ' + task.task.title"
        @click="ask('hours')"
      />
      <Button
        class="bare"
        label="Do again"
        :aria-label="'Do again: ' + task.task.title"
        @click="ask('again')"
      />
      <Button
        v-if="task.task.station === 'SPRAY_CORNER' && over"
        class="bare"
        label="A fault"
        :aria-label="'A fault on ' + task.task.title"
        @click="ask('fault')"
      />
    </div>
    <slot v-if="parcelShown" name="parcel" :opened="finish" />
    <OpenSteps
      v-if="asking === 'open' && task.openBefore.length"
      :build-id="buildId"
      :task="task"
    />
    <form v-if="asking === 'time'" class="asking" @submit.prevent="done">
      <TookFields v-model="took" :planned-minutes="task.task.handsOnMinutes" />
      <Button type="submit" label="Done" :disabled="!answer" />
    </form>
    <HoursList
      v-if="asking === 'hours'"
      :build-id="buildId"
      :task="task"
      :times="times"
      :now="now"
    />
    <form v-if="asking === 'check'" class="asking" @submit.prevent="passed(true)">
      <TextField v-model="words" own label="What the check showed" />
      <TextField v-model="by" own label="Who looked" />
      <TookFields v-if="untimed" v-model="took" :planned-minutes="task.task.handsOnMinutes" />
      <Button type="submit" label="It passed" :disabled="!words.trim() || !by.trim() || !answer" />
      <Button
        type="button"
        class="quiet"
        label="It failed"
        :disabled="!words.trim() || !by.trim()"
        @click="passed(false)"
      />
    </form>
    <FaultForm v-if="asking === 'fault'" :build-id="buildId" :task="task" @done="close" />
    <form
      v-if="asking === 'note' || asking === 'again'"
      class="asking"
      @submit.prevent="asking === 'note' ? note() : again()"
    >
      <TextField v-model="words" own :label="asking === 'note' ? 'Note' : 'Why again'" />
      <Button
        type="submit"
        :label="asking === 'note' ? 'Keep this note' : 'Put it back on the plan'"
        :disabled="!words.trim()"
      />
    </form>
  </article>
</template>

<script lang="ts">
function sentenceOf(what: string): string {
  return what.charAt(0) + what.slice(1).toLowerCase()
}
</script>

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
h2,
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
.note,
.said {
  font-size: 13.5px;
  margin-top: 5px;
}
.photos {
  display: flex;
  gap: 6px;
  margin-top: 6px;
}
.photos img {
  height: 72px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  margin-top: 9px;
  align-items: center;
}
.acts :deep(.p-button),
.photo-button {
  min-height: 44px;
  min-width: 64px;
}
.photo-button {
  display: inline-grid;
  place-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
}
.photo-button:focus-within {
  outline: 2px solid var(--focus);
}
.asking {
  display: grid;
  grid-template-columns: 1fr;
  gap: 8px;
  margin-top: 10px;
  max-width: 480px;
}
</style>
