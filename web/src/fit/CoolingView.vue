<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useBuild } from '../store/build'
import CircuitCard from './CircuitCard.vue'
import LoopEditor from './LoopEditor.vue'
import { exact } from '../units/writing'
import ThingFields from '../ui/ThingFields.vue'

/** How warm everything gets, circuit by circuit, at a usual and a hot room. */
const builds = useBuild()
const cooling = computed(() => builds.view!.fit.cooling)
const enclosure = computed(() => builds.build!.enclosures[0] ?? null)
const ROOMS = [
  { field: 'roomC', label: 'Usual room', unit: '°C', class: 'room' },
  { field: 'hotRoomC', label: 'Hot room', unit: '°C', class: 'room' },
]
function addLoop() {
  const members = builds.build!.components.filter((c) =>
    ['PUMP', 'RADIATOR', 'BLOCK', 'RESERVOIR'].includes(c.kind),
  )
  builds.add('loops', {
    name: 'Loop',
    memberIds: members.map((c) => c.id),
    runs: [],
    extraL: 0,
    coolantId: 'coolant-clear',
  })
}
</script>

<template>
  <div class="row bar">
    <template v-if="enclosure">
      <ThingFields kind="enclosures" :thing="enclosure" :fields="ROOMS" />
    </template>
    <span v-else class="soft">
      {{ exact(cooling.roomC) }} °C usually, {{ exact(cooling.hotRoomC) }} °C on a hot day
      (defaults; an enclosure has its own)
    </span>
    <span class="grow" />
    <Button class="quiet" size="small" label="Add a loop" @click="addLoop" />
  </div>
  <p v-if="!cooling.circuits.length" class="soft">
    No chip with a cooler yet. A cooler of the library sits on the processor by itself; a loop takes
    pump, block and radiator together.
  </p>
  <CircuitCard
    v-for="circuit in cooling.circuits"
    :key="circuit.id"
    :circuit="circuit"
    :room-c="cooling.roomC"
    :warmed="cooling.warmed.length > 0"
  />
  <LoopEditor v-for="loop in builds.build!.loops" :key="loop.id" :loop="loop" />
</template>

<style scoped>
.bar {
  align-items: end;
  margin-bottom: 10px;
}
.room {
  width: 130px;
}
</style>
