<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Mesh, Rect } from '../api/types'

/** One surface in the colours the core gave it; steps of a mesh are softened into each other. */
const props = defineProps<{
  place: Rect
  hole?: Rect | null
  heightMm: number
  hex: string
  mesh?: Mesh
  /** What it is the surface of, empty for the face itself. */
  of?: string
  /** Seen small: steps need not be softened. */
  small?: boolean
}>()
const id = useId()
const x = computed(() => props.place.xMm)
const y = computed(() => props.heightMm - props.place.yMm - props.place.heightMm)
const one = computed(() =>
  !props.mesh || props.mesh.hexes.length === 1 ? (props.mesh?.hexes[0] ?? props.hex) : null,
)
const box = (rect: Rect) =>
  `M${rect.xMm} ${props.heightMm - rect.yMm - rect.heightMm}h${rect.widthMm}v${rect.heightMm}h${-rect.widthMm}z`
const frame = computed(() => box(props.place) + (props.hole ? box(props.hole) : ''))
const cells = computed(() => {
  const mesh = props.mesh
  if (!mesh || one.value) return []
  const width = props.place.widthMm / mesh.columns
  const height = props.place.heightMm / mesh.rows
  return mesh.hexes.map((hex, index) => {
    const column = index % mesh.columns
    const row = Math.floor(index / mesh.columns)
    // outer cells reach past the edge, so that softening does not let the ground through
    const left = column === 0 ? 2 * width : 0
    const right = column === mesh.columns - 1 ? 2 * width : 0.2
    const upper = row === 0 ? 2 * height : 0
    const lower = row === mesh.rows - 1 ? 2 * height : 0.2
    return {
      hex,
      x: x.value + column * width - left,
      y: y.value + row * height - upper,
      width: width + left + right,
      height: height + upper + lower,
    }
  })
})
const soft = computed(() =>
  props.mesh
    ? Math.min(props.place.widthMm / props.mesh.columns, props.place.heightMm / props.mesh.rows) *
      0.6
    : 0,
)
</script>

<template>
  <path v-if="one" :data-of="of" :d="frame" :fill="one" fill-rule="evenodd" />
  <g v-else :data-of="of" :clip-path="`url(#clip-${id})`">
    <clipPath :id="'clip-' + id"><path :d="frame" clip-rule="evenodd" /></clipPath>
    <filter v-if="!small" :id="'soft-' + id"><feGaussianBlur :stdDeviation="soft" /></filter>
    <g :filter="small ? undefined : `url(#soft-${id})`">
      <rect
        v-for="(cell, index) in cells"
        :key="index"
        :x="cell.x"
        :y="cell.y"
        :width="cell.width"
        :height="cell.height"
        :fill="cell.hex"
      />
    </g>
  </g>
</template>
