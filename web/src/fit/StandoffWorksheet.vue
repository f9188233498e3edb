<script setup lang="ts">
import { computed } from 'vue'
import type { WorksheetResult, Worksheet } from '../api/types'
import { plain } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import WorksheetFrame from './WorksheetFrame.vue'
import { fixed } from '../units/writing'

/** Posts under a load from above or from the side. */
const props = defineProps<{ sheet: Worksheet; answer: WorksheetResult | null }>()
const load = computed(() => props.answer?.standoffs ?? null)
const good = computed(() =>
  !load.value || load.value.verdict === 'NOT_KNOWN' ? null : load.value.holds,
)
const verdict = computed(() => {
  if (!load.value) return 'reckoning…'
  const { verdict, bendingMpa, axialMpa, yieldMpa, safety, wantedSafety } = load.value
  if (verdict === 'NOT_KNOWN') return 'not known: no load is given. Type what stands on them.'
  return `${safety >= 100 ? 'more than 100' : fixed(safety, 2)}-fold safe, ${wantedSafety} wanted; ${fixed(bendingMpa + axialMpa, 0)} MPa of ${fixed(yieldMpa, 0)}. An estimate, not a certificate.`
})
const MATERIALS = (['MILD_STEEL', 'STAINLESS', 'BRASS', 'ALUMINIUM', 'NYLON'] as const).map(
  (value) => ({ value, label: plain(value) }),
)
const POSTS = [
  { field: 'count', label: 'Posts' },
  { field: 'coreMm', label: 'Core diameter' },
  'heightMm',
  { field: 'axialN', label: 'Load from above', unit: 'N' },
  { field: 'lateralN', label: 'Load from the side', unit: 'N' },
  { field: 'carrying', label: 'That share the load', unit: '×' },
  { field: 'material', label: 'Made of', options: MATERIALS },
  {
    field: 'heldBy',
    label: 'Held sideways by',
    hint: 'what keeps the upper plate from swaying; empty for nothing',
  },
  { field: 'person', label: 'someone leans or sits on it' },
  { field: 'clamped', label: 'both ends clamped: a wide shoulder on a thick plate' },
]
</script>

<template>
  <WorksheetFrame :sheet="sheet" :good="good" :why="load?.why" :verdict="verdict">
    <div class="form">
      <ThingFields kind="worksheets" :thing="sheet" within="standoffs" given :fields="POSTS" />
    </div>
  </WorksheetFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 170px));
  gap: 8px 14px;
}
.form > label {
  grid-column: 1 / -1;
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
}
</style>
