<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Component } from '../api/types'
import CountingFields from '../build/CountingFields.vue'
import StageFrame from '../build/StageFrame.vue'
import { newComponent } from '../build/newComponent'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'
import { money, plain } from '../ui/words'

/** The hardware that goes in: a list with price, mass, supplier, lead time and what it offers. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const picked = ref<string | null>(null)
const components = computed(() => builds.build!.components)
const component = computed(
  () => components.value.find((c) => c.id === picked.value) ?? components.value[0],
)
const KINDS = (
  [
    'ENCLOSURE',
    'BOARD',
    'PROCESSOR',
    'GRAPHICS',
    'MEMORY',
    'DRIVE',
    'SUPPLY',
    'COOLER',
    'FAN',
    'CONTROLLER',
    'OTHER',
  ] as const
).map((value) => ({ value, label: plain(value) }))
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
  { field: 'storageGb', label: 'Storage of one', unit: 'GB' },
  { field: 'memoryGb', label: 'Memory of one', unit: 'GB' },
] as const

const edit = (change: Partial<Component>) => builds.edit('components', component.value, change)
const problem = (field: string) => builds.problem('components', component.value.id, field)
function add() {
  const supplierId = workshop.book!.suppliers[0]?.id ?? ''
  picked.value = builds.add('components', newComponent('New component', 'BUY', supplierId))
}
const load = computed(() => builds.view!.lightLoad)
const total = computed(
  () => load.value.hardwareWatts + load.value.volt5Watts + load.value.volt12Watts,
)
const leadOf = (c: Component) =>
  c.leadDays >= 0
    ? c.leadDays
    : (workshop.book!.suppliers.find((s) => s.id === c.supplierId)?.leadDays ?? 7)
const items = computed(() =>
  components.value.map((c) => ({
    id: c.id,
    name: c.name,
    detail: [
      plain(c.kind),
      `${(c.massKg * c.quantity).toFixed(1)} kg`,
      c.source === 'BUY' ? `${leadOf(c)} days` : plain(c.source),
      session.owner ? money(c.priceMinor * c.quantity, workshop.currency) : '',
    ]
      .filter(Boolean)
      .join(' · '),
  })),
)
</script>

<template>
  <StageFrame
    title="Fit"
    :note="`${components.length} components, ${builds.view!.hardwareMassKg.toFixed(1)} kg; ${total.toFixed(0)} W at most, supply ${load.supplyWatts.toFixed(0)} W`"
    :capabilities="['fit', 'light']"
    :on-new="add"
  >
    <template #actions><Button class="quiet" label="Add a component" @click="add" /></template>
    <p v-if="!component" class="soft">
      No hardware yet. Add what goes in: its price, mass, parcels and checks follow.
    </p>
    <template v-else>
      <PickList label="Components" :items="items" :picked="component.id" @pick="picked = $event" />
      <section class="form">
        <TextField
          label="Name"
          required
          :model-value="component.name"
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
            unit="days"
            optional
            :model-value="component.leadDays < 0 ? null : component.leadDays"
            :hint="`empty: the supplier’s ${leadOf({ ...component, leadDays: -1 })} days`"
            @update:model-value="(days) => edit({ leadDays: days ?? -1 })"
          />
        </template>
        <CountingFields v-if="component.source !== 'BUY'" :component="component" />
        <MeasureField
          v-for="number in NUMBERS"
          :key="number.field"
          :label="number.label"
          :unit="number.unit"
          :optional="number.unit === 'GB'"
          :model-value="component[number.field] ?? null"
          :problem="problem(number.field)"
          @update:model-value="
            (value) => (value !== null || number.unit === 'GB') && edit({ [number.field]: value })
          "
        />
        <Button
          class="bare"
          size="small"
          :label="`Remove ${component.name}`"
          @click="builds.remove('components', component.id)"
        />
      </section>
      <p class="soft">
        Bays, clearances, cooling and balance are proved here later; until then “Prove on paper that
        it goes in” is a step on the plan.
      </p>
    </template>
  </StageFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px 16px;
  align-items: start;
  border-top: 1.5px solid var(--ink);
  padding-top: 12px;
}
</style>
