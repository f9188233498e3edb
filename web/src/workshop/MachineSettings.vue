<script setup lang="ts">
import Button from 'primevue/button'
import type { Machine } from '../api/types'
import { exact } from '../units/writing'
import ThingFields from '../ui/ThingFields.vue'

/** Speed, power and passes for each material and thickness; tried by somebody, or not. */
type Setting = Machine['settings'][number]
const props = defineProps<{ machine: Machine; who: string }>()
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
const SETTING = [
  { field: 'material', options: MATERIALS },
  { field: 'thicknessMm', label: 'Thick' },
  { field: 'speedMmPerSecond', label: 'Speed', unit: 'mm/s' },
  { field: 'powerPercent', label: 'Power' },
  { field: 'passes', unit: '×' },
]
/** A setting that is changed is untried again. */
function untried(index: number, settings: Setting[]) {
  emit(
    'change',
    settings.map((each, i) => (i === index ? { ...each, confirmedBy: '' } : each)),
  )
}
function tried(index: number) {
  emit(
    'change',
    props.machine.settings.map((each, i) =>
      i === index ? { ...each, confirmedBy: props.who } : each,
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
    <ThingFields
      kind="machines"
      :thing="machine"
      :within="`settings.${index}`"
      :fields="SETTING"
      :edit="(change: { settings: Setting[] }) => untried(index, change.settings)"
    />
    <span v-if="setting.confirmedBy" class="tried">tried by {{ setting.confirmedBy }}</span>
    <Button
      v-else
      class="quiet"
      size="small"
      label="Test piece came out well"
      @click="tried(index)"
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
