<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, SchemeModel } from '../api/types'

/** A side of the part, each region in its colour, to scale. The back is seen from behind. */
const props = defineProps<{
  model: SchemeModel
  colours: string[]
  label: string
  back?: boolean
  dark?: boolean
  findings?: Finding[]
}>()
const pad = computed(() => Math.max(props.model.widthMm, props.model.heightMm) * 0.02)
const box = computed(() => {
  const p = props.model
  return `${p.xMm - pad.value} ${-p.yMm - p.heightMm - pad.value} ${p.widthMm + 2 * pad.value} ${p.heightMm + 2 * pad.value}`
})
/** Seen from behind left and right change places. */
const turn = computed(() =>
  props.back
    ? `translate(${2 * props.model.xMm + props.model.widthMm} 0) scale(-1 -1)`
    : 'scale(1 -1)',
)
</script>

<template>
  <figure :class="{ dark }">
    <svg :viewBox="box" role="img" :aria-label="label" preserveAspectRatio="xMidYMid meet">
      <g :transform="turn">
        <path
          v-for="(region, index) in model.layers.regions"
          :key="region.shapes.join('+')"
          :d="region.path"
          :fill="colours[index]"
          fill-rule="evenodd"
        />
        <path :d="model.outline" class="rim" fill-rule="evenodd" />
        <circle
          v-for="finding in findings ?? []"
          :key="finding.key"
          :cx="finding.place!.xMm"
          :cy="finding.place!.yMm"
          :r="finding.place!.radiusMm"
          class="ring"
        />
      </g>
    </svg>
    <figcaption><slot /></figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  width: 100%;
  max-height: 230px;
  display: block;
}
.dark svg {
  background: #14100d;
}
.rim {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.ring {
  fill: none;
  stroke: var(--madder);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
figcaption {
  font-size: 12.5px;
  line-height: 1.3;
  margin-top: 3px;
}
</style>
