<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ElevationItem, FaceView, Finding } from '../api/types'
import DimensionLine from '../ui/DimensionLine.vue'
import SignMark from '../ui/SignMark.vue'
import { useWidth } from '../ui/useWidth'
import FaceArt from './FaceArt.vue'
import FaceDimensions from './FaceDimensions.vue'
import { kindWords, measures } from './faceWords'
import { sharedEdges } from './sharedEdges'
import { gridOf, snap, type SnapLine } from './snap'
import { exact, fixed, said } from '../units/writing'

/**
 * One face, large and to scale. Things are moved by dragging (they click to edges, centres, equal
 * gaps and edges on other faces; Alt lets them go free) and by arrow keys: 1 mm, with Shift 10 mm.
 */
const props = defineProps<{
  view: FaceView
  all: FaceView[]
  dusk: boolean
  picked: string | null
  findings: Finding[]
  height: number
}>()
const emit = defineEmits<{
  pick: [id: string | null]
  drag: [drawn: ElevationItem, to: { xMm: number; yMm: number }]
  drop: [drawn: ElevationItem, to: { xMm: number; yMm: number }]
}>()
const MARGIN = { left: 74, top: 34, right: 62, bottom: 58 }
const SNAP_PX = 6
const { width } = useWidth('sized', 560)
const face = computed(() => props.view.elevation)
const scale = computed(() =>
  Math.max(
    0.05,
    Math.min(
      (width.value - MARGIN.left - MARGIN.right) / face.value.widthMm,
      (props.height - MARGIN.top - MARGIN.bottom) / face.value.heightMm,
    ),
  ),
)
const s = (mm: number) => mm * scale.value
const x = (mm: number) => MARGIN.left + s(mm)
const y = (mm: number) => MARGIN.top + s(face.value.heightMm - mm)

const things = computed(() => face.value.items)
const chosen = computed(() => things.value.find((drawn) => drawn.id === props.picked) ?? null)
const guides = ref<{ across: SnapLine | null; up: SnapLine | null }>({ across: null, up: null })
let dragged: {
  drawn: ElevationItem
  start: ElevationItem['place']
  fromX: number
  fromY: number
  moved: boolean
} | null = null
let last: { xMm: number; yMm: number } | null = null

/** Film and other touches belong to their part: they are moved on Finish. */
const grips = computed(() => things.value.filter((drawn) => !/^(touch|lit):/.test(drawn.id)))
function grab(event: PointerEvent, drawn: ElevationItem) {
  emit('pick', drawn.id)
  dragged = {
    drawn,
    start: { ...drawn.place },
    fromX: event.clientX,
    fromY: event.clientY,
    moved: false,
  }
  ;(event.target as Element).setPointerCapture(event.pointerId)
}
function pull(event: PointerEvent) {
  if (!dragged) return
  const dx = event.clientX - dragged.fromX
  const dy = event.clientY - dragged.fromY
  if (!dragged.moved && Math.hypot(dx, dy) < 3) return
  dragged.moved = true
  const { start } = dragged
  const free = {
    ...start,
    xMm: start.xMm + dx / scale.value,
    yMm: start.yMm - dy / scale.value,
  }
  last = event.altKey ? free : clicked(dragged.drawn, free)
  emit('drag', dragged.drawn, last)
}
function clicked(drawn: ElevationItem, free: ElevationItem['place']) {
  const others = things.value
    .filter((other) => other.id !== drawn.id && !sameThing(other, drawn))
    .map((other) => other.place)
  const grid = gridOf(face.value, others)
  const shared = sharedEdges(
    face.value,
    props.all.map((each) => each.elevation),
  )
  grid.across.push(...shared.across)
  grid.up.push(...shared.up)
  const snapped = snap(free, face.value, others, grid, SNAP_PX / scale.value)
  guides.value = snapped
  return snapped
}
/** A part and its own opening. */
const sameThing = (one: ElevationItem, other: ElevationItem) =>
  !!one.of && one.of.id === other.of?.id && one.of.kind === other.of.kind
function release() {
  if (dragged?.moved && last) emit('drop', dragged.drawn, last)
  dragged = null
  last = null
  guides.value = { across: null, up: null }
}
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function nudge(event: KeyboardEvent, drawn: ElevationItem) {
  const step = STEPS[event.key]
  if (event.key === 'Enter' || event.key === ' ') {
    emit('pick', drawn.id)
    event.preventDefault()
  } else if (step && !event.ctrlKey && !event.altKey) {
    event.preventDefault()
    const by = event.shiftKey ? 10 : 1
    emit('pick', drawn.id)
    emit('drop', drawn, {
      xMm: drawn.place.xMm + step[0] * by,
      yMm: drawn.place.yMm + step[1] * by,
    })
  }
}

const mine = computed(() =>
  props.findings.filter(
    (finding) => finding.place && things.value.some((drawn) => drawn.id === finding.thingId),
  ),
)
const told = computed(
  () => mine.value.find((finding) => finding.thingId === props.picked) ?? mine.value[0] ?? null,
)
const toldSign = computed(
  () => (told.value?.severity.toLowerCase() ?? 'note') as 'stop' | 'risk' | 'note',
)
/** Large enough to find, small enough to leave the thing to be seen. */
const ringPx = (finding: Finding) => Math.min(Math.max(13, s(finding.place!.radiusMm)), 38)
/** The told finding stands beside the face, with a line to its place, where there is room. */
const callout = computed(() => {
  const place = told.value?.place
  const left = x(face.value.widthMm) + (chosen.value ? 62 : 34)
  const room = width.value - left
  if (!place || room < 110) return null
  const top = Math.min(props.height - 120, Math.max(MARGIN.top, y(place.yMm) + 50))
  const angle = Math.atan2(top + 14 - y(place.yMm), left - x(place.xMm))
  const r = ringPx(told.value!)
  return {
    left,
    top,
    room: Math.min(room, 220),
    fromX: x(place.xMm) + r * Math.cos(angle),
    fromY: y(place.yMm) + r * Math.sin(angle),
  }
})
</script>

