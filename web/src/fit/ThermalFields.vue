<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'

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
const edit = (change: Partial<Thermal>) =>
  builds.edit('components', props.component, {
    thermal: { ...(thermal.value ?? NOTHING), ...change },
  })
const problem = (field: string) =>
  builds.problem('components', props.component.id, 'thermal.' + field)
const NUMBERS = [
  { field: 'limitC', label: 'Slows down at', unit: '°C', optional: true },
  {
    field: 'resistanceKPerW',
    label: 'Cooler, chip to air or coolant',
    unit: 'K/W',
    optional: true,
  },
  { field: 'sections', label: 'Radiator sections', unit: '×' },
  { field: 'sectionMm', label: 'A section', unit: 'mm' },
  { field: 'thicknessMm', label: 'Radiator thickness', unit: 'mm' },
  { field: 'rpm', label: 'Fans turn at', unit: 'rpm' },
  { field: 'airM3PerHour', label: 'Air of one fan', unit: 'm³/h' },
  { field: 'fanMm', label: 'Fan frame', unit: 'mm' },
  { field: 'coolantL', label: 'Coolant in it', unit: 'l' },
  { field: 'copperKg', label: 'Copper in it', unit: 'kg' },
] as const
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
] as const
</script>

<template>
  <h3>Heat and air</h3>
  <p v-if="!thermal" class="whole">
    <Button class="quiet" size="small" label="It gets warm, cools or blows" @click="edit({})" />
  </p>
  <template v-else>
    <NumberFields :of="thermal" :fields="NUMBERS" :problem="problem" @change="edit" />
    <ChoiceField
      v-if="thermal.resistanceKPerW && !thermal.limitC"
      label="Cools"
      :model-value="component.fitted.coolsId"
      :options="chips"
      @update:model-value="
        (coolsId) =>
          builds.edit('components', component, { fitted: { ...component.fitted, coolsId } })
      "
    />
    <ChoiceField
      v-if="thermal.airM3PerHour"
      label="Its light or display"
      :model-value="thermal.shows ?? null"
      :options="[...SHOWS]"
      @update:model-value="(shows) => edit({ shows: shows ?? undefined })"
    />
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
