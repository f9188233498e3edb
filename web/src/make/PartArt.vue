<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Finding, MadePart, Panel, RecipeStep, SheetProduct } from '../api/types'
import DimensionLine from '../ui/DimensionLine.vue'
import { useBuild } from '../store/build'
import MeasureField from '../ui/MeasureField.vue'
import ScaledDrawing from '../ui/ScaledDrawing.vue'
import { placeLabels, room } from '../ui/labels'
import { exact, fixed } from '../units/writing'

/**
 * A part to scale: its true outline, marks, bends, rings where a finding lies. A figure of its recipe
 * can be picked, dragged, moved with arrows, and moved by typing its dimensions.
 */
const props = defineProps<{
  panel: Panel
  part?: MadePart
  sheet?: SheetProduct
  findings: Finding[]
  picked: string | null
}>()
const emit = defineEmits<{ pick: [id: string | null]; move: [id: string, x: number, y: number] }>()
const model = computed(() => props.part?.model ?? null)
const box = computed(() => {
  const drawn = model.value
  return drawn
    ? { x: drawn.xMm, y: drawn.yMm, w: drawn.widthMm, h: drawn.heightMm }
    : { x: 0, y: 0, w: props.panel.widthMm, h: props.panel.heightMm }
})
const rings = computed(() => props.findings.filter((finding) => finding.place))
const steps = computed(() => props.panel.drawing.steps)
const features = computed(() => model.value?.features ?? [])
const step = computed(() => steps.value.find((each) => each.id === props.picked) ?? null)
const titled = (id: string) => steps.value.find((each) => each.id === id)
const builds = useBuild()
const stepProblem = (field: string) =>
  builds.problem(
    'panels',
    props.panel.id,
    `drawing.steps.${steps.value.findIndex((each) => each.id === props.picked)}.${field}`,
  )
const pitch = computed(() => props.part?.figures?.holePitchMm ?? 0)
const plain = computed(() => !props.panel.drawing.bare && !props.panel.drawing.bent)

type Scale = (mm: number) => number
/** Angle and radius below each bend; those of close bends stand under each other. */
function bends(x: Scale, y: Scale) {
  const labels = (model.value?.bends ?? []).map((bend, index) => {
    const text = `${exact(bend.angleDegrees)}° R${exact(bend.insideRadiusMm)}`
    const middle = x(bend.xMm - box.value.x) + 4 + room(text, { x: 0, y: 0 }).width / 2
    const places = [12, 28, 44].map((below) => ({ x: middle, y: y(0) + below }))
    return { key: String(index), text, places }
  })
  const free = { x: -1e4, y: -1e4, width: 2e4, height: 2e4 }
  return placeLabels(labels, free).shown
}

const drag = ref<{ id: string; fromX: number; fromY: number; x: number; y: number } | null>(null)
const held = (id: string) => (drag.value?.id === id ? drag.value : null)
function down(event: PointerEvent, id: string) {
  emit('pick', id)
  const moved = titled(id)
  if (!moved || moved.figure?.kind === undefined) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { id, fromX: event.clientX, fromY: event.clientY, x: 0, y: 0 }
}
function moving(event: PointerEvent, s: (mm: number) => number) {
  if (!drag.value) return
  const scale = s(1)
  drag.value.x = Math.round(((event.clientX - drag.value.fromX) / scale) * 2) / 2
  drag.value.y = -Math.round(((event.clientY - drag.value.fromY) / scale) * 2) / 2
}
function up() {
  const done = drag.value
  drag.value = null
  const moved = done && titled(done.id)
  if (done && moved && (done.x || done.y)) put(moved, moved.xMm + done.x, moved.yMm + done.y)
}
const tidy = (value: number) => Math.round(value * 100) / 100
const put = (moved: RecipeStep, x: number, y: number) => emit('move', moved.id, tidy(x), tidy(y))
function arrow(event: KeyboardEvent, id: string) {
  const moved = titled(id)
  const by = event.shiftKey ? 10 : event.altKey ? 0.1 : 1
  const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
    event.key
  ]
  if (!moved || !way) return
  event.preventDefault()
  put(moved, moved.xMm + way[0] * by, moved.yMm + way[1] * by)
}
const name = (id: string) => {
  if (id.startsWith('joint:')) return 'joint'
  return titled(id)?.name || 'figure'
}
</script>

