<script setup lang="ts">
import { computed } from 'vue'
import type { CardDrawing } from '../api/types'
import { mm } from '../ui/words'
import { said } from '../units/writing'

/** What a step is about, to scale, with the place marked; the drawing comes from the core. */
const props = defineProps<{ drawing: CardDrawing }>()
const box = computed(() => {
  const { xMm, yMm, widthMm, heightMm, mirrored } = props.drawing
  const edge = 0.02 * Math.max(widthMm, heightMm)
  const left = mirrored ? -(xMm + widthMm) : xMm
  return [left - edge, -(yMm + heightMm) - edge, widthMm + 2 * edge, heightMm + 2 * edge].join(' ')
})
const turned = computed(() => (props.drawing.mirrored ? 'scale(-1 -1)' : 'scale(1 -1)'))
const line = computed(() => Math.max(props.drawing.widthMm, props.drawing.heightMm) / 260)
const label = computed(() => {
  const { words, widthMm, heightMm, mirrored } = props.drawing
  return `${words}, ${mm(widthMm)} × ${mm(heightMm)}${mirrored ? ', seen from behind' : ''}`
})
</script>

<template>
  <figure class="art">
    <svg :viewBox="box" role="img" :aria-label="label">
      <g :transform="turned">
        <path
          v-for="(shape, i) in drawing.shapes"
          :key="i"
          :d="shape.path"
          :class="shape.shown.toLowerCase()"
          :style="shape.colourHex ? { fill: shape.colourHex } : undefined"
          :stroke-width="shape.shown === 'MARKED' ? 3 * line : line"
          fill-rule="evenodd"
        />
      </g>
    </svg>
    <figcaption class="soft">{{ said(label) }}</figcaption>
  </figure>
</template>

<style scoped>
.art {
  margin: 0;
}
svg {
  width: 100%;
  max-height: 210px;
  display: block;
}
path {
  stroke: var(--ink);
  fill: none;
}
.ground {
  fill: var(--watch);
}
.other {
  stroke: var(--smoke);
}
.lines {
  stroke: var(--smoke);
}
.marked {
  stroke: var(--ember);
  fill: var(--ember);
  fill-opacity: 0.18;
}
figcaption {
  font-size: 12.5px;
  margin-top: 4px;
}
</style>
