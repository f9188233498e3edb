<script setup lang="ts">
import { computed } from 'vue'

/** A dimension as on a workshop drawing: two ends, a line, the number in its middle. */
const props = defineProps<{
  x1: number
  y1: number
  x2: number
  y2: number
  text: string
}>()
const upright = computed(() => props.x1 === props.x2)
const middle = computed(() => ({ x: (props.x1 + props.x2) / 2, y: (props.y1 + props.y2) / 2 }))
const room = computed(() => props.text.length * 7.4 + 10)
</script>

<template>
  <g class="dimension">
    <line :x1="x1" :y1="y1" :x2="x2" :y2="y2" />
    <template v-if="upright">
      <line :x1="x1 - 5" :y1="y1" :x2="x1 + 5" :y2="y1" />
      <line :x1="x2 - 5" :y1="y2" :x2="x2 + 5" :y2="y2" />
    </template>
    <template v-else>
      <line :x1="x1" :y1="y1 - 5" :x2="x1" :y2="y1 + 5" />
      <line :x1="x2" :y1="y2 - 5" :x2="x2" :y2="y2 + 5" />
    </template>
    <rect :x="middle.x - room / 2" :y="middle.y - 9" :width="room" height="18" />
    <text :x="middle.x" :y="middle.y + 4.5">{{ text }}</text>
  </g>
</template>

<style scoped>
line {
  stroke: var(--slate);
  stroke-width: 1.1;
}
rect {
  fill: var(--ash);
}
text {
  font-family: var(--mono);
  font-size: 12.5px;
  text-anchor: middle;
  fill: var(--ink);
}
</style>
