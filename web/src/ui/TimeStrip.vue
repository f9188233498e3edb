<script setup lang="ts">
import { computed } from 'vue'
import { clock, dateOf, weekday } from './words'
import { placeLabels } from './labels'
import { useWidth } from './useWidth'

/** Work and waits on a time axis, to scale, one row each. Kinds differ by pattern and colour. */
export interface StripPiece {
  from: string
  to: string
  kind: 'hands' | 'flash' | 'recoat' | 'shut' | 'handle' | 'cure' | 'wait'
  label?: string
}
export interface StripRow {
  name: string
  pieces: StripPiece[]
  note?: string
}
const props = defineProps<{ rows: StripRow[]; label: string }>()

const { width } = useWidth('sized')
const ROW = 25
const LEFT = 150
const range = computed(() => {
  const all = props.rows.flatMap((row) => row.pieces)
  const from = Math.min(...all.map((piece) => dateOf(piece.from).getTime()))
  const to = Math.max(...all.map((piece) => dateOf(piece.to).getTime()))
  return { from, to: Math.max(to, from + 36e5) }
})
/** Work is hours and cure is days: behind the last work the axis is folded to a tighter scale. */
const fold = computed(() => {
  const work = props.rows.flatMap((row) => row.pieces).filter((piece) => piece.kind !== 'cure')
  const { from, to } = range.value
  const end = Math.max(from + 1, ...work.map((piece) => dateOf(piece.to).getTime()))
  return (end - from) / (to - from) < 0.6 ? { time: end, share: 0.7 } : { time: to, share: 1 }
})
const x = (text: string) => at(dateOf(text).getTime())
function at(time: number) {
  const { from, to } = range.value
  const room = width.value - LEFT - 185
  const { time: folded, share } = fold.value
  if (time <= folded) return LEFT + ((time - from) / (folded - from)) * room * share
  return LEFT + room * (share + ((time - folded) / (to - folded)) * (1 - share))
}
function marks(from: number, to: number, most: number) {
  const hours = (to - from) / 36e5
  const step = [1, 2, 4, 6, 12, 24, 48, 96, 168].find((each) => hours / each <= most) ?? 336
  const first = Math.ceil(from / (step * 36e5)) * step * 36e5
  const found: { x: number; text: string }[] = []
  for (let time = first; time <= to; time += step * 36e5) {
    const text = new Date(time).toISOString().slice(0, 16)
    const midnight = text.slice(11, 16) === '00:00'
    found.push({ x: at(time), text: step >= 24 || midnight ? weekday(text) : clock(text) })
  }
  return found
}
const ticks = computed(() => {
  const { from, to } = range.value
  const { time, share } = fold.value
  if (share === 1) return marks(from, to, 8)
  return [...marks(from, time, 6), ...marks(time + (to - time) * 0.3, to, 2)]
})
const shut = computed(() =>
  props.rows.some((row) => row.pieces.some((piece) => piece.kind === 'shut')),
)
const height = computed(() => props.rows.length * ROW + 28)
/** Words of the ticks that have room; the first of two that are close is said. */
const words = computed(() => {
  const y = height.value - 10
  const labels = ticks.value.map(({ x, text }, index) => ({
    key: String(index),
    text,
    places: [{ x, y }],
  }))
  return placeLabels(labels, { x: 0, y: y - 20, width: width.value, height: 40 }).shown
})
</script>

