<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { CardDrawing, TaskModel, TimeEntry } from '../api/types'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import TextField from '../ui/TextField.vue'
import FaultForm from './FaultForm.vue'
import HoursList from './HoursList.vue'
import OpenSteps from './OpenSteps.vue'
import OtherwiseForm from './OtherwiseForm.vue'
import PhotoButton from './PhotoButton.vue'
import SnagForm from './SnagForm.vue'
import TookFields, { tookAnswer, type Took } from './TookFields.vue'

/** What can be done with a step: done, clock, fault, photo, note; a check asks for its result. */
const props = defineProps<{
  buildId: string
  task: TaskModel
  now: string
  times: TimeEntry[]
  /** Lines of orders in the parcel that it opens. */
  orderIds?: string[]
  /** What it is about, where that is drawn. */
  drawing?: CardDrawing | null
}>()
const clock = useClock()
const session = useSession()
const builds = useBuild()
type Asking =
  | ''
  | 'parcel'
  | 'open'
  | 'time'
  | 'check'
  | 'again'
  | 'note'
  | 'fault'
  | 'snag'
  | 'hours'
  | 'otherwise'
const draft = `card:${props.buildId}:${props.task.task.key}:`
const asking = useDraft<Asking>(draft + 'asking', '')
const words = useDraft(draft + 'words', '')
const by = useDraft(draft + 'by', '')
const key = computed(() => props.task.task.key)
const title = computed(() => props.task.task.title)
const running = computed(() => !!clock.runsSince(props.buildId, props.task))
const over = computed(() => ['DONE', 'WAITING'].includes(props.task.state))
const sprayed = computed(() => props.task.task.station === 'SPRAY_CORNER')

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
async function finish() {
  wanted.value = 'finish'
  await clock.known()
  if (props.task.openBefore.length) ask('open')
  else if (props.task.task.gate) ask('check')
  else if (untimed.value) ask('time')
  else quietly(clock.mark(props.buildId, key.value, title.value, 'DONE'))
}
const done = () =>
  quietly(clock.mark(props.buildId, key.value, title.value, 'DONE', answer.value ?? {}))
const passed = (ok: boolean) =>
  quietly(
    clock.mark(props.buildId, key.value, title.value, ok ? 'PASSED' : 'FAILED', {
      note: words.value,
      by: by.value,
      ...(ok ? answer.value : {}),
    }),
  )
const again = () =>
  quietly(clock.mark(props.buildId, key.value, title.value, 'AGAIN', { note: words.value }))
/** What is asked for in words, and the button that keeps it. */
const WORDS: Partial<Record<Asking, { ask: string; keep: string }>> = {
  check: { ask: 'What the check showed', keep: 'It passed' },
  note: { ask: 'Note', keep: 'Keep this note' },
  again: { ask: 'Why again', keep: 'Put it back on the plan' },
}
function sayWords() {
  if (asking.value === 'check') passed(true)
  else if (asking.value === 'note') note()
  else again()
}
const note = () => quietly(clock.note(props.buildId, key.value, words.value))
const TWICE_MS = 700
let toggled = 0
/** Two presses in one go are a shaky hand: a clock that stops as it starts says nothing. */
function press() {
  const now = Date.now()
  if (now - toggled > TWICE_MS) toggle()
  toggled = now
}
function toggle() {
  const coat = !props.task.task.gate && props.task.openBefore.length > 0
  wanted.value = 'start'
  if (!running.value && coat) ask('open')
  else quietly(running.value ? clock.stop() : clock.start(props.buildId, key.value, title.value))
}
</script>

<template>
  <div class="acts">
    <template v-if="!over">
      <Button
        v-if="task.task.gate"
        label="Record the check"
        :aria-label="'Record the check: ' + title"
        @click="finish"
      />
      <Button
        v-else-if="orderIds?.length"
        :label="parcelShown ? 'Close it' : 'Open it'"
        :aria-expanded="parcelShown"
        :aria-label="(parcelShown ? 'Close: ' : 'Open: ') + title"
        @click="openParcel"
      />
      <Button v-else label="Done" :aria-label="'Done: ' + title" @click="finish" />
      <Button
        class="quiet"
        :label="running ? 'Stop the clock' : 'Start the clock'"
        :aria-label="`${running ? 'Stop the clock' : 'Start the clock'}: ${title}`"
        @click="press"
      />
    </template>
    <Button
      v-if="sprayed && (over || running)"
      class="bare"
      label="A fault"
      :aria-label="'A fault on ' + title"
      @click="ask('fault')"
    />
    <PhotoButton :build-id="buildId" :task-key="key" :caption="title" />
    <Button class="bare" label="Snag" :aria-label="'A snag at ' + title" @click="ask('snag')" />
    <Button class="bare" label="Note" :aria-label="'Note on ' + title" @click="ask('note')" />
    <Button
      v-if="!over && !task.task.gate && !orderIds?.length"
      class="bare"
      label="Done otherwise"
      :aria-label="'Done otherwise: ' + title"
      @click="ask('otherwise')"
    />
    <Button class="bare" label="Hours" :aria-label="'Hours of ' + title" @click="ask('hours')" />
    <Button
      v-if="over || task.log.verdict"
      class="bare"
      label="Do again"
      :aria-label="'Do again: ' + title"
      @click="ask('again')"
    />
  </div>
  <slot v-if="parcelShown" name="parcel" :opened="finish" />
  <OpenSteps v-if="asking === 'open' && task.openBefore.length" :build-id="buildId" :task="task" />
  <form v-if="asking === 'time'" class="asking" @submit.prevent="done">
    <TookFields v-model="took" :planned-minutes="task.task.handsOnMinutes" />
    <Button type="submit" label="Done" :disabled="!answer" />
  </form>
  <OtherwiseForm
    v-if="asking === 'otherwise'"
    :build-id="buildId"
    :task="task"
    :untimed="untimed"
    @done="close"
  />
  <HoursList v-if="asking === 'hours'" :build-id="buildId" :task="task" :times="times" :now="now" />
  <FaultForm v-if="asking === 'fault'" :build-id="buildId" :task="task" @done="close" />
  <SnagForm
    v-if="asking === 'snag'"
    :build-id="buildId"
    :task-key="key"
    :drawing="drawing"
    @done="close"
  />
  <form v-if="WORDS[asking]" class="asking" @submit.prevent="sayWords">
    <TextField v-model="words" own :label="WORDS[asking]!.ask" />
    <template v-if="asking === 'check'">
      <TextField v-model="by" own label="Who looked" />
      <TookFields v-if="untimed" v-model="took" :planned-minutes="task.task.handsOnMinutes" />
    </template>
    <Button
      type="submit"
      :label="WORDS[asking]!.keep"
      :disabled="!words.trim() || (asking === 'check' && (!by.trim() || !answer))"
    />
    <Button
      v-if="asking === 'check'"
      type="button"
      class="quiet"
      label="It failed"
      :disabled="!words.trim() || !by.trim()"
      @click="passed(false)"
    />
  </form>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 9px;
  align-items: center;
}
.acts :deep(.p-button) {
  min-height: 44px;
  min-width: 64px;
}
.asking {
  display: grid;
  grid-template-columns: 1fr;
  gap: 8px;
  margin-top: 10px;
  max-width: 480px;
}
</style>
