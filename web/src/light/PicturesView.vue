<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { get, newId } from '../api/client'
import type { Canvas, CanvasPicture, FeedState, ReadOut } from '../api/types'
import { useBuild } from '../store/build'
import { useDraft } from '../store/draft'
import { useLive } from '../store/live'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import ManyOf from '../ui/ManyOf.vue'
import ThingFields from '../ui/ThingFields.vue'
import WhyButton from '../ui/WhyButton.vue'
import { fixed } from '../units/writing'
import CanvasDrawing from './CanvasDrawing.vue'
import MachineStrip from './MachineStrip.vue'
import PaneList from './PaneList.vue'
import ReadOutFields from './ReadOutFields.vue'
import ScreenLinks from './ScreenLinks.vue'
import { KINDS, kindWords, newReadOut, readWords } from './pictureWords'

/** What the screens say: pictures over one or more of them, their read-outs, their own pages. */
const builds = useBuild()
const live = useLive()
const build = computed(() => builds.build!)
const canvases = computed(() => build.value.canvases)
const chosen = useDraft<string>(`canvas:${builds.id}`, '')
const canvas = computed(
  () => canvases.value.find(({ id }) => id === chosen.value) ?? canvases.value[0] ?? null,
)
const shown = computed({
  get: () => canvas.value?.id ?? '',
  set: (id: string) => (chosen.value = id),
})
const choices = computed(() => canvases.value.map(({ id, name }) => ({ value: id, label: name })))
const model = computed(() => builds.view!.glow.canvases.find(({ id }) => id === canvas.value?.id))
/** A picture that was added last is the one that is laid out. */
watch(
  () => canvases.value.length,
  (now, before) => {
    if (now > before) chosen.value = canvases.value[now - 1].id
  },
)
const picked = ref('')
const readOut = computed(() => canvas.value?.readOuts.find(({ id }) => id === picked.value) ?? null)
const seenOf = (id: string) => model.value?.readOuts.find((each) => each.id === id)

/** By the feed, where one runs or ran; else with values made up. */
const now = ref<CanvasPicture | null>(null)
const feed = ref<FeedState | null>(null)
const asFed = ref(false)
const base = computed(() => `/api/builds/${encodeURIComponent(builds.id)}/light`)
async function look() {
  feed.value = await get<FeedState>(`${base.value}/feed`).catch(() => feed.value)
}
async function lookNow() {
  if (!asFed.value || !canvas.value || document.hidden) return
  now.value = await get<CanvasPicture>(
    `${base.value}/canvases/${encodeURIComponent(canvas.value.id)}/now`,
  ).catch(() => now.value)
}
async function spoke() {
  const ran = feed.value?.running
  if (!ran) await look()
  if (feed.value?.running && !ran) asFed.value = true
  await lookNow()
}
/** What was just started is what one wants to see. */
function stands(now: FeedState) {
  feed.value = now
  if (now.running) asFed.value = true
}
onBeforeUnmount(live.on(`feed/${builds.id}`, () => void spoke()))
void look()
watch([asFed, () => canvas.value?.id, model], () => {
  now.value = null
  void lookNow()
})
const picture = computed(() => (asFed.value ? now.value : null) ?? model.value?.picture)
const names = computed(() => {
  const machine = ['processor', 'graphics', 'memory'].map((each) => `${each}.percent`)
  const warm = ['processor', 'graphics', 'coolant', 'room'].map((each) => `${each}.celsius`)
  const more = ['fans.rpm', 'machine.watts', 'frames.perSecond']
  return [...new Set([...machine, ...warm, ...more, ...(feed.value?.names ?? [])])]
})

const options = computed(() => [
  ...build.value.screens.map(({ id, name }) => ({ value: id, label: name })),
  ...build.value.components
    .filter(({ display }) => display)
    .map(({ id, name }) => ({ value: id, label: name })),
])
function putPanes(ids: readonly string[]) {
  const own = canvas.value!.panes.filter(({ name }) => name)
  const kept = ids.map(
    (id) => canvas.value!.panes.find((each) => each.id === id) ?? { id, name: '' },
  )
  edit({ panes: [...kept, ...own] })
}
const edit = (change: Partial<Canvas>) => builds.edit('canvases', canvas.value!, change)
function add(kind: ReadOut['kind']) {
  const screens = (model.value?.picture.panes ?? []).map(({ place }) => place)
  const made = newReadOut(newId(), kind, screens, canvas.value!)
  picked.value = made.id
  edit({ readOuts: [...canvas.value!.readOuts, made] })
}
function move(moved: ReadOut) {
  edit({
    readOuts: canvas.value!.readOuts.map((each) => (each.id === moved.id ? moved : each)),
  })
}
const head = computed(() => [
  'name',
  { field: 'groundHex', label: 'Ground', instead: model.value?.picture.groundHex },
  { field: 'distanceMm', label: 'Looked at from', optional: true, hint: 'empty: 1,200 mm' },
])
const VALUES = [
  { value: false, label: 'values made up' },
  { value: true, label: 'by the feed' },
]
const firstLine = (text: string) => text.split('\n')[0]
const named = (each: ReadOut) =>
  firstLine(each.words) ||
  (each.kind === 'TABLE_LINE'
    ? `number ${each.nth} from now`
    : each.source || firstLine(each.table))