<template>
  <ScaledDrawing
    group
    :width-mm="box.w"
    :height-mm="box.h"
    :height="386"
    :label="`${panel.name}: ${fixed(box.w, 1)} by ${fixed(box.h, 1)} mm`"
  >
    <template #default="{ x, y, s }">
      <g :transform="`translate(${x(-box.x)} ${y(-box.y)}) scale(${s(1)} ${-s(1)})`">
        <path
          v-if="model"
          :d="model.cut"
          :fill="sheet?.colourHex ?? 'none'"
          class="sheet"
          fill-rule="evenodd"
        />
        <rect
          v-else
          :width="panel.widthMm"
          :height="panel.heightMm"
          :fill="sheet?.colourHex ?? 'none'"
          class="sheet broken"
        />
        <template v-if="model">
          <path :d="model.engraved" class="engraved" fill-rule="evenodd" />
          <path :d="model.lines" class="burnt" />
          <path :d="model.pockets" class="pocket" />
          <template v-for="(bend, index) in model.bends" :key="index">
            <rect
              :x="bend.xMm - model.heatedBandMm / 2"
              :y="box.y"
              :width="model.heatedBandMm"
              :height="box.h"
              class="heated"
            />
            <line :x1="bend.xMm" :x2="bend.xMm" :y1="box.y" :y2="box.y + box.h" class="bend" />
          </template>
        </template>
        <template v-if="part?.bed?.lineMm != null">
          <line
            v-if="part.bed.across"
            :x1="part.bed.lineMm"
            :x2="part.bed.lineMm"
            :y1="box.y"
            :y2="box.y + box.h"
            class="setup"
          />
          <line
            v-else
            :x1="box.x"
            :x2="box.x + box.w"
            :y1="part.bed.lineMm"
            :y2="part.bed.lineMm"
            class="setup"
          />
        </template>
      </g>
      <circle
        v-for="(hole, index) in part?.bed?.registers ?? []"
        :key="'r' + index"
        :cx="x(hole.xMm - box.x)"
        :cy="y(hole.yMm - box.y)"
        :r="Math.max(3, s(hole.diameterMm) / 2)"
        class="register"
      >
        <title>Register hole, outside the part</title>
      </circle>
      <text v-for="bend in bends(x, y)" :key="bend.key" :x="bend.x" :y="bend.y + 4" class="note">
        {{ bend.text }}
      </text>
      <rect
        v-for="feature in features"
        :key="feature.stepId"
        :x="x(feature.xMm - box.x + (held(feature.stepId)?.x ?? 0)) - 3"
        :y="y(feature.yMm - box.y + feature.heightMm + (held(feature.stepId)?.y ?? 0)) - 3"
        :width="s(feature.widthMm) + 6"
        :height="s(feature.heightMm) + 6"
        :class="['feature', { picked: feature.stepId === picked }]"
        tabindex="0"
        role="button"
        :aria-label="`${name(feature.stepId)}, arrows move it`"
        :aria-pressed="feature.stepId === picked"
        @pointerdown="down($event, feature.stepId)"
        @pointermove="moving($event, s)"
        @pointerup="up"
        @keydown="arrow($event, feature.stepId)"
        @keydown.enter="emit('pick', feature.stepId)"
        @focus="emit('pick', feature.stepId)"
      />
      <circle
        v-for="finding in rings"
        :key="finding.key"
        :cx="x(finding.place!.xMm - box.x)"
        :cy="y(finding.place!.yMm - box.y)"
        :r="Math.max(13, Math.min(60, s(finding.place!.radiusMm)))"
        :class="['ring', finding.severity.toLowerCase()]"
      />
      <DimensionLine
        v-if="plain && pitch > 0 && s(pitch) > 56 && panel.holes"
        :x1="x(panel.holes.insetMm)"
        :x2="x(panel.holes.insetMm + pitch)"
        :y1="y(0) + 22"
        :y2="y(0) + 22"
        :text="fixed(pitch, 1)"
      />
      <template v-if="step?.figure">
        <line
          :x1="x(0)"
          :x2="x(step.xMm - box.x)"
          :y1="y(step.yMm - box.y)"
          :y2="y(step.yMm - box.y)"
          class="measure"
        />
        <line
          :x1="x(step.xMm - box.x)"
          :x2="x(step.xMm - box.x)"
          :y1="y(step.yMm - box.y)"
          :y2="y(0)"
          class="measure"
        />
        <foreignObject
          :x="Math.max(2, Math.min(x((step.xMm - box.x) / 2) - 56, x(step.xMm - box.x) - 116))"
          :y="y(step.yMm - box.y) - 17"
          width="112"
          height="36"
        >
          <MeasureField
            class="on-drawing"
            label="Figure from left"
            :problem="stepProblem('xMm')"
            hide-label
            unit="mm"
            :model-value="step.xMm"
            @update:model-value="(value) => value !== null && put(step!, value, step!.yMm)"
          />
        </foreignObject>
        <foreignObject
          :x="x(step.xMm - box.x) + 5"
          :y="y((step.yMm - box.y) / 2) - 17"
          width="112"
          height="36"
        >
          <MeasureField
            class="on-drawing"
            label="Figure from below"
            :problem="stepProblem('yMm')"
            hide-label
            unit="mm"
            :model-value="step.yMm"
            @update:model-value="(value) => value !== null && put(step!, step!.xMm, value)"
          />
        </foreignObject>
      </template>
    </template>
  </ScaledDrawing>
