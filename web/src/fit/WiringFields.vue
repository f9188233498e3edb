<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import ManyOf from '../ui/ManyOf.vue'
import { LINKS, PLUGS, REFUSALS } from '../light/wiringWords'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'

/** How a component joins others: a link’s two ends, what sockets give, what it refuses. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
type Wiring = NonNullable<Component['wiring']>
const wiring = computed(() => props.component.wiring ?? null)
const LINK_OF: Partial<Record<Component['kind'], Wiring['link']>> = {
  LEAD: 'LEAD',
  ADAPTER: 'ADAPTER',
  SPLITTER: 'SPLITTER',
  HUB: 'HUB',
  BREAKOUT: 'BREAKOUT',
}
/** A lead or adapter begins with the commonest ends; all else with none. */
function begin() {
  const link = LINK_OF[props.component.kind] ?? null
  const hub = link === 'HUB'
  const ends = link && { plugIn: hub ? 'USB_A' : 'HDMI', plugOut: hub ? 'USB_A' : 'HDMI' }
  builds.edit('components', props.component, {
    wiring: { link, ...ends, ...(hub ? { linkUsb: 2 } : link ? { linkGbit: 14.4 } : {}) } as Wiring,
  })
}
const GIVES = [
  { field: 'wiring.litAtOnce', label: 'Pictures at once', unit: '×' },
  { field: 'wiring.hdmiGbit', label: 'HDMI gives', unit: 'Gbit/s', hint: 'usual: 14.4' },
  {
    field: 'wiring.displayPortGbit',
    label: 'DisplayPort gives',
    unit: 'Gbit/s',
    hint: 'usual: 25.92',
  },
  { field: 'wiring.typeCGbit', label: 'Type-C gives', unit: 'Gbit/s', hint: 'usual: 17.28' },
]
const gives = computed(
  () =>
    props.component.hdmiOutputs + props.component.displayPortOutputs + props.component.typeCOutputs,
)
const fields = computed(() => {
  const link = wiring.value?.link
  return [
    { field: 'wiring.link', label: 'Passes on as', options: LINKS },
    ...(link
      ? [
          { field: 'wiring.plugIn', label: 'Plugs into', options: PLUGS },
          {
            field: 'wiring.plugOut',
            label: link === 'LEAD' ? 'Other end' : 'Offers',
            options: PLUGS,
          },
          link !== 'LEAD' && { field: 'wiring.sockets', label: 'Sockets', unit: '×' },
          { field: 'wiring.linkGbit', label: 'Picture', unit: 'Gbit/s' },
          { field: 'wiring.linkUsb', label: 'USB, 2 or 3', unit: '×' },
          { field: 'wiring.leadMm', label: 'Its lead' },
          link === 'LEAD' && {
            field: 'wiring.plugMm',
            label: 'Plug stands out',
            hint: 'usual: 35',
          },
          link === 'HUB' && { field: 'wiring.ownAmps', label: 'Own supply gives', unit: 'A' },
          link !== 'LEAD' && { field: 'wiring.drawsAmps', label: 'Takes itself', unit: 'A' },
          link === 'ADAPTER' && {
            field: 'wiring.drawsPicture',
            label: 'makes its picture of USB data',
          },
        ]
      : [
          ...(gives.value ? GIVES : []),
          props.component.kind === 'RISER' && { field: 'wiring.leadMm', label: 'How long' },
          props.component.kind === 'COOLER' &&
            (props.component.thermal?.sections ?? 0) > 0 && {
              field: 'wiring.leadMm',
              label: 'Its tubes',
              hint: '0: usual, 400 mm',
            },
          props.component.kind === 'RISER' && {
            field: 'wiring.folds',
            label: 'Folds',
            unit: '×',
            hint: 'right angles it may be bent by',
          },
          {
            field: 'wiring.brings',
            label: 'Brings to a panel',
            options: [
              { value: null, label: 'nothing' },
              ...PLUGS.filter((plug) => /HDMI|DISPLAY_PORT|^TYPE_C$/.test(plug.value)),
            ],
          },
          {
            field: 'wiring.usbPlug',
            label: 'Plug of its USB lead',
            options: [{ value: null, label: 'as it asks' }, ...PLUGS],
          },
        ]),
  ]
})
const refuse = (refuses: Wiring['refuses']) =>
  builds.edit('components', props.component, {
    wiring: { ...wiring.value, refuses } as Wiring,
  })
</script>

<template>
  <h3>How it joins others</h3>
  <template v-if="wiring">
    <ThingFields kind="components" :thing="component" :fields="fields" />
    <ManyOf
      v-if="!wiring.link"
      class="whole"
      legend="Won’t work behind"
      :options="REFUSALS"
      :model-value="wiring.refuses ?? []"
      @update:model-value="refuse"
    />
  </template>
  <Button v-else class="quiet" size="small" label="Say how it joins others" @click="begin" />
</template>

<style scoped>
h3,
.whole {
  grid-column: 1 / -1;
}
h3 {
  font-size: 15px;
  margin-top: 6px;
}
</style>
