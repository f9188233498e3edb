<script setup lang="ts">
import { computed } from 'vue'
import type { LoopHeat } from '../api/types'
import { useWidth } from '../ui/useWidth'
import { fixed } from '../units/writing'

/** How the coolant warms up from cold, in minutes. */
const props = defineProps<{ heat: LoopHeat }>()
const { width } = useWidth('sized', 360)
const HEIGHT = 190
const last = computed(() => props.heat.settling.at(-1)!.minutes)
const top = computed(() => Math.max(5, Math.ceil((props.heat.riseK * 1.12) / 5) * 5))
const x = (minutes: number) => 38 + (minutes / last.value) * (width.value - 52)
const y = (kelvin: number) => HEIGHT - 28 - (kelvin / top.value) * (HEIGHT - 44)
const path = computed(() =>
  props.heat.settling
    .map((point, index) => `${index ? 'L' : 'M'}${x(point.minutes)} ${y(point.riseK)}`)
    .join(''),
)
const minutes = computed(() => {
  const step = [1, 2, 5, 10, 20, 30, 60].find((s) => last.value / s <= 7) ?? 120
  return Array.from({ length: Math.floor(last.value / step) + 1 }, (_, i) => i * step)
})
const kelvins = computed(() => [0, top.value / 2, top.value])
</script>

<template>
  <div ref="sized" class="settling">
    <svg
      :width="width"
      :height="HEIGHT"
      role="img"
      :aria-label="`Coolant rises ${fixed(heat.riseK, 1)} K and is settled after ${fixed(heat.settleMinutes, 1)} minutes`"
    >
      <line v-for="k in kelvins" :key="'k' + k" x1="38" :x2="width - 14" :y1="y(k)" :y2="y(k)" />
      <text v-for="k in kelvins" :key="'t' + k" x="32" :y="y(k) + 4" class="end">{{ k }} K</text>
      <text v-for="m in minutes" :key="m" :x="x(m)" :y="HEIGHT - 10">{{ m }}</text>
      <line
        :x1="x(heat.settleMinutes)"
        :x2="x(heat.settleMinutes)"
        :y1="y(0)"
        :y2="y(heat.riseK * 0.95)"
        class="settled"
      />
      <text :x="x(heat.settleMinutes)" :y="y(heat.riseK) - 8" class="settled">
        95 % at {{ fixed(heat.settleMinutes, 1) }} min
      </text>
      <path :d="path" />
    </svg>
  </div>
</template>

<style scoped>
line {
  stroke: var(--line);
}
path {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.4;
}
line.settled {
  stroke: var(--slate);
  stroke-dasharray: 3 3;
}
text {
  font-family: var(--mono);
  font-size: 12px;
  fill: var(--smoke);
  text-anchor: middle;
}
text.end {
  text-anchor: end;
}
text.settled {
  fill: var(--ink);
}
</style>
