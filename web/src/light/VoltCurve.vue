<script setup lang="ts">
import { computed } from 'vue'
import type { RunCurve, RunModel } from '../api/types'
import { useWidth } from '../ui/useWidth'
import { fixed } from '../units/writing'

/** Volts along a run: one curve a scene, the chosen one in front, with where it is fed. */
const props = defineProps<{ run: RunModel; chosen: string }>()
const { width } = useWidth('sized', 460)
const HIGH = 112
const PAD = { left: 46, right: 12, top: 12, bottom: 22 }
const inFront = computed(
  () => props.run.curves.find((curve) => curve.sceneId === props.chosen) ?? props.run.curves[0],
)
const behind = computed(() => props.run.curves.filter((curve) => curve !== inFront.value))
const most = computed(() => props.run.sourceVolts)
const least = computed(
  () =>
    Math.min(props.run.leastVolts, ...props.run.curves.map((curve) => curve.worstVolts)) -
    0.08 * (most.value - props.run.leastVolts),
)
const x = (mm: number) =>
  PAD.left + (mm / props.run.lengthMm) * (width.value - PAD.left - PAD.right)
const y = (volts: number) =>
  PAD.top + ((most.value - volts) / (most.value - least.value)) * (HIGH - PAD.top - PAD.bottom)
const line = (curve: RunCurve) =>
  curve.volts
    .map((volts, i) => {
      const at = (i / (curve.volts.length - 1)) * props.run.lengthMm
      return `${i ? 'L' : 'M'}${x(at).toFixed(1)} ${y(volts).toFixed(1)}`
    })
    .join('')
const words = computed(
  () =>
    `${fixed(props.run.sourceVolts, 2)} V at the source, ${fixed(inFront.value.worstVolts, 2)} V at the worst LED in ${inFront.value.name}; ${fixed(props.run.leastVolts, 2)} V needed`,
)
</script>

<template>
  <figure ref="sized">
    <svg :width="width" :height="HIGH" role="img" :aria-label="words">
      <rect
        v-for="low in inFront.low"
        :key="low.fromMm"
        :x="x(low.fromMm)"
        :y="y(run.leastVolts)"
        :width="Math.max(1, x(low.toMm) - x(low.fromMm))"
        :height="HIGH - PAD.bottom - y(run.leastVolts)"
        class="low"
      />
      <line
        :x1="PAD.left"
        :x2="width - PAD.right"
        :y1="HIGH - PAD.bottom"
        :y2="HIGH - PAD.bottom"
        class="ground"
      />
      <line
        :x1="PAD.left"
        :x2="width - PAD.right"
        :y1="y(run.leastVolts)"
        :y2="y(run.leastVolts)"
        class="limit"
      />
      <text :x="PAD.left - 6" :y="y(run.leastVolts) + 4" text-anchor="end" class="limit-words">
        {{ fixed(run.leastVolts, 2) }} V
      </text>
      <text
        v-if="y(run.leastVolts) - y(most) > 16"
        :x="PAD.left - 6"
        :y="y(most) + 4"
        text-anchor="end"
      >
        {{ fixed(most, 2) }} V
      </text>
      <path v-for="curve in behind" :key="curve.sceneId" :d="line(curve)" class="behind" />
      <path :d="line(inFront)" class="front" />
      <g v-for="feed in run.feedsMm" :key="feed">
        <circle :cx="x(feed)" :cy="y(most)" r="4" class="feed" />
      </g>
      <text :x="PAD.left" :y="HIGH - 6">0</text>
      <text :x="width - PAD.right" :y="HIGH - 6" text-anchor="end">
        {{ fixed(run.lengthMm, 0) }} mm
      </text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
text {
  font-family: var(--mono);
  font-size: 11.5px;
  fill: var(--smoke);
}
.ground {
  stroke: var(--line);
}
.limit {
  stroke: var(--madder);
  stroke-dasharray: 4 3;
}
.limit-words {
  fill: var(--madder);
}
.low {
  fill: var(--madder);
  opacity: 0.12;
}
.front,
.behind {
  fill: none;
  stroke: var(--smoke);
  stroke-width: 1.2;
}
.front {
  stroke: var(--ember);
  stroke-width: 2.4;
}
.feed {
  fill: var(--paper);
  stroke: var(--ember);
  stroke-width: 2;
}
</style>
