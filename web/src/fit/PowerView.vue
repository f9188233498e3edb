<script setup lang="ts">
import { computed } from 'vue'
import type { PowerLine } from '../api/types'
import LoadStrip from '../light/LoadStrip.vue'
import { useBuild } from '../store/build'
import WhyButton from '../ui/WhyButton.vue'
import { pieces, who } from './powerWords'

/** Needs of power, plugs and headers, each laid against what is there. */
const builds = useBuild()
const budget = computed(() => builds.view!.fit.power)
const groups = computed(() => {
  const rest = budget.value.lines.slice(1)
  const of = (label: string, belongs: (line: PowerLine) => boolean) => ({
    label,
    lines: rest.filter(belongs),
  })
  const lead = (line: PowerLine) => /ATX|CPU|GRAPHICS|POWER|PERIPHERAL/.test(line.key)
  const header = (line: PowerLine) => line.unit === 'A'
  const asleep = (line: PowerLine) => line.key === 'standby'
  return [
    of('While it sleeps', asleep),
    of('Leads', lead),
    of('Headers, by current', header),
    of('Ports, slots and outputs', (line) => !lead(line) && !header(line) && !asleep(line)),
  ].filter((group) => group.lines.length)
})
</script>

<template>
  <section class="power">
    <h3>Power <WhyButton :why="budget.power.why" of="Watts wanted of the supply" /></h3>
    <LoadStrip
      label="Supply"
      unit="W"
      :there="budget.lines[0].there"
      :wanted="budget.lines[0].wanted"
      :pieces="pieces(budget.lines[0])"
      :note="who(budget.lines[0])"
    />
    <template v-for="group in groups" :key="group.label">
      <h3>{{ group.label }}</h3>
      <LoadStrip
        v-for="line in group.lines"
        :key="line.key"
        :label="line.label"
        :unit="line.unit"
        :there="line.there"
        :wanted="line.wanted"
        :pieces="pieces(line)"
        :note="who(line)"
      />
    </template>
    <p v-if="budget.lines.length < 2" class="soft">
      Nothing says yet what it plugs into: take hardware from the library, or write it down under
      “Hardware”.
    </p>
  </section>
</template>

<style scoped>
.power {
  display: grid;
  gap: 7px;
}
h3 {
  font-size: 16px;
  margin: 8px 0 0;
}
</style>
