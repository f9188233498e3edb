<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { newId } from '../api/client'
import type { PaintProduct, SheetProduct } from '../api/types'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import SwatchChip from '../ui/SwatchChip.vue'
import TextField from '../ui/TextField.vue'
import { plain } from '../ui/words'

/** What lies in the rack and on the shelf; needs are derived less this. */
const workshop = useWorkshop()
const session = useSession()
const book = computed(() => workshop.book!)
const sheet = (thing: SheetProduct, change: Partial<SheetProduct>) =>
  workshop.edit('sheets', thing, change)
const paint = (thing: PaintProduct, change: Partial<PaintProduct>) =>
  workshop.edit('paints', thing, change)
function copySheet(thing: SheetProduct) {
  workshop.edit(
    'sheets',
    { ...thing, id: newId(), name: thing.name + ' (copy)', onHandSheets: 0 },
    {},
  )
}
function copyPaint(thing: PaintProduct) {
  workshop.edit(
    'paints',
    { ...thing, id: newId(), name: thing.name + ' (copy)', onHandPacks: 0 },
    {},
  )
}
</script>

<template>
  <main class="page">
    <header class="row">
      <h1>Stock</h1>
      <span class="soft">generic starting values: measure, look at the can, and correct them</span>
    </header>
    <section>
      <h2>Sheets</h2>
      <article v-for="thing in book.sheets" :key="thing.id" class="line">
        <SwatchChip :hex="thing.colourHex" :name="`${thing.widthMm} × ${thing.heightMm} mm`" />
        <template v-if="session.owner">
          <TextField
            label="Name"
            required
            :model-value="thing.name"
            @update:model-value="(name) => sheet(thing, { name })"
          />
          <MeasureField
            label="Measured"
            quantity="length"
            unit="mm"
            optional
            :hint="`sold as ${thing.thicknessMm} mm`"
            :model-value="thing.measuredThicknessMm ?? null"
            :problem="workshop.problem('sheets', thing.id, 'measuredThicknessMm')"
            @update:model-value="(v) => sheet(thing, { measuredThicknessMm: v })"
          />
          <MeasureField
            label="Laser"
            unit="mm/s"
            :model-value="thing.laserMmPerSecond"
            hint="try on scrap"
            @update:model-value="(v) => v !== null && sheet(thing, { laserMmPerSecond: v })"
          />
          <MoneyField
            label="Price"
            :model-value="thing.priceMinor"
            @update:model-value="(v) => sheet(thing, { priceMinor: v ?? 0 })"
          />
          <MeasureField
            label="In the rack"
            unit="sheets"
            :model-value="thing.onHandSheets"
            @update:model-value="(v) => v !== null && sheet(thing, { onHandSheets: v })"
          />
          <Button
            class="bare"
            size="small"
            label="Copy"
            :aria-label="'Copy ' + thing.name"
            @click="copySheet(thing)"
          />
        </template>
        <p v-else>
          {{ thing.name }}: <span class="mono">{{ thing.onHandSheets }} sheets</span>
        </p>
      </article>
    </section>
    <section>
      <h2>Paints</h2>
      <article v-for="thing in book.paints" :key="thing.id" class="line">
        <SwatchChip :hex="thing.colourHex" :name="`${plain(thing.kind)}, ${plain(thing.base)}`" />
        <template v-if="session.owner">
          <TextField
            label="Name"
            required
            :model-value="thing.name"
            @update:model-value="(name) => paint(thing, { name })"
          />
          <MeasureField
            label="Recoat from"
            quantity="duration"
            unit="min"
            :model-value="thing.recoatFromMinutes"
            :problem="workshop.problem('paints', thing.id, 'recoatFromMinutes')"
            @update:model-value="(v) => v !== null && paint(thing, { recoatFromMinutes: v })"
          />
          <MeasureField
            label="Cure"
            unit="h"
            :model-value="thing.cureHours"
            :problem="workshop.problem('paints', thing.id, 'cureHours')"
            @update:model-value="(v) => v !== null && paint(thing, { cureHours: v })"
          />
          <MoneyField
            label="Price of a can"
            :model-value="thing.priceMinor"
            @update:model-value="(v) => paint(thing, { priceMinor: v ?? 0 })"
          />
          <MeasureField
            label="On the shelf"
            unit="cans"
            :model-value="thing.onHandPacks"
            @update:model-value="(v) => v !== null && paint(thing, { onHandPacks: v })"
          />
          <Button
            class="bare"
            size="small"
            label="Copy"
            :aria-label="'Copy ' + thing.name"
            @click="copyPaint(thing)"
          />
        </template>
        <p v-else>
          {{ thing.name }}: <span class="mono">{{ thing.onHandPacks }} cans</span>
        </p>
      </article>
    </section>
  </main>
</template>

<style scoped>
.page {
  padding: 14px 28px 40px;
}
.line {
  display: grid;
  grid-template-columns: 190px 1.4fr repeat(4, 1fr) 70px;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 7px 0;
}
h2 {
  margin: 16px 0 8px;
}
</style>
