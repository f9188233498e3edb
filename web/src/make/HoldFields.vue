<script setup lang="ts">
import { computed } from 'vue'
import type { Hold, Panel } from '../api/types'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'

/** How a part is held: what has to be bought for it follows. */
const props = defineProps<{ panel: Panel; problem: (field: string) => string }>()
const emit = defineEmits<{ change: [hold: Hold | null] }>()
const hold = computed(() => props.panel.drawing.hold ?? null)
const KINDS = [
  { value: '', label: 'open' },
  { value: 'SCREWS', label: 'screws' },
  { value: 'MAGNETS', label: 'magnets' },
  { value: 'FOAM_TAPE', label: 'foam tape' },
  { value: 'GLUE', label: 'glue' },
] as const
const INTO = [
  { value: 'INSERT', label: 'heat-set insert' },
  { value: 'STEEL', label: 'steel' },
  { value: 'ALUMINIUM', label: 'aluminium' },
  { value: 'PLASTIC', label: 'plastic' },
  { value: 'WOOD', label: 'wood' },
] as const
const SCREW = [
  { field: 'count', label: 'For one piece', unit: '×' },
  { field: 'diameterMm', label: 'Thread M', unit: 'mm' },
  { field: 'lengthMm', label: 'Length', unit: 'mm' },
  { field: 'gripMm', label: 'Passes besides', unit: 'mm' },
  { field: 'depthMm', label: 'Room behind', unit: 'mm' },
] as const
const MAGNET = [
  { field: 'count', label: 'For one piece', unit: '×' },
  { field: 'diameterMm', label: 'Diameter', unit: 'mm' },
  { field: 'lengthMm', label: 'Thickness', unit: 'mm' },
] as const
const TAPE = [{ field: 'tapeWidthMm', label: 'Tape width', unit: 'mm' }] as const
const fields = computed(() =>
  hold.value?.kind === 'SCREWS' ? SCREW : hold.value?.kind === 'MAGNETS' ? MAGNET : TAPE,
)
const START = {
  SCREWS: { count: 4, diameterMm: 3, lengthMm: 8, gripMm: 0, depthMm: 6.5 },
  MAGNETS: { count: 4, diameterMm: 8, lengthMm: 2, gripMm: 0, depthMm: 0 },
  FOAM_TAPE: { count: 0, diameterMm: 0, lengthMm: 0, gripMm: 0, depthMm: 0 },
  GLUE: { count: 0, diameterMm: 0, lengthMm: 0, gripMm: 0, depthMm: 0 },
}
function choose(kind: string) {
  if (!kind) return emit('change', null)
  const way = kind as Hold['kind']
  emit('change', {
    kind: way,
    ...START[way],
    into: way === 'SCREWS' ? 'INSERT' : null,
    tapeWidthMm: 12,
    hot: false,
    rough: false,
    overhead: false,
  } as Hold)
}
const edit = (change: Partial<Hold>) => emit('change', { ...hold.value!, ...change })
const GROUND = [
  { field: 'hot', label: 'above 45 °C' },
  { field: 'rough', label: 'rough or painted' },
  { field: 'overhead', label: 'overhead' },
] as const
</script>

<template>
  <div class="hold">
    <div class="trio">
      <ChoiceField
        label="Held by"
        :model-value="hold?.kind ?? ''"
        :options="[...KINDS]"
        @update:model-value="choose"
      />
      <ChoiceField
        v-if="hold?.kind === 'SCREWS'"
        label="Into"
        :model-value="hold.into ?? 'INSERT'"
        :options="[...INTO]"
        @update:model-value="(into) => edit({ into })"
      />
      <NumberFields
        v-if="hold && hold.kind !== 'GLUE'"
        :of="hold"
        :fields="fields"
        :problem="(field) => problem('drawing.hold.' + field)"
        @change="edit"
      />
    </div>
    <p v-if="hold?.kind === 'FOAM_TAPE'" class="row checks">
      <CheckField
        v-for="each in GROUND"
        :key="each.field"
        :label="each.label"
        :model-value="hold[each.field]"
        @update:model-value="(on: boolean) => edit({ [each.field]: on })"
      />
    </p>
  </div>
</template>

<style scoped>
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.checks {
  gap: 12px;
  margin: 6px 0 0;
}
</style>
