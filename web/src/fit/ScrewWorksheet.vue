<script setup lang="ts">
import { computed } from 'vue'
import type { WorksheetResult, Worksheet } from '../api/types'
import { mm } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import WorksheetFrame from './WorksheetFrame.vue'
import { exact } from '../units/writing'

/** How long a screw may be. */
const props = defineProps<{ sheet: Worksheet; answer: WorksheetResult | null }>()
const screw = computed(() => props.sheet.screw!)
const length = computed(() => props.answer?.screw ?? null)
const verdict = computed(() => {
  if (!length.value) return 'reckoning…'
  const range = `${mm(length.value.leastMm)} to hold, ${mm(length.value.mostMm)} at most`
  return length.value.lengthMm
    ? `M${screw.value.diameterMm} × ${exact(length.value.lengthMm)} mm, ${screw.value.pieces} ×; ${range}`
    : `no usual length does: ${range}`
})
const INTO = [
  { value: 'STEEL', label: 'steel' },
  { value: 'ALUMINIUM', label: 'aluminium' },
  { value: 'PLASTIC', label: 'plastic' },
  { value: 'INSERT', label: 'a heat-set insert' },
  { value: 'WOOD', label: 'wood' },
] as const
const SCREW = [
  'diameterMm',
  { field: 'gripMm', label: 'Holds together' },
  { field: 'depthMm', label: 'Depth behind' },
  { field: 'pieces', label: 'How many', unit: '×' },
  { field: 'into', label: 'Bites into', options: INTO },
]
</script>

<template>
  <WorksheetFrame
    :sheet="sheet"
    :good="length && !!length.lengthMm"
    :why="length?.why"
    :verdict="verdict"
  >
    <div class="form">
      <ThingFields kind="worksheets" :thing="sheet" within="screw" given :fields="SCREW" />
    </div>
  </WorksheetFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 150px));
  gap: 8px 14px;
}
</style>