<template>
  <div ref="sized" class="canvas">
    <svg
      :width="width"
      :height="height"
      role="group"
      :aria-label="`${face.face.toLowerCase()} face, ${exact(face.widthMm)} by ${exact(face.heightMm)} mm, ${things.length} things`"
      @pointermove="pull"
      @pointerup="release"
      @pointercancel="release"
      @pointerdown.self="emit('pick', null)"
    >
      <g :transform="`translate(${MARGIN.left} ${MARGIN.top}) scale(${scale})`">
        <FaceArt :view="view" :dusk="dusk" />
      </g>
      <rect
        :x="x(0)"
        :y="y(face.heightMm)"
        :width="s(face.widthMm)"
        :height="s(face.heightMm)"
        class="outline"
      />
      <rect
        v-for="drawn in grips"
        :key="drawn.id"
        :x="x(drawn.place.xMm)"
        :y="y(drawn.place.yMm + drawn.place.heightMm)"
        :width="s(drawn.place.widthMm)"
        :height="s(drawn.place.heightMm)"
        class="grip"
        :class="{ chosen: drawn.id === picked }"
        tabindex="0"
        role="button"
        :aria-label="`${drawn.name}, ${kindWords(drawn.kind)}, ${measures(drawn)} mm`"
        :aria-pressed="drawn.id === picked"
        :data-thing="drawn.id"
        @pointerdown="(event) => grab(event, drawn)"
        @keydown="(event) => nudge(event, drawn)"
      />
      <g class="guides" aria-hidden="true">
        <template v-if="guides.across">
          <line
            :x1="x(guides.across.atMm)"
            :y1="y(face.heightMm) - 8"
            :x2="x(guides.across.atMm)"
            :y2="y(0) + 8"
          />
          <text :x="x(guides.across.atMm) + 4" :y="y(face.heightMm) + 12">
            {{ guides.across.words }}
          </text>
        </template>
        <template v-if="guides.up">
          <line
            :x1="x(0) - 8"
            :y1="y(guides.up.atMm)"
            :x2="x(face.widthMm) + 8"
            :y2="y(guides.up.atMm)"
          />
          <text :x="x(0) + 4" :y="y(guides.up.atMm) - 4">{{ guides.up.words }}</text>
        </template>
      </g>
      <g v-for="finding in mine" :key="finding.key" aria-hidden="true">
        <circle
          :cx="x(finding.place!.xMm)"
          :cy="y(finding.place!.yMm)"
          :r="ringPx(finding)"
          :class="['ring', finding.severity.toLowerCase(), { told: finding === told }]"
        />
      </g>
      <line
        v-if="callout"
        :x1="callout.fromX"
        :y1="callout.fromY"
        :x2="callout.left"
        :y2="callout.top + 14"
        :class="['ring', told!.severity.toLowerCase()]"
      />
      <DimensionLine
        :x1="x(0)"
        :y1="18"
        :x2="x(face.widthMm)"
        :y2="18"
        :text="fixed(face.widthMm, 1)"
      />
      <DimensionLine
        :x1="34"
        :y1="y(face.heightMm)"
        :x2="34"
        :y2="y(0)"
        :text="fixed(face.heightMm, 1)"
      />
      <FaceDimensions :face="face" :chosen="chosen" :x="x" :y="y" />
    </svg>
    <p
      v-if="callout"
      class="callout"
      aria-hidden="true"
      :style="{ left: callout.left + 'px', top: callout.top + 'px', width: callout.room + 'px' }"
    >
      <SignMark :kind="toldSign" />
      <strong>{{ said(told!.title) }}</strong>
    </p>
  </div>
</template>

<style scoped>
.canvas {
  position: relative;
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
  touch-action: none;
  user-select: none;
}
.outline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
  pointer-events: none;
}
.grip {
  fill: transparent;
  stroke: transparent;
  cursor: move;
}
.grip:hover {
  stroke: var(--rope);
  stroke-dasharray: 4 3;
}
.grip.chosen {
  stroke: var(--ember);
  stroke-width: 1.6;
}
.grip:focus-visible {
  outline: none;
  stroke: var(--focus);
  stroke-width: 2.5;
}
.callout {
  position: absolute;
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin: 0;
  padding: 6px 9px;
  background: var(--paper);
  font-size: 12.5px;
  pointer-events: none;
}
.guides line {
  stroke: var(--ember);
  stroke-width: 1;
  stroke-dasharray: 5 3;
}
.guides text {
  font-family: var(--mono);
  font-size: 11px;
  fill: var(--ember);
  paint-order: stroke;
  stroke: var(--ash);
  stroke-width: 4px;
}
.ring {
  fill: none;
  stroke-width: 1.4;
  pointer-events: none;
}
.ring.told {
  stroke-width: 2.4;
}
.stop {
  stroke: var(--madder);
}
.risk {
  stroke: #c9820e;
}
.note {
  stroke: var(--slate);
  stroke-dasharray: 3 3;
}
</style>