<template>
  <div ref="sized" class="strip">
    <svg :width="width" :height="height" role="img" :aria-label="label">
      <defs>
        <pattern
          id="cure-hatch"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
        </pattern>
      </defs>
      <g v-for="tick in ticks" :key="tick.text + tick.x">
        <line :x1="tick.x" y1="0" :x2="tick.x" :y2="rows.length * ROW + 4" class="tick" />
      </g>
      <text v-for="word in words" :key="word.key" :x="word.x" :y="height - 6" class="axis">
        {{ word.text }}
      </text>
      <g v-if="fold.share < 1" class="fold">
        <path :d="`M${at(fold.time) + 5} 0l-6 ${height / 5}l6 ${height / 5}l-6 ${height / 5}`" />
        <text :x="at(fold.time) + 10" y="-2">folded</text>
      </g>
      <g
        v-for="(row, index) in rows"
        :key="row.name + index"
        :transform="`translate(0 ${index * ROW + 4})`"
      >
        <text x="0" y="14" class="name">{{ row.name }}</text>
        <template v-for="(piece, place) in row.pieces" :key="place">
          <rect
            :x="x(piece.from)"
            y="1"
            :width="Math.max(2.5, x(piece.to) - x(piece.from))"
            height="17"
            :class="piece.kind"
          />
          <rect
            v-if="['cure', 'wait', 'shut'].includes(piece.kind)"
            :x="x(piece.from)"
            y="1"
            :width="Math.max(2.5, x(piece.to) - x(piece.from))"
            height="17"
            fill="url(#cure-hatch)"
          />
          <text
            v-if="piece.label && x(piece.to) - x(piece.from) > piece.label.length * 6.4"
            :x="x(piece.from) + 6"
            y="14"
            class="inside"
          >
            {{ piece.label }}
          </text>
        </template>
        <text
          v-if="row.note"
          :x="Math.max(...row.pieces.map((piece) => x(piece.to))) + 7"
          y="14"
          class="note"
        >
          {{ row.note }}
        </text>
      </g>
    </svg>
    <p class="legend soft" aria-hidden="true">
      <span><i class="hands" /> hands-on</span><span><i class="flash" /> flash</span
      ><span><i class="recoat" /> recoat window</span
      ><span v-if="shut"><i class="shut" /> window shut before the next coat</span
      ><span><i class="handle" /> to handle</span><span><i class="cure" /> cure</span>
    </p>
  </div>
</template>

<style scoped>
.strip {
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
.tick {
  stroke: var(--line);
  stroke-dasharray: 1.5 4;
}
text {
  font-size: 12px;
  fill: var(--ink);
}
.axis {
  font-family: var(--mono);
  text-anchor: middle;
  fill: var(--smoke);
}
.name {
  fill: var(--smoke);
}
.fold path {
  fill: none;
  stroke: var(--smoke);
  stroke-width: 1.4;
}
.inside {
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--ash);
  stroke-width: 4px;
}
.note {
  font-family: var(--mono);
  fill: var(--smoke);
}
rect.hands,
i.hands {
  fill: var(--ember);
  background: var(--ember);
}
rect.flash,
i.flash {
  fill: var(--glow);
  background: var(--glow);
}
rect.recoat,
i.recoat {
  fill: color-mix(in srgb, var(--verdigris) 32%, var(--ash));
  background: color-mix(in srgb, var(--verdigris) 32%, var(--ash));
}
rect.handle,
i.handle {
  fill: color-mix(in srgb, var(--slate) 38%, var(--ash));
  background: color-mix(in srgb, var(--slate) 38%, var(--ash));
}
rect.shut,
i.shut {
  fill: color-mix(in srgb, var(--madder) 30%, var(--ash));
  background: repeating-linear-gradient(45deg, var(--madder) 0 2px, var(--watch) 2px 5px);
}
rect.shut {
  stroke: var(--madder);
  stroke-width: 1.5;
}
rect.cure,
rect.wait,
i.cure {
  fill: var(--watch);
  background: repeating-linear-gradient(45deg, var(--watch) 0 3px, var(--smoke) 3px 4px);
}
.hatch {
  stroke: var(--smoke);
  stroke-width: 1.6;
}
.legend {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  font-size: 12px;
  margin: 2px 0 0;
}
.legend span {
  display: inline-flex;
  align-items: center;
  gap: 5px;
}
i {
  width: 16px;
  height: 10px;
  display: inline-block;
}
</style>
