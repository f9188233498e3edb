<script setup lang="ts">
import { computed } from 'vue'
import type { Worksheet, WorksheetResult } from '../api/types'
import { fixed } from '../units/writing'
import ThingFields from '../ui/ThingFields.vue'
import WorksheetFrame from './WorksheetFrame.vue'

/** A shelf or panel on two edges: how far it bends, at once and over months. */
const props = defineProps<{ sheet: Worksheet; answer: WorksheetResult | null }>()
const load = computed(() => props.answer?.shelf ?? null)
const good = computed(() => (load.value?.loaded ? load.value.holds : null))
const mm = (value: number) => `${fixed(value, 1)}\u00a0mm`
const verdict = computed(() => {
  if (!load.value) return 'reckoning…'
  const { loaded, bendsMm, monthsMm, limitMm, holds, thicknessMm, spanMm } = load.value
  if (!loaded) return 'not known: no load is given. Type what stands on it.'
  const bends = `bends ${mm(bendsMm)}, ${mm(monthsMm)} over months; ${mm(limitMm)} are allowed`
  const would = `${mm(Math.ceil(thicknessMm * 10) / 10)} thick would do, or feet ${mm(Math.floor(spanMm))} apart`
  return `${bends}${holds ? '' : `. ${would}`}. An estimate, not a certificate.`
})
const MATERIALS = [
  { value: 'BIRCH_PLY', label: 'birch ply' },
  { value: 'MDF', label: 'MDF' },
  { value: 'SOLID_WOOD', label: 'solid wood, along its grain' },
  { value: 'ACRYLIC', label: 'acrylic' },
  { value: 'POLYCARBONATE', label: 'polycarbonate' },
  { value: 'ALUMINIUM', label: 'aluminium' },
  { value: 'MILD_STEEL', label: 'mild steel' },
] as const
const SHELF = [
  { field: 'massKg', label: 'Stands on it', unit: 'kg' },
  { field: 'spanMm', label: 'Between its edges' },
  { field: 'wideMm', label: 'Across that' },
  { field: 'thicknessMm', label: 'Thickness, measured', hint: 'ply sold as 6.4 is often 4.8' },
  { field: 'of', label: 'Made of', options: MATERIALS },
  { field: 'spread', label: 'the load lies all over it, not in the middle' },
]
</script>

<template>
  <WorksheetFrame :sheet="sheet" :good="good" :why="load?.why" :verdict="verdict">
    <div class="form">
      <ThingFields kind="worksheets" :thing="sheet" within="shelf" given :fields="SHELF" />
    </div>
  </WorksheetFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 170px));
  gap: 8px 14px;
}
.form > label {
  grid-column: 1 / -1;
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
}
@media (max-width: 720px) {
  .form {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
