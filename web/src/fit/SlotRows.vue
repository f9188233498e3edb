<script setup lang="ts">
import Button from 'primevue/button'
import type { Component } from '../api/types'
import ThingFields from '../ui/ThingFields.vue'

/** M.2 slots of a board, in the order they are filled, and what each switches off. */
type Slot = NonNullable<Component['electric']>['m2Slots'][number]
defineProps<{ component: Component; slots: Slot[] }>()
const emit = defineEmits<{ change: [slots: Slot[]] }>()
const LOST: { value: NonNullable<Slot['disables']> | null; label: string }[] = [
  { value: null, label: 'nothing' },
  { value: 'SATA_DATA', label: 'SATA data' },
  { value: 'SLOT', label: 'an expansion slot' },
  { value: 'M2', label: 'another M.2 slot' },
]
const fields = (slot: Slot) => [
  { field: 'lanes', unit: '×' },
  { field: 'disables', label: 'While used it switches off', options: LOST },
  slot.disables && { field: 'disablesCount', label: 'How many of it', unit: '×' },
]
</script>

<template>
  <div class="slots" aria-label="M.2 slots">
    <div v-for="(slot, index) in slots" :key="index" class="line">
      <ThingFields
        kind="components"
        :thing="component"
        :within="`electric.m2Slots.${index}`"
        :fields="fields(slot)"
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
