<script setup lang="ts">
import type { SheetProduct } from '../api/types'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { count } from '../ui/words'
import StockLine from './StockLine.vue'
import { exact } from '../units/writing'

/** A sheet: thickness by caliper, laser speed, price, how many stand in the rack. */
defineProps<{ thing: SheetProduct }>()
</script>

<template>
  <StockLine
    kind="sheets"
    :thing="thing"
    :detail="`${exact(thing.widthMm)} × ${exact(thing.heightMm)} mm`"
    :empty="{ onHandSheets: 0 }"
    :on-hand="count(thing.onHandSheets, 'sheets')"
  >
    <template #default="{ edit, problem }">
      <MeasureField
        label="Measured"
        unit="mm"
        optional
        :hint="`sold as ${exact(thing.thicknessMm)} mm`"
        :model-value="thing.measuredThicknessMm ?? null"
        :problem="problem('measuredThicknessMm')"
        @update:model-value="(v) => edit({ measuredThicknessMm: v })"
      />
      <MeasureField
        label="Laser"
        unit="mm/s"
        hint="try on scrap"
        :model-value="thing.laserMmPerSecond"
        :problem="problem('laserMmPerSecond')"
        @update:model-value="(v) => v !== null && edit({ laserMmPerSecond: v })"
      />
      <MoneyField
        label="Price"
        :problem="problem('priceMinor')"
        :model-value="thing.priceMinor"
        @update:model-value="(v) => edit({ priceMinor: v ?? 0 })"
      />
      <MeasureField
        label="In the rack"
        unit="sheets"
        :model-value="thing.onHandSheets"
        :problem="problem('onHandSheets')"
        @update:model-value="(v) => v !== null && edit({ onHandSheets: v })"
      />
      <span />
    </template>
  </StockLine>
</template>
