<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { LightStrip, Screen } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import ProductLine from '../fit/ProductLine.vue'
import { pieces, who } from '../fit/powerWords'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ThingFields from '../ui/ThingFields.vue'
import LoadStrip from './LoadStrip.vue'

/** Screens and light strips; watts, current and outputs against what is there. */
const builds = useBuild()
const workshop = useWorkshop()
const build = computed(() => builds.build!)
/** The one sum of watts, plugs and headers, as Fit reckons it. */
const budget = computed(() => builds.view!.fit.power)
const power = computed(() => budget.value.power)
const hardware = computed(() => {
  const { hungryPeakWatts, restTypicalWatts } = power.value
  return hungryPeakWatts + restTypicalWatts - budget.value.volt5Watts - budget.value.volt12Watts
})
const plugs = computed(() =>
  budget.value.lines.filter((line) => /^(output-|LIGHT_)/.test(line.key)),
)
const INPUTS = [
  { value: 'HDMI', label: 'HDMI' },
  { value: 'DISPLAY_PORT', label: 'DisplayPort' },
  { value: 'TYPE_C', label: 'type-C' },
]
const RAILS = [
  { value: 'V5', label: '5 V' },
  { value: 'V12', label: '12 V' },
]
const FEEDS = [
  { value: 'BOARD_HEADER', label: 'light header, 3 A' },
  { value: 'SUPPLY_LEAD', label: 'supply lead' },
]
const SCREEN = [
  'name',
  'widthMm',
  'heightMm',
  'pixelsWide',
  'pixelsHigh',
  { field: 'input', options: INPUTS },
  { field: 'watts', label: 'Draws' },
  { field: 'rail', options: RAILS },
  'priceMinor',
  'supplierId',
]
const STRIP = [
  'name',
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
function addScreen() {
  builds.add('screens', {
    name: 'New screen',
    widthMm: 200,
    heightMm: 60,
    pixelsWide: 1920,
    pixelsHigh: 480,
    input: 'HDMI',
    watts: 6,
    rail: 'V5',
    priceMinor: 0,
    supplierId: workshop.offered('suppliers')[0]?.id ?? '',
    productId: '',
  } satisfies Omit<Screen, 'id'>)
}
function addStrip() {
  const glow = build.value.concept.look.palette.find((c) => c.role === 'GLOW')
  builds.add('strips', {
    name: 'New light strip',
    lengthMm: 500,
    ledsPerMetre: 60,
    rail: 'V5',
    milliampsPerLed: 60,
    feed: 'BOARD_HEADER',
    colourHex: glow?.hex ?? '#FFFFFF',
    pricePerMetreMinor: 0,
    supplierId: workshop.offered('suppliers')[0]?.id ?? '',
    productId: '',
  } satisfies Omit<LightStrip, 'id'>)
}
const leds = (s: LightStrip) => Math.floor((s.lengthMm / 1000) * s.ledsPerMetre + 1e-9)
</script>

<template>
  <StageFrame
    title="Light"
    note="screens and light strips"
    :capabilities="['light']"
    :on-new="addStrip"
  >
    <template #actions>
      <Button class="quiet" label="Add a screen" @click="addScreen" />
      <Button class="quiet" label="Add a light strip" @click="addStrip" />
    </template>
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
    <section v-if="build.screens.length">
      <h3>Screens</h3>
      <article v-for="thing in build.screens" :key="thing.id" class="thing">
        <svg width="120" height="64" role="img" :aria-label="`${thing.name} to scale`">
          <rect
            :x="60 - (thing.widthMm / Math.max(thing.widthMm, thing.heightMm * 1.8)) * 58"
            :y="32 - (thing.heightMm / Math.max(thing.widthMm / 1.8, thing.heightMm)) * 30"
            :width="(thing.widthMm / Math.max(thing.widthMm, thing.heightMm * 1.8)) * 116"
            :height="(thing.heightMm / Math.max(thing.widthMm / 1.8, thing.heightMm)) * 60"
            class="glass"
          />
        </svg>
        <div class="fields">
          <ProductLine kind="screens" :thing="thing" />
          <ThingFields kind="screens" :thing="thing" :fields="SCREEN" />
          <div class="whole">
            <Button
              class="bare"
              size="small"
              :label="`Remove ${thing.name}`"
              @click="builds.remove('screens', thing.id)"
            />
          </div>
        </div>
      </article>
    </section>
    <section v-if="build.strips.length">
      <h3>Light strips</h3>
      <article v-for="thing in build.strips" :key="thing.id" class="thing">
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
        <div class="fields">
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
        </div>
      </article>
    </section>
    <p v-if="!build.screens.length && !build.strips.length" class="soft">
      Nothing glows yet. Add a screen or a strip: its watts, parcels and fitting follow.
    </p>
  </StageFrame>
</template>

<style scoped>
.loads {
  display: grid;
  gap: 6px;
  margin-bottom: 16px;
}
.thing {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 12px;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
.glass {
  fill: #14201e;
  stroke: var(--rope);
  stroke-width: 3;
}
.tape {
  fill: var(--soot);
}
</style>