</template>

<style scoped>
.sheet {
  stroke: var(--ink);
  stroke-width: 1.4px;
  vector-effect: non-scaling-stroke;
}
.broken {
  stroke-dasharray: 6 5;
}
.engraved {
  fill: color-mix(in srgb, var(--ink) 45%, transparent);
}
.burnt,
.bend,
.setup,
.measure {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.1px;
  vector-effect: non-scaling-stroke;
}
.bend {
  stroke-dasharray: 10 4 2 4;
}
.heated {
  fill: color-mix(in srgb, var(--glow) 30%, transparent);
}
.setup {
  stroke: var(--madder);
  stroke-width: 2px;
  stroke-dasharray: 14 6;
}
.register {
  fill: var(--ash);
  stroke: var(--madder);
  stroke-width: 1.6px;
}
.pocket {
  fill: color-mix(in srgb, var(--ink) 14%, transparent);
  stroke: var(--ink);
  stroke-width: 1px;
  stroke-dasharray: 3 2;
  vector-effect: non-scaling-stroke;
}
.note {
  font-family: var(--mono);
  font-size: 12px;
  fill: var(--ink);
}
.feature {
  fill: transparent;
  stroke: transparent;
  cursor: move;
  touch-action: none;
}
.feature:focus {
  outline: none;
}
.feature:hover {
  stroke: var(--slate);
  stroke-dasharray: 3 3;
}
.feature.picked {
  stroke: var(--ember);
  stroke-width: 1.6px;
  stroke-dasharray: 5 3;
}
.measure {
  stroke: var(--slate);
}
.on-drawing {
  background: var(--paper);
  border: 1px solid var(--line);
}
.on-drawing :deep(input) {
  height: 30px;
}
.ring {
  fill: none;
  stroke-width: 2.4px;
  pointer-events: none;
}
.stop {
  stroke: var(--madder);
}
.risk {
  stroke: #c9820e;
}
.note {
  stroke: none;
}
text.note {
  text-anchor: middle;
}
circle.note {
  stroke: var(--slate);
}
</style>
