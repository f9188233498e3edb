<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, ref } from 'vue'
import { newId, send } from '../api/client'
import type { PhotoMeasure } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import { newStep, PLAIN_PART } from './figureWords'
import { asPath, boxOf, type Mm } from './photoOutline'
import { fixed, said } from '../units/writing'

/**
 * Distances and outlines measured in a photo, with their uncertainty. The picture stays in the
 * browser; only clicked points are sent.
 */
const builds = useBuild()
const shell = useShell()
const workshop = useWorkshop()
const source = ref('')
const size = ref({ w: 0, h: 0 })
const way = ref<'straight' | 'slant'>('straight')
const WAYS = [
  { value: 'straight', label: 'Straight on: a known length' },
  { value: 'slant', label: 'At a slant: a known rectangle' },
] as const
interface Px {
  xPx: number
  yPx: number
}
const known = ref<Px[]>([])
const points = ref<Px[]>([])
const lengthMm = ref(100)
const widthMm = ref(100)
const heightMm = ref(100)
const clickPx = ref(1.5)
const measured = ref<PhotoMeasure | null>(null)
const problem = ref('')
const input = ref<HTMLInputElement | null>(null)
const wanted = computed(() => (way.value === 'straight' ? 2 : 4))
const next = computed(() => {
  if (known.value.length < wanted.value) {
    return way.value === 'straight'
      ? `Click end ${known.value.length + 1} of the known length.`
      : `Click the ${['lower left', 'lower right', 'upper right', 'upper left'][known.value.length]} corner of the known rectangle.`
  }
  return points.value.length < 2
    ? 'Click what you want to measure, point by point.'
    : 'Click on, or use what is measured.'
})
function choose(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  ;(event.target as HTMLInputElement).value = ''
  if (!file) return
  if (source.value) URL.revokeObjectURL(source.value)
  source.value = URL.createObjectURL(file)
  again()
}
onBeforeUnmount(() => source.value && URL.revokeObjectURL(source.value))
function again() {
  known.value = []
  points.value = []
  measured.value = null
  problem.value = ''
}
function loaded(event: Event) {
  const image = event.target as HTMLImageElement
  size.value = { w: image.naturalWidth, h: image.naturalHeight }
}
function click(event: MouseEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const at = {
    xPx: ((event.clientX - box.left) / box.width) * size.value.w,
    yPx: ((event.clientY - box.top) / box.height) * size.value.h,
  }
  if (known.value.length < wanted.value) known.value = [...known.value, at]
  else points.value = [...points.value, at]
  measure()
}
function back() {
  if (points.value.length) points.value = points.value.slice(0, -1)
  else known.value = known.value.slice(0, -1)
  measure()
}
async function measure() {
  measured.value = null
  if (known.value.length < wanted.value || points.value.length < 2) return
  const reference =
    way.value === 'straight'
      ? { lengths: [{ from: known.value[0], to: known.value[1], lengthMm: lengthMm.value }] }
      : { corners: known.value, widthMm: widthMm.value, heightMm: heightMm.value }
  try {
    measured.value = await send<PhotoMeasure>('POST', '/api/calc/make/photo', {
      reference,
      points: points.value,
      clickErrorPx: clickPx.value,
    })
    problem.value = ''
  } catch (refusal) {
    problem.value = (refusal as Error).message
  }
}
function set(field: 'lengthMm' | 'widthMm' | 'heightMm' | 'clickPx', value: number | null) {
  if (value === null) return
  ;({ lengthMm, widthMm, heightMm, clickPx })[field].value = value
  measure()
}
const panels = computed(() => builds.build!.panels.map((p) => ({ value: p.id, label: p.name })))
const target = ref<string>('')
const goal = computed(
  () => builds.build!.panels.find((p) => p.id === target.value) ?? builds.build!.panels[0],
)
const last = computed(() => measured.value?.distances.at(-1) ?? null)
function into(field: 'widthMm' | 'heightMm') {
  if (!last.value || !goal.value) return
  const value = Math.round(last.value.medianMm * 10) / 10
  builds.edit('panels', goal.value, { [field]: value })
  shell.say(`${goal.value.name}: ${field === 'widthMm' ? 'width' : 'height'} is now ${value} mm.`)
}
function outline() {
  const mm: Mm[] = measured.value?.points ?? []
  const sheetId = workshop.offered('sheets')[0]?.id
  if (mm.length < 3 || !sheetId) return
  const box = boxOf(mm)
  const step = {
    ...newStep(newId(), 'JOIN', 'PATH', 0, 0),
    figure: { kind: 'PATH' as const, path: asPath(mm) },
  }
  builds.add('panels', {
    name: 'From a photo',
    face: 'FRONT',
    sheetId,
    widthMm: Math.max(5, box.w),
    heightMm: Math.max(5, box.h),
    quantity: 1,
    window: null,
    holes: null,
    cutMethod: 'LASER',
    outsidePriceMinor: 0,
    drawing: { ...PLAIN_PART, bare: true, steps: [step] },
  })
  shell.say('A part with this outline lies on Parts.')
}
</script>

