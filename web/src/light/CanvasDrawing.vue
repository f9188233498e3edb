<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Canvas, CanvasPicture, ReadOut } from '../api/types'
import MarkArt from '../ui/MarkArt.vue'
import { fixed } from '../units/writing'

/** A canvas to scale: its screens at their places, what lies behind their rims left dark. */
const props = defineProps<{ canvas: Canvas; picture: CanvasPicture; chosen: string }>()
const emit = defineEmits<{ choose: [id: string]; move: [readOut: ReadOut] }>()
const id = useId()
const EDGE = computed(() => Math.max(props.picture.widthMm, props.picture.heightMm) * 0.02)
const foot = computed(() => EDGE.value * 2.6)
const view = computed(() => {
  const { widthMm, heightMm } = props.picture
  const edge = EDGE.value
  return `${-edge} ${-edge} ${widthMm + 2 * edge} ${heightMm + edge + foot.value}`
})
const down = (place: { yMm: number; heightMm: number }) =>
  props.picture.heightMm - place.yMm - place.heightMm
/** Where letters that belong to the drawing stand below it. */
const below = computed(() => props.picture.heightMm + foot.value * 0.75)
/** Widths of the screens, and what lies between them, from left to right. */
const widths = computed(() => {
  const panes = [...props.picture.panes].sort((a, b) => a.place.xMm - b.place.xMm)
  const found: { x: number; words: string; gap: boolean }[] = []
  panes.forEach(({ place }, index) => {
    found.push({ x: place.xMm + place.widthMm / 2, words: fixed(place.widthMm, 1), gap: false })
    const next = panes[index + 1]?.place
    const between = next ? next.xMm - place.xMm - place.widthMm : 0
    if (between > 0.05)
      found.push({ x: next.xMm - between / 2, words: fixed(between, 1), gap: true })
  })
  return found
})
function step(readOut: ReadOut, event: KeyboardEvent) {
  const by = event.shiftKey ? 10 : 1
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-by, 0],
    ArrowRight: [by, 0],
    ArrowUp: [0, by],
    ArrowDown: [0, -by],
  }
  const move = steps[event.key]
  if (!move) return
  event.preventDefault()
  emit('move', { ...readOut, xMm: readOut.xMm + move[0], yMm: readOut.yMm + move[1] })
}
let grabbed: { readOut: ReadOut; x: number; y: number; scale: number } | null = null
function grab(readOut: ReadOut, event: PointerEvent) {
  emit('choose', readOut.id)
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!
  const scale = svg.getScreenCTM()?.a ?? 1
  grabbed = { readOut, x: event.clientX, y: event.clientY, scale }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drop(event: PointerEvent) {
  if (!grabbed) return
  const { readOut, x, y, scale } = grabbed
  grabbed = null
  const right = Math.round((event.clientX - x) / scale)
  const up = Math.round((y - event.clientY) / scale)
  if (right || up) emit('move', { ...readOut, xMm: readOut.xMm + right, yMm: readOut.yMm + up })
}
const named = (readOut: ReadOut) => readOut.words.split('\n')[0] || readOut.kind.toLowerCase()
</script>

<template>
  <svg :viewBox="view" class="canvas" role="group" :aria-label="`Picture ${canvas.name}`">
    <clipPath :id="id">
      <rect
        v-for="pane in picture.panes"
        :key="pane.id"
        :x="pane.place.xMm"
        :y="down(pane.place)"
        :width="pane.place.widthMm"
        :height="pane.place.heightMm"
      />
    </clipPath>
    <rect
      :x="-EDGE / 2"
      :y="-EDGE / 2"
      :width="picture.widthMm + EDGE"
      :height="picture.heightMm + EDGE"
      class="rims"
    />
    <rect
      v-for="pane in picture.panes"
      :key="pane.id"
      :x="pane.place.xMm"
      :y="down(pane.place)"
      :width="pane.place.widthMm"
      :height="pane.place.heightMm"
      :fill="picture.groundHex"
      :class="{ guessed: !pane.measured || !pane.placed }"
    />
    <g :clip-path="picture.panes.length ? `url(#${id})` : undefined">
      <MarkArt :marks="picture.marks" />
    </g>
    <g
      v-for="readOut in canvas.readOuts"
      :key="readOut.id"
      tabindex="0"
      role="button"
      class="box"
      :class="{ chosen: readOut.id === chosen }"
      :aria-label="`${named(readOut)}, arrow keys move it`"
      :aria-pressed="readOut.id === chosen"
      @pointerdown="grab(readOut, $event)"
      @pointerup="drop"
      @pointercancel="drop"
      @focus="emit('choose', readOut.id)"
      @keydown="step(readOut, $event)"
    >
      <rect
        :x="readOut.xMm"
        :y="down(readOut)"
        :width="readOut.widthMm"
        :height="readOut.heightMm"
        :stroke-width="EDGE / 8"
      />
    </g>
    <text
      v-for="width in widths"
      :key="width.x"
      :x="width.x"
      :y="below"
      :font-size="foot * 0.38"
      text-anchor="middle"
      class="width"
      :class="{ gap: width.gap }"
    >
      {{ width.words }}
    </text>
  </svg>
</template>

<style scoped>
.canvas {
  display: block;
  width: 100%;
  max-height: 360px;
  background: var(--paper);
  border: 1px solid var(--line);
}
.rims {
  fill: #3a342f;
}
.guessed {
  stroke: var(--amber, #c77700);
  stroke-dasharray: 3 2;
  stroke-width: 0.6;
}
.box rect {
  fill: transparent;
  stroke: transparent;
  cursor: move;
}
.box:hover rect {
  stroke: #b59b6a;
}
.box.chosen rect {
  stroke: var(--ember);
}
.box:focus-visible {
  outline: none;
}
.box:focus-visible rect {
  stroke: var(--focus);
}
.width {
  font-family: var(--mono);
  fill: var(--ink);
}
.gap {
  fill: var(--ember);
}
</style>
