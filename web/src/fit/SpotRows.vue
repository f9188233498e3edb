<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Body } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'
import { SEATS } from './fitWords'

/** Places on a board where others sit: the middle of each, from its lower left front corner. */
const props = defineProps<{ body: Body; problem: (field: string) => string }>()
const emit = defineEmits<{ change: [spots: Body['spots']] }>()
type Spot = Body['spots'][number]
const seats = SEATS.filter((seat) => seat.value.startsWith('ON_'))
const spots = computed(() => props.body.spots)
function change(index: number, part: Partial<Spot>) {
  emit(
    'change',
    spots.value.map((s, i) => (i === index ? { ...s, ...part } : s)),
  )
}
const add = () =>
  emit('change', [
    ...spots.value,
    {
      seat: 'ON_MEMORY',
      xMm: props.body.widthMm / 2,
      yMm: props.body.depthMm / 2,
      zMm: props.body.heightMm,
    },
  ])
const PLACE = [
  { field: 'xMm', label: 'Middle from its left', unit: 'mm' },
  { field: 'yMm', label: 'Middle from its front', unit: 'mm' },
  { field: 'zMm', label: 'Height over its underside', unit: 'mm' },
] as const
</script>

<template>
  <div class="spots" aria-label="What sits on it">
    <div v-for="(spot, index) in spots" :key="index" class="line">
      <ChoiceField
        label="Sits on it"
        :model-value="spot.seat"
        :options="seats"
        @update:model-value="(seat) => change(index, { seat })"
      />
      <NumberFields
        :of="spot"
        :fields="PLACE"
        :problem="(field) => problem(`spots.${index}.${field}`)"
        @change="(part) => change(index, part)"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`Take out spot ${index + 1}`"
        @click="
          emit(
            'change',
            spots.filter((_, i) => i !== index),
          )
        "
      />
    </div>
    <Button class="bare" size="small" label="Add a spot on it" @click="add" />
  </div>
</template>

<style scoped>
.spots {
  grid-column: 1 / -1;
  display: grid;
  gap: 4px;
  justify-items: start;
}
.line {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr 1fr auto;
  gap: 12px;
  align-items: end;
  width: 100%;
}
</style>
