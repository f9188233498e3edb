<script setup lang="ts">
import type { Mark } from '../api/types'

/** The marks of a canvas, as the core draws them: mm, y downwards; letters as long as it says. */
defineProps<{ marks: readonly Mark[]; hexes?: readonly string[] }>()
/** Letters are 0.7 of their size high. */
const SIZE = 1 / 0.7
</script>

<template>
  <template v-for="(mark, index) in marks" :key="index">
    <text
      v-if="mark.words"
      class="letters"
      :x="mark.xMm"
      :y="mark.yMm"
      :font-size="mark.capitalMm * SIZE"
      :textLength="mark.lengthMm"
      lengthAdjust="spacingAndGlyphs"
      :text-anchor="mark.anchor.toLowerCase()"
      :fill="hexes?.[index] ?? mark.hex"
    >
      {{ mark.words }}
    </text>
    <path
      v-else
      :d="mark.path"
      :transform="mark.xMm || mark.yMm ? `translate(${mark.xMm} ${mark.yMm})` : undefined"
      :fill="mark.strokeMm > 0 ? 'none' : (hexes?.[index] ?? mark.hex)"
      :stroke="mark.strokeMm > 0 ? (hexes?.[index] ?? mark.hex) : undefined"
      :stroke-width="mark.strokeMm > 0 ? mark.strokeMm : undefined"
      stroke-linejoin="round"
    />
  </template>
</template>

<style scoped>
.letters {
  font-family: monospace;
}
</style>
