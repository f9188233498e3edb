<script setup lang="ts">
import { computed } from 'vue'
import type { Hold, Panel } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import ThingFields from '../ui/ThingFields.vue'

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
]
const COUNT = { field: 'count', label: 'For one piece' }
const SCREW = [
  { field: 'into', options: INTO, instead: 'INSERT' },
  COUNT,
  { field: 'diameterMm', label: 'Thread M' },
  'lengthMm',
  { field: 'gripMm', label: 'Passes besides' },
  { field: 'depthMm', label: 'Room behind' },
]
const MAGNET = [
  COUNT,
  'diameterMm',
  { field: 'lengthMm', label: 'Thickness' },
  { field: 'pullN', label: 'Pull of one', unit: 'N' },
  { field: 'covered', label: 'Steel behind each', unit: '%', times: 100 },
  { field: 'gap', label: 'Left by paint and air', unit: '%', times: 100 },
]
const CARRIED = [{ field: 'ledge', label: 'a ledge carries it besides' }]
const TAPE = ['tapeWidthMm']
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
    pullN: 0,
    covered: 1,
    gap: 1,
    ledge: false,
  } as Hold)
}
const GROUND = [
  { field: 'hot', label: 'above 45 °C' },
  { field: 'rough', label: 'rough or painted' },
  { field: 'overhead', label: 'overhead' },
]
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
      <ThingFields
        v-if="hold && hold.kind !== 'GLUE'"
        kind="panels"
        :thing="panel"
        within="drawing.hold"
        given
        :fields="fields"
        :also-wrong="problem"
      />
    </div>
    <p v-if="hold?.kind === 'FOAM_TAPE' || hold?.kind === 'MAGNETS'" class="row checks">
      <ThingFields
        kind="panels"
        :thing="panel"
        within="drawing.hold"
        :fields="hold.kind === 'MAGNETS' ? CARRIED : GROUND"
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
