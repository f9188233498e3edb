<script setup lang="ts">
import Button from 'primevue/button'
import type { Bent } from '../api/types'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'

/** Legs and bends of a strip, from left to right; its flat length follows. */
const props = defineProps<{ bent: Bent; thicknessMm: number; problem: (field: string) => string }>()
const emit = defineEmits<{ change: [bent: Bent] }>()
const FIELDS = [
  { field: 'angleDegrees', label: 'Bend', unit: '°' },
  { field: 'insideRadiusMm', label: 'Inside radius', unit: 'mm' },
  { field: 'legMm', label: 'Leg behind', unit: 'mm' },
] as const
type Bend = Bent['bends'][number]
function bend(index: number, change: Partial<Bend>) {
  emit('change', {
    ...props.bent,
    bends: props.bent.bends.map((each, i) => (i === index ? { ...each, ...change } : each)),
  })
}
function add() {
  const next = { angleDegrees: 90, insideRadiusMm: 2 * props.thicknessMm, legMm: 40 }
  emit('change', { ...props.bent, bends: [...props.bent.bends, next] })
}
function remove(index: number) {
  emit('change', { ...props.bent, bends: props.bent.bends.filter((_, i) => i !== index) })
}
</script>

<template>
  <div class="bends">
    <MeasureField
      label="First leg"
      unit="mm"
      :model-value="bent.firstLegMm"
      :problem="problem('drawing.bent.firstLegMm')"
      @update:model-value="
        (firstLegMm) => firstLegMm !== null && emit('change', { ...bent, firstLegMm })
      "
    />
    <div v-for="(each, index) in bent.bends" :key="index" class="trio">
      <NumberFields
        :of="each"
        :fields="FIELDS"
        :problem="(field) => problem(`drawing.bent.bends.${index}.${field}`)"
        @change="(change) => bend(index, change)"
      />
      <Button
        v-if="bent.bends.length > 1"
        class="bare"
        size="small"
        :label="`Remove bend ${index + 1}`"
        @click="remove(index)"
      />
    </div>
    <Button class="quiet" size="small" label="Add a bend" @click="add" />
  </div>
</template>

<style scoped>
.bends {
  display: grid;
  gap: 6px;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
</style>
