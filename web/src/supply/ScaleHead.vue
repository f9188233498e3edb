<script setup lang="ts">
import { computed } from 'vue'
import { day } from '../ui/words'

/** The days along the top of the scale, from today on. */
const props = defineProps<{ today: string; perDay: number; width: number }>()
/** So far apart that the words don't touch. */
const APART = 84
const days = computed(() => {
  const every = [1, 2, 7, 14, 28, 56].find((each) => each * props.perDay >= APART) ?? 112
  const many = Math.floor((props.width - APART) / (every * props.perDay))
  return Array.from({ length: Math.max(1, many + 1) }, (_, index) => {
    const iso = new Date(Date.parse(props.today + 'T00:00Z') + index * every * 864e5)
    return { x: 6 + index * every * props.perDay, text: day(iso.toISOString().slice(0, 10)) }
  })
})
</script>

<template>
  <svg :width="width" height="18" aria-hidden="true">
    <text v-for="(each, index) in days" :key="each.x" :x="each.x" y="13" :class="{ now: !index }">
      {{ each.text }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
text {
  font: 12px var(--mono);
  fill: var(--smoke);
}
.now {
  fill: var(--ember);
}
</style>
