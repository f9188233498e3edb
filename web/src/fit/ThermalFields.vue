<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'

/** Heat and air of a component: only what its kind has. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
type Thermal = NonNullable<Component['thermal']>
const NOTHING: Thermal = {
  sections: 0,
  sectionMm: 0,
  thicknessMm: 0,
  rpm: 0,
  coolantL: 0,
  copperKg: 0,
  airM3PerHour: 0,
  fanMm: 0,
}
const thermal = computed(() => props.component.thermal ?? null)
const begin = () => builds.edit('components', props.component, { thermal: NOTHING })
const NUMBERS = [
  { field: 'thermal.limitC', label: 'Slows down at', unit: '°C' },
  { field: 'thermal.resistanceKPerW', label: 'Cooler, chip to air or coolant', unit: 'K/W' },
  { field: 'thermal.sections', label: 'Radiator sections', unit: '×' },
  { field: 'thermal.sectionMm', label: 'A section' },
  { field: 'thermal.thicknessMm', label: 'Radiator thickness' },
  { field: 'thermal.rpm', label: 'Fans turn at', unit: 'rpm' },
  { field: 'thermal.airM3PerHour', label: 'Air of one fan', unit: 'm³/h' },
  { field: 'thermal.fanMm', label: 'Fan frame' },
  { field: 'thermal.coolantL', label: 'Coolant in it' },
  { field: 'thermal.copperKg', label: 'Copper in it' },
]
const chips = computed(() => [
  { value: '', label: 'the processor' },
  ...builds
    .build!.components.filter((c) => c.thermal?.limitC)
    .map((c) => ({ value: c.id, label: c.name })),
])
const SHOWS = [
  { value: null, label: 'nothing to see' },
  { value: 'INLET_SIDE', label: 'on the inlet side' },
  { value: 'OUTLET_SIDE', label: 'on the outlet side' },
]
const fields = computed(() => [
  ...NUMBERS,
  !!thermal.value?.resistanceKPerW &&
    !thermal.value.limitC && { field: 'fitted.coolsId', label: 'Cools', options: chips.value },
  !!thermal.value?.airM3PerHour && {
    field: 'thermal.shows',
    label: 'Its light or display',
    options: SHOWS,
  },
])
</script>

<template>
  <h3>Heat and air</h3>
  <p v-if="!thermal" class="whole">
    <Button class="quiet" size="small" label="It gets warm, cools or blows" @click="begin" />
  </p>
  <template v-else>
    <ThingFields kind="components" :thing="component" :fields="fields" />
  </template>
</template>

<style scoped>
h3,
.whole {
  grid-column: 1 / -1;
}
h3 {
  font-size: 15.5px;
  margin: 4px 0 -4px;
}
p {
  margin: 0;
}
</style>
