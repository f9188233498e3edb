<script setup lang="ts">
import { computed } from 'vue'
import LanternMark from './LanternMark.vue'

/**
 * A build as a fuse: burnt behind, an ember where the work is, unburnt ahead, the reveal at its
 * end, the planned finish drawn against it. Positions are in pixels of the drawing.
 */
const props = defineProps<{
  width: number
  from: number
  ember: number
  end: number | null
  stops: { x: number; burnt: boolean }[]
  finish?: number | null
  verdict: string
  finishLabel?: string
  endLabel?: string
  lit?: boolean
}>()

const right = computed(() => props.end ?? props.width - 20)
const labelAtLeft = computed(() => (props.finish ?? 0) > props.width - 150)
</script>

<template>
  <svg :width="width" height="92" class="fuse" aria-hidden="true">
    <line :x1="from" y1="44" :x2="Math.max(from, ember)" y2="44" class="burnt" />
    <g v-if="!lit && right > ember">
      <line :x1="ember" y1="44" :x2="right" y2="44" class="rope" />
      <line :x1="ember" y1="44" :x2="right" y2="44" class="twist" />
    </g>
    <circle
      v-for="(stop, index) in stops"
      :key="index"
      :cx="stop.x"
      cy="44"
      :r="stop.burnt ? 3.2 : 5.5"
      :class="stop.burnt ? 'done' : 'ahead'"
    />
    <g v-if="!lit" class="ember">
      <circle :cx="ember" cy="44" r="16" class="halo" />
      <circle :cx="ember" cy="44" r="10.5" class="glow" />
      <circle :cx="ember" cy="44" r="5.5" class="core" />
    </g>
    <g v-if="end !== null" :transform="`translate(${right} 42)`"><LanternMark :lit="!!lit" /></g>
    <text v-if="endLabel && end !== null" :x="right" y="18" class="label">{{ endLabel }}</text>
    <g v-if="finish !== null && finish !== undefined" :class="verdict.toLowerCase()" class="finish">
      <circle :cx="finish" cy="72" r="5" />
      <text :x="labelAtLeft ? finish - 11 : finish + 11" y="76.5" :class="{ left: labelAtLeft }">
        {{ finishLabel }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.fuse {
  display: block;
  overflow: visible;
}
.burnt {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 7 2.5 2 2.5;
}
.rope {
  stroke: var(--rope);
  stroke-width: 9;
}
.twist {
  stroke: var(--ink);
  stroke-opacity: 0.45;
  stroke-width: 9;
  stroke-dasharray: 1.5 5.5;
}
.done {
  fill: var(--ink);
}
.ahead {
  fill: var(--kraft);
  stroke: var(--smoke);
  stroke-width: 1.4;
}
.halo {
  fill: var(--glow);
  opacity: 0.28;
}
.glow {
  fill: var(--glow);
  opacity: 0.8;
}
.core {
  fill: var(--ember);
}
.ember .glow {
  animation: breathe 3.4s ease-in-out infinite;
  transform-box: fill-box;
  transform-origin: center;
}
@keyframes breathe {
  50% {
    transform: scale(0.86);
  }
}
text {
  font-family: var(--mono);
  font-size: 12.5px;
  fill: var(--ink);
}
.label {
  text-anchor: middle;
}
.left {
  text-anchor: end;
}
.finish circle {
  fill: var(--ash);
  stroke-width: 3;
}
.on_time circle,
.undated circle,
.enquiry circle {
  stroke: var(--verdigris);
}
.on_time text {
  fill: var(--verdigris);
}
.tight circle {
  stroke: #b8750c;
}
.tight text {
  fill: var(--amber-ink);
}
.late circle {
  stroke: var(--madder);
}
.late text {
  fill: var(--madder);
}
.enquiry circle,
.undated circle {
  stroke: var(--slate);
}
.enquiry text,
.undated text {
  fill: var(--slate);
}
</style>