const wellRead = (id: string) =>
  readWords(seenOf(id), (model.value?.picture.panes ?? []).length > 0)
</script>

<template>
  <div v-if="canvas && model" class="sides">
    <div>
      <div class="row choose">
        <ChoiceStrip v-model="shown" label="Picture" :options="choices" />
        <span class="grow" />
        <ChoiceStrip v-if="feed" v-model="asFed" label="Values" :options="VALUES" />
      </div>
      <CanvasDrawing
        v-if="picture"
        :canvas="canvas"
        :picture="picture"
        :chosen="picked"
        @choose="picked = $event"
        @move="move"
      />
      <p class="soft cut">
        <span class="mono"
          >{{ fixed(model.picture.widthMm, 1) }} × {{ fixed(model.picture.heightMm, 1) }} mm</span
        >
        <template v-for="(pane, index) in model.picture.panes" :key="pane.id">
          · {{ pane.name }}
          <span class="mono"
            >{{ fixed(model.cuts[index].leftPercent, 1) }} to
            {{ fixed(model.cuts[index].rightPercent, 1) }} %</span
          >
        </template>
        <WhyButton :why="model.why" :of="`Cut of ${canvas.name}`" />
      </p>
      <ManyOf
        v-if="options.length"
        legend="Shown on"
        :options="options"
        :model-value="canvas.panes.filter(({ name }) => !name).map(({ id }) => id)"
        @update:model-value="putPanes"
      />
      <PaneList :canvas="canvas" :model="model" />
      <div class="head">
        <ThingFields kind="canvases" :thing="canvas" :fields="head" />
      </div>
      <Button
        class="bare"
        size="small"
        :label="`Remove picture ${canvas.name}`"
        @click="builds.remove('canvases', canvas.id)"
      />
    </div>
    <div>
      <h3>Read-outs</h3>
      <ul class="list">
        <li v-for="each in canvas.readOuts" :key="each.id" :class="{ chosen: each.id === picked }">
          <button
            type="button"
            :aria-expanded="each.id === picked"
            @click="picked = picked === each.id ? '' : each.id"
          >
            <strong>{{ kindWords(each.kind) }}</strong>
            <span>{{ named(each) }}</span>
            <span class="mono read" :class="{ bad: seenOf(each.id)?.readable === false }">{{
              wellRead(each.id)
            }}</span>
          </button>
          <ReadOutFields
            v-if="each.id === picked && readOut"
            :canvas="canvas"
            :read-out="each"
            :names="names"
          />
        </li>
      </ul>
      <p v-if="!canvas.readOuts.length" class="soft">It shows nothing yet.</p>
      <Select
        :key="canvas.readOuts.length"
        class="adds"
        :model-value="null"
        :options="KINDS"
        option-label="label"
        option-value="value"
        placeholder="Add a read-out …"
        aria-label="Add a read-out"
        @update:model-value="(kind: ReadOut['kind']) => kind && add(kind)"
      />
      <MachineStrip :feed="feed" @stands="stands" />
      <ScreenLinks :canvas="canvas" :panes="model.picture.panes" />
    </div>
  </div>
  <p v-else class="soft first">
    No picture yet, so every screen shows its maker’s mark or an empty desktop. A picture lies in mm
    over one screen or several, with their rims cut out; its read-outs show values, curves, the
    clock, a timetable, in the colours of the theme. Begin with “Add a picture”.
  </p>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 22px;
}
.choose {
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
  margin-bottom: 6px;
}
.cut {
  font-size: 12.5px;
  margin: 4px 0 8px;
}
.head {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(136px, 1fr));
  gap: 8px 12px;
  align-items: start;
  margin: 10px 0 4px;
}
.list {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
.list li {
  border-top: 1px solid var(--line);
}
.list li.chosen {
  border-left: 3px solid var(--ember);
  padding-left: 8px;
}
.list button {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 10px;
  width: 100%;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 6px 0;
  min-height: 36px;
  cursor: pointer;
}
.read {
  grid-column: 1 / -1;
  font-size: 12.5px;
}
.adds {
  width: 100%;
  max-width: 260px;
  margin-bottom: 14px;
}
.first {
  max-width: 62ch;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
