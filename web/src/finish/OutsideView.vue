<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { OutsideFinish } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { moment } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import { fixed } from '../units/writing'

/** Finish that somebody else puts on: quote, time away, what goes along, what is looked at after. */
const builds = useBuild()
const workshop = useWorkshop()
const all = computed(() => builds.build!.outsideFinishes)
const PROCESSES = [
  { value: 'POWDER_COAT', label: 'powder coat' },
  { value: 'PLATING', label: 'plating' },
  { value: 'UV_PRINT', label: 'UV print' },
  { value: 'HYDRO_DIP', label: 'hydro-dip' },
  { value: 'GLASS', label: 'glass work' },
] as const
function add() {
  const panel = builds.build!.panels[0]
  const supplier = workshop.offered('suppliers')[0]
  if (!panel || !supplier) return
  builds.add('outside-finishes', {
    name: `${panel.name}, powder coated`,
    process: 'POWDER_COAT',
    panelId: panel.id,
    supplierId: supplier.id,
    quoteMinor: 0,
    leadDays: 7,
    widthPx: null,
    printWidthMm: null,
    bleedMm: 0,
    inTheHand: false,
  } satisfies Omit<OutsideFinish, 'id'>)
}
defineExpose({ add })
const dpi = (thing: OutsideFinish) =>
  thing.widthPx && thing.printWidthMm ? thing.widthPx / (thing.printWidthMm / 25.4) : null
const task = (thing: OutsideFinish, step: string) =>
  builds.view!.finishTasks.find((t) => t.task.key === `outside-finish:${thing.id}/${step}`)
const when = (thing: OutsideFinish, step: string) => {
  const planned = task(thing, step)?.planned
  return planned ? moment(planned.start, builds.view!.now) : '—'
}
const printed = (thing: OutsideFinish) =>
  thing.process === 'UV_PRINT' || thing.process === 'HYDRO_DIP'
const fields = (thing: OutsideFinish) => [
  'name',
  { field: 'process', label: 'What is done', options: PROCESSES },
  { field: 'panelId', label: 'Part' },
  { field: 'supplierId', label: 'By' },
  { field: 'quoteMinor', label: 'Quote' },
  { field: 'leadDays', label: 'Away' },
  ...(printed(thing)
    ? [
        { field: 'widthPx', label: 'Picture is wide' },
        { field: 'printWidthMm', label: 'Printed' },
        'bleedMm',
        { field: 'inTheHand', label: 'looked at in the hand' },
      ]
    : []),
]
</script>

<template>
  <p v-if="!all.length" class="soft">
    Nothing is sent out. Powder coat, plating, UV print, hydro-dip and glass: add one, and its
    parcel, its days away and the check when it is back stand in the plan.
  </p>
  <article v-for="thing in all" :key="thing.id" class="out">
    <div class="fields">
      <ThingFields kind="outside-finishes" :thing="thing" :fields="fields(thing)" />
    </div>
    <p v-if="dpi(thing)" class="mono">
      {{ fixed(dpi(thing)!, 0) }} dots per inch; {{ thing.inTheHand ? 300 : 150 }} needed
    </p>
    <ol>
      <li>
        <span class="mono">{{ when(thing, 'send') }}</span>
        {{ task(thing, 'send')?.task.title ?? 'not planned' }}
      </li>
      <li>
        <span class="mono">{{ when(thing, 'check') }}</span>
        {{ task(thing, 'check')?.task.title ?? 'not planned' }}
      </li>
    </ol>
    <Button
      class="bare"
      size="small"
      :label="`Remove ${thing.name}`"
      @click="builds.remove('outside-finishes', thing.id)"
    />
  </article>
</template>

<style scoped>
.out {
  background: var(--paper);
  padding: 12px 16px;
  margin-bottom: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  align-items: end;
}
ol {
  list-style: none;
  padding: 0;
  margin: 10px 0 6px;
  font-size: 13.5px;
}
li {
  display: flex;
  gap: 12px;
}
li .mono {
  min-width: 130px;
  color: var(--smoke);
}
p {
  margin: 8px 0 0;
}
@media (max-width: 1200px) {
  .fields {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
