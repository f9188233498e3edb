<script setup lang="ts">
import { computed } from 'vue'
import type { Worked, Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'
import { mm } from '../ui/words'
import SheetFrame from './SheetFrame.vue'
import { exact } from '../units/writing'

/** How long a screw may be. */
const props = defineProps<{ sheet: Worksheet; answer: Worked | null }>()
const builds = useBuild()
type Screw = NonNullable<Worksheet['screw']>
const screw = computed(() => props.sheet.screw!)
const edit = (change: Partial<Screw>) =>
  builds.edit('worksheets', props.sheet, { screw: { ...screw.value, ...change } })
const problem = (field: string) => builds.problem('worksheets', props.sheet.id, 'screw.' + field)
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
const NUMBERS = [
  { field: 'diameterMm', label: 'Diameter', unit: 'mm' },
  { field: 'gripMm', label: 'Holds together', unit: 'mm' },
  { field: 'depthMm', label: 'Depth behind', unit: 'mm' },
  { field: 'pieces', label: 'How many', unit: '×' },
] as const
</script>

<template>
  <SheetFrame
    :sheet="sheet"
    :good="length && !!length.lengthMm"
    :why="length?.why"
    :verdict="verdict"
  >
    <div class="form">
      <NumberFields :of="screw" :fields="NUMBERS" :problem="problem" @change="edit" />
      <ChoiceField
        label="Bites into"
        :model-value="screw.into"
        :options="[...INTO]"
        @update:model-value="(into) => edit({ into })"
      />
    </div>
  </SheetFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 150px));
  gap: 8px 14px;
}
</style>
