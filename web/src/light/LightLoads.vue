<script setup lang="ts">
import { computed } from 'vue'
import { pieces, who } from '../fit/powerWords'
import { useBuild } from '../store/build'
import LoadStrip from './LoadStrip.vue'

/** Watts and light headers against what is there, in the one sum that Fit reckons. */
const builds = useBuild()
const budget = computed(() => builds.view!.fit.power)
const power = computed(() => budget.value.power)
const hardware = computed(() => {
  const { hungryPeakWatts, restTypicalWatts } = power.value
  return hungryPeakWatts + restTypicalWatts - budget.value.volt5Watts - budget.value.volt12Watts
})
const plugs = computed(() => budget.value.lines.filter((line) => line.key.startsWith('LIGHT_')))
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
</template>

<style scoped>
.loads {
  display: grid;
  gap: 6px;
  align-content: start;
}
</style>
