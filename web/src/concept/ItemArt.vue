<script setup lang="ts">
import { computed } from 'vue'
import type { ElevationItem, Elevation, Mesh } from '../api/types'
import MarkArt from '../ui/MarkArt.vue'
import MeshFill from './MeshFill.vue'

/** One thing on a face: its surface, and its lines or words. */
const props = defineProps<{
  drawn: ElevationItem
  face: Elevation
  mesh?: Mesh
  picture?: Mesh
  /** Colours of what a screen shows, by the canvas; by day, with the lights off, none. */
  shows?: (canvasId: string) => Mesh | undefined
  small?: boolean
}>()
const screen = computed(() => props.drawn.kind === 'SCREEN')
const shaped = computed(() => !screen.value && !!(props.drawn.art || props.drawn.words))
const hex = computed(() => {
  if (screen.value) return props.picture?.hexes[0] ?? props.drawn.artHex
  const hexes = props.mesh?.hexes
  return hexes ? hexes[Math.floor(hexes.length / 2)] : props.drawn.colourHex
})
const upper = computed(
  () => props.face.heightMm - props.drawn.place.yMm - props.drawn.place.heightMm,
)
/** The canvas that a screen shows: the one that is lit, by day the first, faintly. */
const canvas = computed(() => {
  const { shown } = props.drawn
  const lit = shown.find((each) => props.shows?.(each.canvasId))
  const seen = lit ?? shown[0]
  return seen && { ...seen, hexes: props.shows?.(seen.canvasId)?.hexes ?? seen.offHexes }
})
/** As high as its box, and no wider: a letter takes about 0.6 of its height. */
const textMm = computed(() => {
  const { place, words, art } = props.drawn
  const byWidth = place.widthMm / (0.62 * Math.max(1, words.length))
  return Math.min(art ? 8 : place.heightMm, byWidth)
})
</script>

<template>
  <MeshFill
    v-if="!shaped"
    :of="drawn.id"
    :place="drawn.place"
    :hole="drawn.hole"
    :height-mm="face.heightMm"
    :hex="drawn.colourHex"
    :mesh="mesh"
    :small="small"
  />
  <path
    v-if="drawn.art"
    :d="drawn.art"
    :transform="`translate(${drawn.place.xMm} ${upper})`"
    :fill="drawn.strokeMm > 0 ? 'none' : hex"
    :stroke="drawn.strokeMm > 0 ? hex : undefined"
    :stroke-width="drawn.strokeMm > 0 ? drawn.strokeMm : undefined"
  />
  <svg
    v-if="canvas"
    :x="canvas.place.xMm"
    :y="face.heightMm - canvas.place.yMm - canvas.place.heightMm"
    :width="canvas.place.widthMm"
    :height="canvas.place.heightMm"
    :viewBox="`${canvas.viewXMm} ${canvas.viewYMm} ${canvas.place.widthMm} ${canvas.place.heightMm}`"
  >
    <MarkArt :marks="canvas.marks" :hexes="canvas.hexes" />
  </svg>
  <text
    v-if="drawn.words"
    :x="drawn.place.xMm"
    :y="face.heightMm - drawn.place.yMm"
    :font-size="textMm"
    :fill="hex"
    class="words"
  >
    {{ drawn.words }}
  </text>
</template>

<style scoped>
.words {
  font-family: sans-serif;
}
</style>
