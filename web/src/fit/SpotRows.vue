<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Body, Component } from '../api/types'
import { SEATS } from './fitWords'
import ThingFields from '../ui/ThingFields.vue'

/** Places on a board where others sit: the middle of each, from its lower left front corner. */
const props = defineProps<{ component: Component; body: Body }>()
const emit = defineEmits<{ change: [spots: Body['spots']] }>()
const seats = SEATS.filter((seat) => seat.value.startsWith('ON_'))
const spots = computed(() => props.body.spots)
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
const SPOT = [
  { field: 'seat', label: 'Sits on it', options: seats },
  { field: 'xMm', label: 'Middle from its left' },
  { field: 'yMm', label: 'Middle from its front' },
  { field: 'zMm', label: 'Height over its underside' },
]
</script>

<template>
  <div class="spots" aria-label="What sits on it">
    <div v-for="(_, index) in spots" :key="index" class="line">
      <ThingFields
        kind="components"
        :thing="component"
        :within="`body.spots.${index}`"
        :fields="SPOT"
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
