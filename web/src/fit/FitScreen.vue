<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import { useFresh } from '../store/live'
import { useBuild } from '../store/build'
import ViewTabs from '../ui/ViewTabs.vue'
import WhyButton from '../ui/WhyButton.vue'
import AirflowView from './AirflowView.vue'
import CoolingView from './CoolingView.vue'
import EnclosureView from './EnclosureView.vue'
import HardwareView from './HardwareView.vue'
import HeldView from './HeldView.vue'
import PowerView from './PowerView.vue'
import SpaceView from './SpaceView.vue'
import StabilityView from './StabilityView.vue'
import WorksheetsView from './WorksheetsView.vue'
import { useLibrary } from './useLibrary'
import { fixed } from '../units/writing'

/** Proof on paper: that it goes in, is fed, is cooled and stands. */
const builds = useBuild()
const library = useLibrary()
const route = useRoute()
const VIEWS = [
  { value: 'space', label: 'Space' },
  { value: 'hardware', label: 'Hardware' },
  { value: 'enclosure', label: 'Enclosure' },
  { value: 'held', label: 'Held' },
  { value: 'fed', label: 'Fed' },
  { value: 'cooled', label: 'Cooled' },
  { value: 'air', label: 'Air' },
  { value: 'stands', label: 'Stands' },
  { value: 'sheets', label: 'Worksheets' },
] as const
type View = (typeof VIEWS)[number]['value']
const shown = computed<View>(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'space',
)
onMounted(() => library.load())
useFresh(() => library.load(true))
const hardware = useTemplateRef<InstanceType<typeof HardwareView>>('hardware')
const sheets = useTemplateRef<InstanceType<typeof WorksheetsView>>('sheets')
const adding = ref(false)
function addHere() {
  if (shown.value === 'hardware') hardware.value?.add()
  else if (shown.value === 'sheets') sheets.value?.add()
  else adding.value = true
}
const fit = computed(() => builds.view!.fit)
const power = computed(() => fit.value.power.power)
const placed = computed(() => fit.value.space?.things.length ?? 0)
const out = computed(() => fit.value.space?.unplaced.length ?? 0)
const warmest = computed(() => {
  const { circuits } = fit.value.cooling
  if (circuits.some((circuit) => circuit.problem)) return 'heat can’t leave'
  const chips = circuits.flatMap((circuit) => circuit.hot?.chips ?? [])
  const chip = [...chips].sort((a, b) => b.temperatureC - a.temperatureC)[0]
  return chip ? `${chip.name}: ${fixed(chip.temperatureC, 1)}\u00a0°C` : '—'
})
</script>

<template>
  <StageFrame title="Fit" :capabilities="['fit']" :on-new="addHere">
    <template #actions>
      <ViewTabs label="Parts of the proof" :views="VIEWS" :shown="shown" />
    </template>
    <SpaceView v-if="shown === 'space'" />
    <HardwareView v-else-if="shown === 'hardware'" ref="hardware" />
    <EnclosureView v-else-if="shown === 'enclosure'" />
    <HeldView v-else-if="shown === 'held'" />
    <PowerView v-else-if="shown === 'fed'" />
    <CoolingView v-else-if="shown === 'cooled'" />
    <AirflowView v-else-if="shown === 'air'" />
    <StabilityView v-else-if="shown === 'stands'" />
    <WorksheetsView v-else ref="sheets" />
    <template #watch-first>
      <dl class="proof" aria-label="The proof in numbers">
        <dt>in</dt>
        <dd class="mono">
          {{ placed }} placed<template v-if="out">, {{ out }} not</template>
        </dd>
        <dt>fed <WhyButton :why="power.why" of="Watts wanted of the supply" /></dt>
        <dd class="mono">
          {{ fixed(power.wantedWatts, 0) }} of {{ fixed(power.supplyWatts, 0) }} W
        </dd>
        <dt>warmest, hot room</dt>
        <dd class="mono">{{ warmest }}</dd>
        <dt v-if="fit.stability.balance">
          weighs <WhyButton :why="fit.stability.balance.why" of="Mass and centre of gravity" />
        </dt>
        <dt v-else>weighs</dt>
        <dd class="mono">
          {{ fit.stability.balance ? `${fixed(fit.stability.balance.massKg, 1)} kg` : '—' }}
        </dd>
      </dl>
    </template>
  </StageFrame>
</template>

<style scoped>
.proof {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 10px;
  margin: 0 0 6px;
}
dd {
  margin: 0;
  text-align: right;
}
dt,
dd {
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
</style>
