<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, MadePart, Panel, SheetProduct } from '../api/types'
import DimensionLine from '../ui/DimensionLine.vue'
import ScaledDrawing from '../ui/ScaledDrawing.vue'

/** A panel to scale: sheet, window, holes, dimensions, and rings where a finding lies. */
const props = defineProps<{
  panel: Panel
  part?: MadePart
  sheet?: SheetProduct
  findings: Finding[]
}>()
const holes = computed(() => props.part?.figures?.holes ?? [])
const vents = computed(() => props.part?.figures?.vents ?? [])
const ventField = computed(() => props.panel.vent?.field ?? null)
const rings = computed(() => props.findings.filter((finding) => finding.place))
const window = computed(() => props.panel.window ?? null)
const inset = computed(() => props.panel.holes?.insetMm ?? 0)
const pitch = computed(() => props.part?.figures?.holePitchMm ?? 0)
</script>

<template>
  <ScaledDrawing
    :width-mm="panel.widthMm"
    :height-mm="panel.heightMm"
    :height="350"
    :label="`${panel.name}: ${panel.widthMm} by ${panel.heightMm} mm, ${holes.length} holes`"
  >
    <template #default="{ x, y, s }">
      <rect
        :x="x(0)"
        :y="y(panel.heightMm)"
        :width="s(panel.widthMm)"
        :height="s(panel.heightMm)"
        :fill="sheet?.colourHex ?? 'none'"
        class="sheet"
      />
      <rect
        v-if="window"
        :x="x(window.xMm)"
        :y="y(window.yMm + window.heightMm)"
        :width="s(window.widthMm)"
        :height="s(window.heightMm)"
        class="window"
      />
      <circle
        v-for="(hole, index) in holes"
        :key="index"
        :cx="x(hole.xMm)"
        :cy="y(hole.yMm)"
        :r="Math.max(1.4, s(panel.holes!.diameterMm) / 2)"
        class="hole"
      />
      <template v-if="ventField">
        <rect
          v-for="(vent, index) in vents"
          :key="'v' + index"
          :x="x(vent.xMm) - s(ventField.slotMm || ventField.holeMm) / 2"
          :y="y(vent.yMm) - s(ventField.holeMm) / 2"
          :width="s(ventField.slotMm || ventField.holeMm)"
          :height="s(ventField.holeMm)"
          :rx="ventField.slotMm ? 0 : s(ventField.holeMm) / 2"
          class="hole"
        />
      </template>
      <circle
        v-for="finding in rings"
        :key="finding.key"
        :cx="x(finding.place!.xMm)"
        :cy="y(finding.place!.yMm)"
        :r="Math.max(15, s(finding.place!.radiusMm))"
        :class="['ring', finding.severity.toLowerCase()]"
      />
      <DimensionLine
        v-if="window && s(window.widthMm) > 60"
        :x1="x(window.xMm)"
        :x2="x(window.xMm + window.widthMm)"
        :y1="y(window.yMm + window.heightMm / 2)"
        :y2="y(window.yMm + window.heightMm / 2)"
        :text="window.widthMm.toFixed(1)"
      />
      <DimensionLine
        v-if="pitch > 0 && s(pitch) > 56"
        :x1="x(inset)"
        :x2="x(inset + pitch)"
        :y1="y(0) + 22"
        :y2="y(0) + 22"
        :text="pitch.toFixed(1)"
      />
    </template>
  </ScaledDrawing>
</template>

<style scoped>
.sheet {
  stroke: var(--ink);
  stroke-width: 1.4;
}
.window,
.hole {
  fill: var(--ash);
  stroke: var(--ink);
  stroke-width: 1.1;
}
.ring {
  fill: none;
  stroke-width: 2.4;
}
.stop {
  stroke: var(--madder);
}
.risk {
  stroke: #c9820e;
}
.note {
  stroke: var(--slate);
}
</style>
