<script setup lang="ts">
import { computed } from 'vue'
import type { MadePart } from '../api/types'

/** A part small, with one of its features marked. */
const props = defineProps<{ part: MadePart; mark?: string }>()
const model = computed(() => props.part.model!)
const pad = computed(() => Math.max(model.value.widthMm, model.value.heightMm) / 40)
const marked = computed(() => model.value.features.find((f) => f.stepId === props.mark))
</script>

<template>
  <svg
    :viewBox="`${model.xMm - pad} ${-(model.yMm + model.heightMm) - pad} ${model.widthMm + 2 * pad} ${model.heightMm + 2 * pad}`"
    role="img"
    :aria-label="part.panel.name"
  >
    <g transform="scale(1 -1)">
      <path :d="model.cut" :fill="part.sheet.colourHex" fill-rule="evenodd" />
      <path :d="model.engraved" class="engraved" fill-rule="evenodd" />
      <rect
        v-if="marked"
        :x="marked.xMm - pad"
        :y="marked.yMm - pad"
        :width="marked.widthMm + 2 * pad"
        :height="marked.heightMm + 2 * pad"
        class="marked"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 190px;
  margin-bottom: 8px;
}
path {
  stroke: var(--ink);
  stroke-width: 1.2px;
  vector-effect: non-scaling-stroke;
}
.engraved {
  fill: color-mix(in srgb, var(--ink) 45%, transparent);
  stroke: none;
}
.marked {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2px;
  stroke-dasharray: 5 3;
  vector-effect: non-scaling-stroke;
}
</style>
