<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CardDrawing } from '../api/types'
import { mm } from '../ui/words'
import { said } from '../units/writing'

/** What a step is about, to scale, with the place marked; the drawing comes from the core. */
const props = defineProps<{
  drawing: CardDrawing
  /** A place that was picked on it, mm from its lower left. */
  spot?: { xMm: number; yMm: number } | null
  /** Whether a place can be picked. */
  picks?: boolean
}>()
const emit = defineEmits<{ spot: [at: { xMm: number; yMm: number }] }>()
const canvas = ref<SVGSVGElement | null>(null)
const toTenth = (value: number) => Math.round(value * 10) / 10
function pick(event: MouseEvent) {
  const seen = canvas.value?.getScreenCTM()
  if (!props.picks || !seen) return
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(seen.inverse())
  emit('spot', { xMm: toTenth(props.drawing.mirrored ? -at.x : at.x), yMm: toTenth(-at.y) })
}
/** By key from the middle, a twentieth of its size each time. */
function nudge(event: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
    event.key
  ]
  if (!props.picks || !step) return
  event.preventDefault()
  const { xMm, yMm, widthMm, heightMm, mirrored } = props.drawing
  const from = props.spot ?? { xMm: xMm + widthMm / 2, yMm: yMm + heightMm / 2 }
  emit('spot', {
    xMm: toTenth(from.xMm + (mirrored ? -step[0]! : step[0]!) * (widthMm / 20)),
    yMm: toTenth(from.yMm + step[1]! * (heightMm / 20)),
  })
}
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
    <svg
      ref="canvas"
      :viewBox="box"
      role="img"
      :aria-label="picks ? `Where on ${label}: press the place, or move it with the arrows` : label"
      :tabindex="picks ? 0 : undefined"
      :class="{ picks }"
      @click="pick"
      @keydown="nudge"
    >
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
        <circle
          v-if="spot"
          class="marked"
          :cx="spot.xMm"
          :cy="spot.yMm"
          :r="8 * line"
          :stroke-width="3 * line"
        />
      </g>
    </svg>
    <figcaption class="soft">
      {{ said(label)
      }}<template v-if="spot">, {{ said(`${mm(spot.xMm)} across, ${mm(spot.yMm)} up`) }}</template>
      <template v-else-if="picks">: press the place</template>
    </figcaption>
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
.picks {
  cursor: crosshair;
}
.picks:focus-visible {
  outline: 2px solid var(--focus);
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
