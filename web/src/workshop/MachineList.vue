<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { Machine } from '../api/types'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import MachineSettings from './MachineSettings.vue'
import RetireButton from '../ui/RetireButton.vue'
import RetiredList from '../ui/RetiredList.vue'
import ThingFields from '../ui/ThingFields.vue'

/** Machines that cut and print, with what they do in each material. */
const workshop = useWorkshop()
const session = useSession()
const machines = computed(() => workshop.offered('machines'))
const retired = computed(() =>
  workshop.book!.machines.filter((each) => workshop.retired('machines', each.id)),
)
const open = ref<string | null>(null)
const KINDS = [
  { value: 'LASER', label: 'laser' },
  { value: 'ROUTER', label: 'router' },
  { value: 'BLADE', label: 'blade cutter' },
  { value: 'PRINTER', label: 'printer' },
  { value: 'HAND', label: 'by hand' },
] as const
const WHAT = ['name', { field: 'kind', label: 'What it is', options: KINDS }]
const CUTTER = [
  { field: 'bedWidthMm', label: 'Bed wide' },
  { field: 'bedHeightMm', label: 'Bed high' },
  'kerfMm',
  { field: 'pierceSeconds', label: 'Pierce', unit: 's' },
  { field: 'travelMmPerSecond', label: 'Travel', unit: 'mm/s' },
  { field: 'engraveLineMm', label: 'Engraved lines' },
  { field: 'engraveMmPerSecond', label: 'Engraving', unit: 'mm/s' },
]
const PRINTER = [
  { field: 'bedWidthMm', label: 'Bed wide' },
  { field: 'bedHeightMm', label: 'Bed deep' },
  { field: 'bedDepthMm', label: 'High' },
  { field: 'depositMm3PerSecond', label: 'Lays down', unit: 'mm³/s' },
]
const fields = (machine: Machine) => [...WHAT, ...(machine.kind === 'PRINTER' ? PRINTER : CUTTER)]
const edit = (machine: Machine, change: Partial<Machine>) =>
  workshop.edit('machines', machine, change)
function add() {
  const id = newId()
  const machine: Machine = {
    id,
    name: 'New machine',
    kind: 'LASER',
    bedWidthMm: 400,
    bedHeightMm: 300,
    bedDepthMm: 0,
    kerfMm: 0.2,
    pierceSeconds: 0.4,
    travelMmPerSecond: 200,
    engraveLineMm: 0.1,
    engraveMmPerSecond: 400,
    hourMinor: 0,
    depositMm3PerSecond: 0,
    settings: [],
  }
  workshop.edit('machines', machine, {})
  open.value = id
}
</script>

<template>
  <section class="machines">
    <div class="row">
      <h2>Machines</h2>
      <span class="soft">every speed says “try on scrap” until somebody has cut a test piece</span>
      <span class="grow" />
      <Button class="quiet" size="small" label="Add a machine" @click="add" />
    </div>
    <article v-for="machine in machines" :key="machine.id">
      <div class="head">
        <ThingFields kind="machines" :thing="machine" given :fields="fields(machine)" />
      </div>
      <Button
        v-if="machine.kind !== 'PRINTER'"
        class="bare"
        size="small"
        :label="`${machine.settings.length} settings, ${machine.settings.filter((s) => s.confirmedBy).length} tried`"
        :aria-expanded="open === machine.id"
        @click="open = open === machine.id ? null : machine.id"
      />
      <RetireButton kind="machines" :thing="machine" />
      <MachineSettings
        v-if="open === machine.id && machine.kind !== 'PRINTER'"
        :machine="machine"
        :who="session.account?.name ?? ''"
        @change="(settings) => edit(machine, { settings })"
      />
    </article>
    <RetiredList kind="machines" :things="retired" />
  </section>
</template>

<style scoped>
.machines {
  margin-top: 26px;
}
.row {
  align-items: center;
}
article {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
.head {
  display: grid;
  grid-template-columns: 180px 130px repeat(7, minmax(84px, 1fr));
  gap: 8px;
  align-items: end;
}
</style>
