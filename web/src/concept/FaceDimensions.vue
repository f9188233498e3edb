<script setup lang="ts">
import { computed } from 'vue'
import type { ElevationItem, Elevation } from '../api/types'
import DimensionLine from '../ui/DimensionLine.vue'
import { fixed } from '../units/writing'

/** Dimensions below and right of a face, as on a workshop drawing; `x` and `y` give pixels of mm. */
const props = defineProps<{
  face: Elevation
  chosen: ElevationItem | null
  x: (mm: number) => number
  y: (mm: number) => number
}>()
/** Without a chosen thing: widths of openings and screens that do not lie above each other. */
const dimensioned = computed(() => {
  const rows: ElevationItem[] = []
  for (const drawn of props.face.items) {
    const { xMm, widthMm } = drawn.place
    const telling = ['WINDOW', 'SCREEN', 'VENT', 'CUT_OUT'].includes(drawn.kind)
    const free = rows.every(
      (row) => row.place.xMm >= xMm + widthMm || row.place.xMm + row.place.widthMm <= xMm,
    )
    if (telling && free && props.x(widthMm) - props.x(0) > 34) rows.push(drawn)
  }
  return rows
})
</script>

<template>
  <g v-if="chosen" aria-hidden="true">
    <line
      v-for="at in [chosen.place.xMm, chosen.place.xMm + chosen.place.widthMm]"
      :key="'x' + at"
      :x1="x(at)"
      :y1="y(chosen.place.yMm)"
      :x2="x(at)"
      :y2="y(0) + 24"
      class="extension"
    />
    <line
      v-for="at in [chosen.place.yMm, chosen.place.yMm + chosen.place.heightMm]"
      :key="'y' + at"
      :x1="x(chosen.place.xMm + chosen.place.widthMm)"
      :y1="y(at)"
      :x2="x(face.widthMm) + 30"
      :y2="y(at)"
      class="extension"
    />
    <DimensionLine
      :x1="x(chosen.place.xMm)"
      :y1="y(0) + 19"
      :x2="x(chosen.place.xMm + chosen.place.widthMm)"
      :y2="y(0) + 19"
      :text="fixed(chosen.place.widthMm, 1)"
    />
    <DimensionLine
      v-if="chosen.place.xMm > 0.05"
      :x1="x(0)"
      :y1="y(0) + 41"
      :x2="x(chosen.place.xMm)"
      :y2="y(0) + 41"
      :text="fixed(chosen.place.xMm, 1)"
    />
    <DimensionLine
      :x1="x(face.widthMm) + 24"
      :y1="y(chosen.place.yMm + chosen.place.heightMm)"
      :x2="x(face.widthMm) + 24"
      :y2="y(chosen.place.yMm)"
      :text="fixed(chosen.place.heightMm, 1)"
    />
    <DimensionLine
      v-if="chosen.place.yMm > 0.05"
      :x1="x(face.widthMm) + 24"
      :y1="y(chosen.place.yMm)"
      :x2="x(face.widthMm) + 24"
      :y2="y(0)"
      :text="fixed(chosen.place.yMm, 1)"
    />
  </g>
  <template v-else>
    <DimensionLine
      v-for="drawn in dimensioned"
      :key="drawn.id"
      :x1="x(drawn.place.xMm)"
      :y1="y(0) + 24"
      :x2="x(drawn.place.xMm + drawn.place.widthMm)"
      :y2="y(0) + 24"
      :text="fixed(drawn.place.widthMm, 1)"
    />
  </template>
</template>

<style scoped>
.extension {
  stroke: var(--slate);
  stroke-width: 0.7;
  stroke-dasharray: 2 2;
}
</style>
