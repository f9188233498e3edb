<script setup lang="ts">
import Button from 'primevue/button'
import { useTemplateRef } from 'vue'
import { send } from '../api/client'
import type { AirDay } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import AirWeek from './AirWeek.vue'
import TestCards from './TestCards.vue'
import { exact } from '../units/writing'
import TableFile from '../ui/TableFile.vue'
import ThingFields from '../ui/ThingFields.vue'

/** The air that paint dries in, day by day, and the cards that say how a paint hides. */
const builds = useBuild()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const cards = useTemplateRef<InstanceType<typeof TestCards>>('cards')
const add = () => cards.value?.add()
defineExpose({ add })
const USUAL = [
  { field: 'room.temperatureC', label: 'Usual temperature', unit: '°C' },
  { field: 'room.humidityPercent', label: 'Usual humidity' },
]
async function sensor() {
  try {
    const day = await send<AirDay>('POST', '/api/workshop/air-sensor')
    await refresh()
    shell.say(`The sensor shows ${exact(day.temperatureC)} °C and ${exact(day.humidityPercent)} %.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
async function forget(id: string) {
  await workshop.remove('airs', id)
  await builds.reload().catch(() => undefined)
}
async function refresh() {
  await workshop.load(true)
  await builds.reload()
}
</script>

<template>
  <section>
    <div class="row bar">
      <h3>Air of the spray corner</h3>
      <span class="soft">a day without a number is as usual</span>
      <span class="grow" />
      <template v-if="session.owner">
        <Button class="quiet" size="small" label="Read the sensor" @click="sensor" />
        <TableFile path="/api/workshop/airs.csv" label="Readings" noun="days" @kept="refresh" />
      </template>
    </div>
    <div v-if="session.owner" class="usual">
      <ThingFields kind="workshops" :thing="workshop.book!.workshop" :fields="USUAL" />
    </div>
    <AirWeek @forget="forget" />
  </section>
  <TestCards ref="cards" />
</template>

<style scoped>
.bar {
  gap: 12px;
  align-items: center;
}
.usual {
  display: grid;
  grid-template-columns: 170px 170px;
  gap: 12px;
  margin: 8px 0;
}
</style>
