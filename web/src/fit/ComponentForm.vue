<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import CountingFields from '../build/CountingFields.vue'
import { useBuild } from '../store/build'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'
import BodyFields from './BodyFields.vue'
import PortRows from './PortRows.vue'
import ThermalFields from './ThermalFields.vue'
import { KINDS } from './fitWords'
import { useLibrary } from './useLibrary'

/** One component in numbers: money, size, what it draws and plugs into, heat. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
const library = useLibrary()
const saver = useSaver()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const SOURCES = [
  { value: 'BUY', label: 'bought for this build' },
  { value: 'OWNED', label: 'in the workshop already' },
  { value: 'CLIENT', label: 'brought by the client' },
] as const
const suppliers = computed(() => [
  { value: '', label: 'none' },
  ...workshop.book!.suppliers.map((s) => ({ value: s.id, label: s.name })),
])
const NUMBERS = [
  { field: 'quantity', label: 'Pieces', unit: '×' },
  { field: 'massKg', label: 'Mass of one', unit: 'kg' },
  { field: 'peakWatts', label: 'Draws at most', unit: 'W' },
  { field: 'supplyWatts', label: 'Gives, as a supply', unit: 'W' },
  { field: 'hdmiOutputs', label: 'HDMI outputs', unit: '×' },
  { field: 'displayPortOutputs', label: 'DisplayPort outputs', unit: '×' },
  { field: 'typeCOutputs', label: 'Type-C outputs', unit: '×' },
  { field: 'lightHeaders', label: 'Light headers', unit: '×' },
  { field: 'storageGb', label: 'Storage of one', unit: 'GB', optional: true },
  { field: 'memoryGb', label: 'Memory of one', unit: 'GB', optional: true },
] as const
const edit = (change: Partial<Component>) => builds.edit('components', props.component, change)
const problem = (field: string) => builds.problem('components', props.component.id, field)
const suppliersLead = computed(
  () => workshop.book!.suppliers.find((s) => s.id === props.component.supplierId)?.leadDays ?? 7,
)
/** Keeps it for other builds, under its own id. */
async function keep() {
  const c = props.component
  const product = {
    id: c.id,
    name: c.name,
    kind: c.kind,
    priceMinor: c.priceMinor,
    supplierId: c.supplierId,
    massKg: c.massKg,
    peakWatts: c.peakWatts,
    supplyWatts: c.supplyWatts,
    hdmiOutputs: c.hdmiOutputs,
    displayPortOutputs: c.displayPortOutputs,
    typeCOutputs: c.typeCOutputs,
    lightHeaders: c.lightHeaders,
    storageGb: c.storageGb,
    memoryGb: c.memoryGb,
    attributes: c.attributes,
    body: c.body,
    electric: c.electric,
    thermal: c.thermal,
  }
  const path = `/api/workshop/hardware/${encodeURIComponent(c.id)}`
  const version = library.view?.versions['hardware/' + c.id]
  if (version !== undefined && !saver.pending.has(path)) saver.versions.set(path, version)
  saver.save({ key: `hardware/${c.id}`, path, value: product })
  await saver.settled()
  if (saver.refused.has(path)) return // said aloud
  shell.say(
    `${c.name} is in the library ${saver.away ? 'as soon as the computer answers' : 'now'}.`,
  )
  if (!saver.away) await library.load(true)
}
</script>

<template>
  <section class="form">
    <TextField
      label="Name"
      required
      :model-value="component.name"
      :problem="problem('name')"
      @update:model-value="(name) => edit({ name })"
    />
    <ChoiceField
      label="Kind"
      :model-value="component.kind"
      :options="KINDS"
      @update:model-value="(kind) => edit({ kind })"
    />
    <ChoiceField
      label="Comes from"
      :model-value="component.source"
      :options="[...SOURCES]"
      @update:model-value="(source) => edit({ source })"
    />
    <ChoiceField
      label="Counts as"
      :model-value="component.forLook ? 'look' : 'performance'"
      :options="[
        { value: 'performance', label: 'performance hardware' },
        { value: 'look', label: 'look hardware' },
      ]"
      @update:model-value="(as) => edit({ forLook: as === 'look' })"
    />
    <MoneyField
      v-if="session.owner"
      :label="component.source === 'BUY' ? 'Price of one' : 'Market price of one'"
      :model-value="component.priceMinor"
      :problem="problem('priceMinor')"
      @update:model-value="(price) => edit({ priceMinor: price ?? 0 })"
    />
    <template v-if="component.source === 'BUY'">
      <ChoiceField
        label="Supplier"
        :model-value="component.supplierId"
        :options="suppliers"
        @update:model-value="(supplierId) => edit({ supplierId })"
      />
      <MeasureField
        label="Lead time"
        :problem="problem('leadDays')"
        unit="days"
        optional
        :model-value="component.leadDays < 0 ? null : component.leadDays"
        :hint="`empty: the supplier’s ${suppliersLead} days`"
        @update:model-value="(days) => edit({ leadDays: days ?? -1 })"
      />
    </template>
    <CountingFields v-if="component.source !== 'BUY'" :component="component" />
    <NumberFields :of="component" :fields="NUMBERS" :problem="problem" @change="edit" />
    <TextField
      label="Worth knowing"
      :problem="problem('attributes')"
      :model-value="component.attributes"
      @update:model-value="(attributes) => edit({ attributes })"
    />
    <template v-if="component.kind !== 'ENCLOSURE'">
      <BodyFields :component="component" />
      <PortRows :component="component" />
      <ThermalFields :component="component" />
    </template>
    <div class="row whole">
      <Button
        class="bare"
        size="small"
        :label="`Remove ${component.name}`"
        @click="builds.remove('components', component.id)"
      />
      <Button
        v-if="session.owner && !component.productId"
        class="bare"
        size="small"
        label="Keep it in the library"
        @click="keep"
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
