<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { LightStrip } from '../api/types'
import ProductLine from '../fit/ProductLine.vue'
import { pieces, who } from '../fit/powerWords'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import LightCard from './LightCard.vue'
import LoadStrip from './LoadStrip.vue'
import { RAILS } from './wiringWords'

/** Light strips; watts and current against what is there. */
const builds = useBuild()
const build = computed(() => builds.build!)
/** The one sum of watts, plugs and headers, as Fit reckons it. */
const budget = computed(() => builds.view!.fit.power)
const power = computed(() => budget.value.power)
const hardware = computed(() => {
  const { hungryPeakWatts, restTypicalWatts } = power.value
  return hungryPeakWatts + restTypicalWatts - budget.value.volt5Watts - budget.value.volt12Watts
})
const plugs = computed(() => budget.value.lines.filter((line) => line.key.startsWith('LIGHT_')))
const FEEDS = [
  { value: 'BOARD_HEADER', label: 'light header, 3 A' },
  { value: 'SUPPLY_LEAD', label: 'supply lead' },
]
const STRIP = [
  { field: 'name', class: 'twice' },
  'lengthMm',
  { field: 'ledsPerMetre', label: 'LEDs a metre' },
  {
    field: 'rail',
    label: 'Volts',
    options: RAILS,
    set: (rail: string) => ({ rail, milliampsPerLed: rail === 'V5' ? 60 : 20 }),
  },
  {
    field: 'milliampsPerLed',
    label: 'One LED draws',
    hint: 'default: 60 at 5 V, 20 at 12 V',
  },
  { field: 'feed', label: 'Fed from', options: FEEDS },
  { field: 'pricePerMetreMinor', label: 'Price a metre' },
  'supplierId',
]
const leds = (s: LightStrip) => Math.floor((s.lengthMm / 1000) * s.ledsPerMetre + 1e-9)
</script>

<template>
  <section class="loads">
    <LoadStrip
      label="Power"
      unit="W"
      :there="power.supplyWatts"
      :pieces="[
        { name: 'hardware', value: hardware, kind: 'soot' },
        { name: '5 V', value: budget.volt5Watts, kind: 'glow' },
        { name: '12 V', value: budget.volt12Watts, kind: 'rope' },
      ]"
      :wanted="power.wantedWatts"
      note="wanted: peak of processor and graphics, the rest as usual, × 1.25"
    />
    <LoadStrip
      v-for="line in plugs"
      :key="line.key"
      :label="line.label"
      :unit="line.unit"
      :there="line.there"
      :wanted="line.wanted"
      :pieces="pieces(line)"
      :note="who(line)"
    />
  </section>
  <LightCard v-for="thing in build.strips" :key="thing.id">
    <template #picture>
      <svg width="120" height="64" role="img" :aria-label="`${leds(thing)} LEDs`">
        <rect x="4" y="27" width="112" height="10" class="tape" />
        <circle
          v-for="n in Math.min(28, Math.max(1, leds(thing)))"
          :key="n"
          :cx="4 + (112 / (Math.min(28, Math.max(1, leds(thing))) + 1)) * n"
          cy="32"
          r="2.6"
          :fill="thing.colourHex"
        />
      </svg>
    </template>
    <ProductLine kind="strips" :thing="thing" />
    <ThingFields kind="strips" :thing="thing" :fields="STRIP" />
    <div class="whole">
      <Button
        class="bare"
        size="small"
        :label="`Remove ${thing.name}`"
        @click="builds.remove('strips', thing.id)"
      />
    </div>
  </LightCard>
  <p v-if="!build.strips.length" class="soft">
    Nothing glows yet. Add a strip: its watts, parcels and fitting follow.
  </p>
</template>

<style scoped>
.loads {
  display: grid;
  gap: 6px;
  margin-bottom: 16px;
}
.tape {
  fill: var(--soot);
}
</style>
