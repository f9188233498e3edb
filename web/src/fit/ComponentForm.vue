<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import CountingFields from '../build/CountingFields.vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import BodyFields from './BodyFields.vue'
import PortRows from './PortRows.vue'
import ThermalFields from './ThermalFields.vue'
import WiringFields from './WiringFields.vue'
import ProductLine from './ProductLine.vue'
import { KINDS } from './fitWords'
import ThingFields from '../ui/ThingFields.vue'

/** One component in numbers: money, size, what it draws and plugs into, heat. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
const workshop = useWorkshop()
const SOURCES = [
  { value: 'BUY', label: 'bought for this build' },
  { value: 'OWNED', label: 'in the workshop already' },
  { value: 'CLIENT', label: 'brought by the client' },
  { value: 'GIVEN', label: 'given for this build' },
  { value: 'LENT', label: 'lent, goes back' },
] as const
const TRIED = [
  { value: null, label: 'nobody has said' },
  { value: 'NEW', label: 'new' },
  { value: 'WORKS', label: 'used, seen working' },
  { value: 'UNTESTED', label: 'used, untested' },
]
const NUMBERS = [
  { field: 'quantity', label: 'Pieces' },
  { field: 'massKg', label: 'Mass of one' },
  { field: 'peakWatts', label: 'Draws at most' },
  { field: 'supplyWatts', label: 'Gives, as a supply' },
  { field: 'hdmiOutputs', label: 'HDMI outputs' },
  { field: 'displayPortOutputs', label: 'DisplayPort outputs' },
  { field: 'typeCOutputs', label: 'Type-C outputs' },
  'lightHeaders',
  { field: 'storageGb', label: 'Storage of one' },
  { field: 'memoryGb', label: 'Memory of one' },
  { field: 'attributes', label: 'Worth knowing', lines: 1 },
]
const suppliersLead = computed(
  () => workshop.book!.suppliers.find((s) => s.id === props.component.supplierId)?.leadDays ?? 7,
)
const LOOK = [
  { value: 'false', label: 'performance hardware' },
  { value: 'true', label: 'look hardware' },
]
const BOUGHT = computed(() => {
  const bought = props.component.source === 'BUY'
  return [
    'name',
    { field: 'kind', options: KINDS },
    { field: 'source', label: 'Comes from', options: SOURCES },
    !bought && {
      field: 'tried',
      label: 'Does it work?',
      options: TRIED,
      hint: 'untested: proven on the bench before it goes in',
    },
    { field: 'forLook', label: 'Counts as', options: LOOK },
    { field: 'priceMinor', label: bought ? 'Price of one' : 'Market price of one' },
    bought && 'supplierId',
    bought && {
      field: 'leadDays',
      label: 'Lead time',
      optional: true,
      hint: `empty: the supplier’s ${suppliersLead.value} days`,
      get: () => (props.component.leadDays < 0 ? null : props.component.leadDays),
      set: (days: number | null) => ({ leadDays: days ?? -1 }),
    },
  ]
})
</script>

<template>
  <section class="form">
    <ProductLine v-if="component.kind !== 'ENCLOSURE'" kind="components" :thing="component" />
    <ThingFields kind="components" :thing="component" :fields="BOUGHT" />
    <CountingFields v-if="component.source !== 'BUY'" :component="component" />
    <ThingFields kind="components" :thing="component" :fields="NUMBERS" />
    <template v-if="component.kind !== 'ENCLOSURE'">
      <BodyFields :component="component" />
      <PortRows :component="component" />
      <ThermalFields :component="component" />
      <WiringFields :component="component" />
    </template>
    <div class="row whole">
      <Button
        class="bare"
        size="small"
        :label="`Remove ${component.name}`"
        @click="builds.remove('components', component.id)"
      />
    </div>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 10px 16px;
  align-items: start;
  border-top: 1.5px solid var(--ink);
  padding-top: 12px;
}
.whole {
  grid-column: 1 / -1;
}
</style>