<template>
  <div class="row bar">
    <Button class="quiet" size="small" label="Choose a photo" @click="input?.click()" />
    <ChoiceStrip
      :model-value="way"
      label="How it was taken"
      :options="WAYS"
      @update:model-value="(value) => ((way = value), again())"
    />
  </div>
  <input
    ref="input"
    type="file"
    accept="image/jpeg,image/png"
    class="visually-hidden"
    aria-label="Photo to measure in"
    tabindex="-1"
    @change="choose"
  />
  <p v-if="!source" class="soft">
    Take a photo with something of known size in the same plane: a ruler straight on, or a sheet of
    paper at a slant. The picture is not sent or kept. Only what lies in that plane can be measured;
    lens distortion is ignored, so keep away from the corners.
  </p>
  <div v-else class="bench">
    <div class="photo">
      <img :src="source" alt="The photo" @load="loaded" />
      <svg
        v-if="size.w"
        :viewBox="`0 0 ${size.w} ${size.h}`"
        role="img"
        :aria-label="`${known.length + points.length} points`"
        @click="click"
      >
        <polyline
          v-if="known.length > 1"
          :points="
            (way === 'slant' && known.length === 4 ? [...known, known[0]] : known)
              .map((p) => `${p.xPx},${p.yPx}`)
              .join(' ')
          "
          class="known"
        />
        <polyline :points="points.map((p) => `${p.xPx},${p.yPx}`).join(' ')" class="wanted" />
        <circle
          v-for="(point, index) in [...known, ...points]"
          :key="index"
          :cx="point.xPx"
          :cy="point.yPx"
          :r="size.w / 160"
          :class="index < known.length ? 'known' : 'wanted'"
        />
      </svg>
    </div>
    <section class="form">
      <p aria-live="polite">{{ next }}</p>
      <MeasureField
        v-if="way === 'straight'"
        label="Known length"
        own
        unit="mm"
        :model-value="lengthMm"
        @update:model-value="(value) => set('lengthMm', value)"
      />
      <div v-else class="pair">
        <MeasureField
          label="Rectangle wide"
          own
          unit="mm"
          :model-value="widthMm"
          @update:model-value="(value) => set('widthMm', value)"
        />
        <MeasureField
          label="Rectangle high"
          own
          unit="mm"
          :model-value="heightMm"
          @update:model-value="(value) => set('heightMm', value)"
        />
      </div>
      <MeasureField
        label="Click error"
        own
        unit="px"
        hint="standard deviation; 1.5 is a default"
        :model-value="clickPx"
        @update:model-value="(value) => set('clickPx', value)"
      />
      <p class="row">
        <Button class="bare" size="small" label="Take the last point back" @click="back" />
        <Button class="bare" size="small" label="Begin again" @click="again" />
      </p>
      <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
      <table v-if="measured" class="ledger">
        <tbody>
          <tr v-for="(distance, index) in measured.distances" :key="index">
            <td>{{ index + 1 }} to {{ index + 2 }}</td>
            <td class="right mono">
              {{ fixed(distance.medianMm, 1) }} ± {{ fixed(distance.plusMinusMm, 1) }} mm
            </td>
          </tr>
        </tbody>
      </table>
      <template v-if="measured">
        <p class="soft">{{ said(measured.note) }}</p>
        <ChoiceField
          v-if="goal"
          label="Of the last distance make"
          :model-value="goal.id"
          :options="panels"
          @update:model-value="target = $event"
        />
        <p v-if="goal" class="row">
          <Button class="quiet" size="small" label="its width" @click="into('widthMm')" />
          <Button class="quiet" size="small" label="its height" @click="into('heightMm')" />
        </p>
        <Button
          v-if="measured.points.length > 2"
          class="quiet"
          size="small"
          label="Make the points a part"
          @click="outline"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
.bar {
  align-items: center;
  gap: 16px;
  margin-bottom: 10px;
}
.bench {
  display: grid;
  grid-template-columns: 1fr 260px;
  gap: 20px;
}
.photo {
  position: relative;
  align-self: start;
}
img {
  display: block;
  width: 100%;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: crosshair;
}
polyline,
circle {
  fill: none;
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.known {
  stroke: var(--glow);
}
.wanted {
  stroke: #fff;
  paint-order: stroke;
}
circle.wanted {
  fill: var(--ember);
}
.form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
p {
  margin: 2px 0;
}
@media (max-width: 640px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
