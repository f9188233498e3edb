<script setup lang="ts">
import { computed, ref } from 'vue'
import type { LayoutResult, LaidPart, SheetProduct } from '../api/types'
import { useLaser } from './useLaser'
import { placeLabels, placesAround } from '../ui/labels'
import ScaledDrawing from '../ui/ScaledDrawing.vue'

/** A sheet with its pieces to scale. A piece that waits can be picked, dragged and moved by keys. */
const props = defineProps<{ laid: LayoutResult; sheet: SheetProduct; picked: number | null }>()
const emit = defineEmits<{ pick: [index: number]; move: [index: number, x: number, y: number] }>()
const laser = useLaser()
const under = computed(() =>
  laser.view?.layoutId === props.laid.layout.id && laser.view.state === 'RUNNING'
    ? laser.view.piece
    : -1,
)
const live = (index: number) =>
  laser.view?.layoutId === props.laid.layout.id && !laser.view.recorded
    ? laser.view.pieces[String(index)]
    : undefined
const state = (piece: LaidPart, index: number) => (live(index) ?? piece.piece.state).toLowerCase()
const drag = ref<{ index: number; fromX: number; fromY: number; x: number; y: number } | null>(null)
const movable = (piece: LaidPart) =>
  props.laid.layout.state === 'PLANNED' && piece.piece.state === 'PLANNED'
function down(event: PointerEvent, index: number) {
  emit('pick', index)
  if (!movable(props.laid.pieces[index])) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { index, fromX: event.clientX, fromY: event.clientY, x: 0, y: 0 }
}
function moving(event: PointerEvent, s: (mm: number) => number) {
  if (!drag.value) return
  drag.value.x = (event.clientX - drag.value.fromX) / s(1)
  drag.value.y = -(event.clientY - drag.value.fromY) / s(1)
}
const tidy = (value: number) => Math.round(value * 10) / 10
function up() {
  const done = drag.value
  drag.value = null
  if (!done || (Math.abs(done.x) < 0.3 && Math.abs(done.y) < 0.3)) return
  const piece = props.laid.layout.pieces[done.index]
  emit('move', done.index, tidy(piece.xMm + done.x), tidy(piece.yMm + done.y))
}
function arrow(event: KeyboardEvent, index: number) {
  const by = event.shiftKey ? 10 : 1
  const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
    event.key
  ]
  if (!way || !movable(props.laid.pieces[index])) return
  event.preventDefault()
  const piece = props.laid.layout.pieces[index]
  emit('move', index, tidy(piece.xMm + way[0] * by), tidy(piece.yMm + way[1] * by))
}
const shift = (index: number) =>
  drag.value?.index === index ? `translate(${drag.value.x} ${drag.value.y})` : undefined
type To = (mm: number) => number
const MARKS: Record<string, string> = { done: ' ✓', failed: ' ✕' }
/** The numbers of the list beside it, and what became of each. */
function labels(x: To, y: To, s: To) {
  const each = props.laid.pieces.map((piece, index) => {
    const pinned = piece.piece.pinned ? '•' : ''
    const text = `${index + 1}${pinned}${MARKS[state(piece, index)] ?? ''}`
    const of = {
      x: x(piece.xMm),
      y: y(piece.yMm + piece.heightMm),
      width: s(piece.widthMm),
      height: s(piece.heightMm),
    }
    return { key: String(index), text, places: placesAround(of, text) }
  })
  const { widthMm, heightMm } = props.laid
  const sheet = { x: x(0), y: y(heightMm), width: s(widthMm), height: s(heightMm) }
  return placeLabels(each, sheet).shown
}
</script>

<template>
  <ScaledDrawing
    group
    :width-mm="laid.widthMm"
    :height-mm="laid.heightMm"
    :height="Math.min(400, 90 + laid.heightMm)"
    :label="`${laid.layout.name}: ${laid.pieces.length} pieces`"
  >
    <template #default="{ x, y, s }">
      <g :transform="`translate(${x(0)} ${y(0)}) scale(${s(1)} ${-s(1)})`">
        <path :d="laid.blank" class="blank" :fill="sheet.colourHex" fill-rule="evenodd" />
        <g
          v-for="(piece, index) in laid.pieces"
          :key="piece.piece.panelId + piece.piece.number"
          :transform="shift(index)"
        >
          <path
            :d="piece.path"
            :class="[
              'piece',
              state(piece, index),
              {
                picked: picked === index,
                bad: piece.collides || piece.stale,
                under: under === index,
              },
            ]"
            fill-rule="evenodd"
            tabindex="0"
            role="button"
            :aria-label="`${piece.title}, ${state(piece, index)}${piece.piece.pinned ? ', pinned' : ''}`"
            :aria-pressed="picked === index"
            @pointerdown="down($event, index)"
            @pointermove="moving($event, s)"
            @pointerup="up"
            @keydown="arrow($event, index)"
            @focus="emit('pick', index)"
          />
          <path :d="piece.engraved" class="engraved" fill-rule="evenodd" />
        </g>
      </g>
      <g class="label">
        <text v-for="label in labels(x, y, s)" :key="label.key" :x="label.x" :y="label.y + 4">
          {{ label.text }}
        </text>
      </g>
    </template>
  </ScaledDrawing>
</template>

<style scoped>
.blank {
  stroke: var(--smoke);
  stroke-width: 1.2px;
  vector-effect: non-scaling-stroke;
  fill-opacity: 0.35;
}
.piece {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.3px;
  vector-effect: non-scaling-stroke;
  cursor: move;
  touch-action: none;
}
.piece.done {
  fill: color-mix(in srgb, var(--verdigris) 26%, var(--paper));
  cursor: default;
}
.piece.failed {
  fill: color-mix(in srgb, var(--madder) 22%, var(--paper));
  stroke-dasharray: 5 4;
}
.piece.picked {
  stroke-width: 3px;
}
.piece.bad {
  stroke: var(--madder);
  stroke-width: 2.4px;
}
.piece.under {
  stroke: var(--ember);
  stroke-width: 3px;
}
.engraved {
  fill: color-mix(in srgb, var(--ink) 40%, transparent);
  pointer-events: none;
}
.label text {
  font-family: var(--mono);
  font-size: 12px;
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
  pointer-events: none;
}
</style>
