<script setup lang="ts">
import Button from 'primevue/button'
import type { Component } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'

/** M.2 slots of a board, in the order they are filled, and what each switches off. */
type Slot = NonNullable<Component['electric']>['m2Slots'][number]
const props = defineProps<{ slots: Slot[]; problem: (field: string) => string }>()
const emit = defineEmits<{ change: [slots: Slot[]] }>()
const LOST: { value: NonNullable<Slot['disables']> | null; label: string }[] = [
  { value: null, label: 'nothing' },
  { value: 'SATA_DATA', label: 'SATA data' },
  { value: 'SLOT', label: 'an expansion slot' },
  { value: 'M2', label: 'another M.2 slot' },
]
function change(index: number, part: Partial<Slot>) {
  emit(
    'change',
    props.slots.map((s, i) => (i === index ? { ...s, ...part } : s)),
  )
}
const LANES = [{ field: 'lanes', label: 'Lanes', unit: '×' }] as const
const COUNT = [{ field: 'disablesCount', label: 'How many of it', unit: '×' }] as const
</script>

<template>
  <div class="slots" aria-label="M.2 slots">
    <div v-for="(slot, index) in slots" :key="index" class="line">
      <NumberFields
        :of="slot"
        :fields="LANES"
        :problem="(field) => problem(`m2Slots.${index}.${field}`)"
        @change="(part) => change(index, part)"
      />
      <ChoiceField
        label="While used it switches off"
        :model-value="slot.disables ?? null"
        :options="LOST"
        @update:model-value="(lost) => change(index, { disables: lost ?? undefined })"
      />
      <NumberFields
        v-if="slot.disables"
        :of="slot"
        :fields="COUNT"
        :problem="(field) => problem(`m2Slots.${index}.${field}`)"
        @change="(part) => change(index, part)"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`Take out M.2 slot ${index + 1}`"
        @click="
          emit(
            'change',
            slots.filter((_, i) => i !== index),
          )
        "
      />
    </div>
    <Button
      class="bare"
      size="small"
      label="Add an M.2 slot"
      @click="emit('change', [...slots, { lanes: 4, disablesCount: 0 }])"
    />
  </div>
</template>

<style scoped>
.slots {
  grid-column: 1 / -1;
  display: grid;
  gap: 4px;
  justify-items: start;
}
.line {
  display: flex;
  gap: 12px;
  align-items: end;
}
</style>
