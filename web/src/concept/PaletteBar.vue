<script setup lang="ts">
import type { PaletteColour, PaletteModel } from '../api/types'
import { fixed } from '../units/writing'

/** Whose colour the faces that show are, as one bar to scale. */
defineProps<{ palette: PaletteColour[]; model: PaletteModel }>()
const percent = (share: number) => `${fixed(share * 100, 0)} %`
</script>

<template>
  <div class="bar" role="img" aria-label="Shares of the palette on what shows">
    <i
      v-for="(c, index) in palette"
      :key="index"
      :style="{ background: c.hex, flexGrow: model.colours[index]?.share ?? 0 }"
      :title="`${c.name} ${percent(model.colours[index]?.share ?? 0)}`"
    />
    <i class="other" :style="{ flexGrow: model.other }" title="other colours" />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  height: 18px;
  border: 1px solid var(--line);
}
.bar i {
  flex-basis: 0;
}
.other {
  background: repeating-linear-gradient(45deg, var(--line) 0 3px, transparent 3px 7px);
}
</style>
