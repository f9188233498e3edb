<script setup lang="ts">
import Button from 'primevue/button'
import type { Machine } from '../api/types'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'
import { exact } from '../units/writing'

/** Speed, power and passes for each material and thickness; tried by somebody, or not. */
type Setting = Machine['settings'][number]
const props = defineProps<{ machine: Machine; who: string }>()
const workshop = useWorkshop()
const emit = defineEmits<{ change: [settings: Setting[]] }>()
const MATERIALS = (
  [
    'ACRYLIC',
    'PLY',
    'MDF',
    'CARD',
    'ALUMINIUM',
    'STEEL',
    'POLYCARBONATE',
    'PVC',
    'ABS',
  ] as Setting['material'][]
).map((value) => ({ value, label: value.toLowerCase() }))
const FIELDS = [
  { field: 'thicknessMm', label: 'Thick', unit: 'mm' },
  { field: 'speedMmPerSecond', label: 'Speed', unit: 'mm/s' },
  { field: 'powerPercent', label: 'Power', unit: '%' },
  { field: 'passes', label: 'Passes', unit: '×' },
] as const
/** A setting that is changed is untried again. */
function edit(index: number, change: Partial<Setting>) {
  emit(
    'change',
    props.machine.settings.map((each, i) =>
      i === index ? { ...each, confirmedBy: '', ...change } : each,
    ),
  )
}
function add() {
  const more: Setting = {
    material: 'ACRYLIC',
    thicknessMm: 3,
    speedMmPerSecond: 10,
    powerPercent: 60,
    passes: 1,
    confirmedBy: '',
  }
  emit('change', [...props.machine.settings, more])
}
const remove = (index: number) =>
  emit(
    'change',
    props.machine.settings.filter((_, i) => i !== index),
  )
</script>

<template>
  <div v-for="(setting, index) in machine.settings" :key="index" class="setting">
    <ChoiceField
      label="Material"
      :model-value="setting.material"
      :options="MATERIALS"
      @update:model-value="(material) => edit(index, { material })"
    />
    <NumberFields
      :of="setting"
      :fields="FIELDS"
      :problem="(field) => workshop.problem('machines', machine.id, `settings.${index}.${field}`)"
      @change="(change) => edit(index, change)"
    />
    <span v-if="setting.confirmedBy" class="tried">tried by {{ setting.confirmedBy }}</span>
    <Button
      v-else
      class="quiet"
      size="small"
      label="Test piece came out well"
      @click="edit(index, { confirmedBy: who })"
    />
    <Button
      class="bare"
      size="small"
      label="remove"
      :aria-label="`Remove ${setting.material.toLowerCase()} ${exact(setting.thicknessMm)} mm`"
      @click="remove(index)"
    />
  </div>
  <Button class="quiet" size="small" label="Add a setting" @click="add" />
</template>

<style scoped>
.setting {
  display: grid;
  grid-template-columns: 150px repeat(4, 110px) 1fr auto;
  gap: 8px;
  align-items: end;
  padding: 3px 0;
}
.setting :deep(.quiet) {
  justify-self: start;
}
.tried {
  color: var(--verdigris);
  padding-bottom: 8px;
}
</style>
