<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component, Port } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import { plain } from '../ui/words'
import SlotRows from './SlotRows.vue'

/** What a component draws, asks for and offers. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
type Electric = NonNullable<Component['electric']>
const NOTHING: Electric = {
  asks: [],
  offers: [],
  m2Slots: [],
  processorGraphics: false,
  tested: 'NOT_CHECKED',
}
const electric = computed(() => props.component.electric ?? NOTHING)
const edit = (change: Partial<Electric>) =>
  builds.edit('components', props.component, { electric: { ...electric.value, ...change } })
const problem = (field: string) =>
  builds.problem('components', props.component.id, 'electric.' + field)
const KINDS = (
  [
    'ATX_24',
    'CPU_8',
    'GRAPHICS_8',
    'GRAPHICS_16',
    'SATA_POWER',
    'PERIPHERAL',
    'FAN_HEADER',
    'PUMP_HEADER',
    'LIGHT_5V',
    'LIGHT_12V',
    'USB2_HEADER',
    'USB3_HEADER',
    'TYPE_C_HEADER',
    'REAR_USB',
    'EMBEDDED_DISPLAY',
    'SATA_DATA',
    'M2',
    'SLOT',
    'MEMORY_SLOT',
  ] as Port['kind'][]
).map((value) => ({ value, label: plain(value) }))
const SIDES = [
  { list: 'asks', label: 'Asks for' },
  { list: 'offers', label: 'Offers' },
] as const
function change(list: 'asks' | 'offers', index: number, part: Partial<Port>) {
  edit({ [list]: electric.value[list].map((p, i) => (i === index ? { ...p, ...part } : p)) })
}
function add(list: 'asks' | 'offers') {
  edit({ [list]: [...electric.value[list], { kind: 'FAN_HEADER', count: 1 } as Port] })
}
function remove(list: 'asks' | 'offers', index: number) {
  edit({ [list]: electric.value[list].filter((_, i) => i !== index) })
}
const current = (port: Port) => /HEADER|LIGHT/.test(port.kind) && !/USB|TYPE_C/.test(port.kind)
const TESTED = [
  { value: 'YES', label: 'yes' },
  { value: 'NO', label: 'no' },
  { value: 'NOT_CHECKED', label: 'not looked up' },
] as const
const GRAPHICS = [
  { value: 'yes', label: 'has graphics' },
  { value: 'no', label: 'has none' },
]
</script>

<template>
  <h3>Fed and connected</h3>
  <MeasureField
    label="Draws typically"
    unit="W"
    optional
    hint="empty: as at most"
    :model-value="electric.typicalWatts ?? null"
    :problem="problem('typicalWatts')"
    @update:model-value="(watts) => edit({ typicalWatts: watts ?? undefined })"
  />
  <MeasureField
    v-if="component.kind === 'SUPPLY'"
    label="Bears for an instant"
    unit="W"
    optional
    hint="empty: not stated"
    :model-value="electric.excursionWatts ?? null"
    :problem="problem('excursionWatts')"
    @update:model-value="(watts) => edit({ excursionWatts: watts ?? undefined })"
  />
  <ChoiceField
    v-if="component.kind === 'MEMORY'"
    label="On the board’s tested list"
    :model-value="electric.tested"
    :options="[...TESTED]"
    @update:model-value="(tested) => edit({ tested })"
  />
  <ChoiceField
    v-if="component.kind === 'PROCESSOR'"
    label="The processor"
    :model-value="electric.processorGraphics ? 'yes' : 'no'"
    :options="GRAPHICS"
    @update:model-value="(has) => edit({ processorGraphics: has === 'yes' })"
  />
  <SlotRows
    v-if="component.kind === 'BOARD' || electric.m2Slots.length"
    :slots="electric.m2Slots"
    :problem="problem"
    @change="(m2Slots) => edit({ m2Slots })"
  />
  <div v-for="side in SIDES" :key="side.list" class="whole rows" :aria-label="side.label">
    <div class="row">
      <strong>{{ side.label }}</strong>
      <Button
        class="bare"
        size="small"
        label="Add a plug"
        :aria-label="`${side.label}: add a plug`"
        @click="add(side.list)"
      />
    </div>
    <div v-for="(port, index) in electric[side.list]" :key="index" class="row">
      <ChoiceField
        label="Kind of plug"
        hide-label
        :model-value="port.kind"
        :options="KINDS"
        @update:model-value="(kind) => change(side.list, index, { kind })"
      />
      <MeasureField
        label="How many"
        hide-label
        unit="×"
        :model-value="port.count"
        :problem="problem(`${side.list}.${index}.count`)"
        @update:model-value="(count) => count !== null && change(side.list, index, { count })"
      />
      <MeasureField
        v-if="current(port)"
        label="Current of each"
        hide-label
        unit="A"
        optional
        :model-value="port.amps ?? null"
        :problem="problem(`${side.list}.${index}.amps`)"
        @update:model-value="(amps) => change(side.list, index, { amps: amps ?? undefined })"
      />
      <MeasureField
        v-else
        label="On separate leads"
        hide-label
        unit="leads"
        optional
        :model-value="port.leads ?? null"
        :problem="problem(`${side.list}.${index}.leads`)"
        @update:model-value="(leads) => change(side.list, index, { leads: leads ?? undefined })"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`${side.label}: take out ${plain(port.kind)}`"
        @click="remove(side.list, index)"
      />
    </div>
  </div>
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
.rows {
  display: grid;
  gap: 4px;
  justify-items: start;
}
.row {
  align-items: center;
  gap: 8px;
}
.row :deep(.measure) {
  width: 128px;
}
</style>
