<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component, Port } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { PORT_WORDS, PORTS } from './portWords'
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
const SIDES = [
  { list: 'asks', label: 'Asks for' },
  { list: 'offers', label: 'Offers' },
] as const
function add(list: 'asks' | 'offers') {
  edit({ [list]: [...electric.value[list], { kind: 'FAN_HEADER', count: 1 } as Port] })
}
function remove(list: 'asks' | 'offers', index: number) {
  edit({ [list]: electric.value[list].filter((_, i) => i !== index) })
}
const current = (port: Port) => /HEADER|LIGHT/.test(port.kind) && !/USB|TYPE_C/.test(port.kind)
const plug = (port: Port) => [
  { field: 'kind', label: 'Kind of plug', options: PORTS, hideLabel: true },
  { field: 'count', label: 'How many', hideLabel: true },
  current(port)
    ? { field: 'amps', label: 'Current of each', unit: 'A', hideLabel: true }
    : { field: 'leads', label: 'On separate leads', unit: 'leads', hideLabel: true },
]
const TESTED = [
  { value: 'YES', label: 'yes' },
  { value: 'NO', label: 'no' },
  { value: 'NOT_CHECKED', label: 'not looked up' },
]
const GRAPHICS = [
  { value: 'true', label: 'has graphics' },
  { value: 'false', label: 'has none' },
]
/** Of a component that said nothing of electricity before. */
const said = (change: Partial<Electric>) => ({ electric: { ...electric.value, ...change } })
const fields = computed(() => [
  {
    field: 'electric.typicalWatts',
    label: 'Draws typically',
    hint: 'empty: as at most',
    optional: true,
    set: (typicalWatts: number) => said({ typicalWatts }),
  },
  props.component.kind === 'SUPPLY' && {
    field: 'electric.excursionWatts',
    label: 'Bears for an instant',
    hint: 'empty: not stated',
    optional: true,
    set: (excursionWatts: number) => said({ excursionWatts }),
  },
  props.component.kind === 'MEMORY' && {
    field: 'electric.tested',
    label: 'On the board’s tested list',
    options: TESTED,
    instead: NOTHING.tested,
    set: (tested: Electric['tested']) => said({ tested }),
  },
  props.component.kind === 'PROCESSOR' && {
    field: 'electric.processorGraphics',
    label: 'The processor',
    options: GRAPHICS,
    get: () => electric.value.processorGraphics,
    set: (processorGraphics: boolean) => said({ processorGraphics }),
  },
])
</script>

<template>
  <h3>Fed and connected</h3>
  <ThingFields kind="components" :thing="component" :fields="fields" />
  <SlotRows
    v-if="component.kind === 'BOARD' || electric.m2Slots.length"
    :component="component"
    :slots="electric.m2Slots"
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
      <ThingFields
        kind="components"
        :thing="component"
        :within="`electric.${side.list}.${index}`"
        :fields="plug(port)"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`${side.label}: take out ${PORT_WORDS[port.kind]}`"
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
