<script setup lang="ts">
import { computed } from 'vue'
import type { SheetProduct } from '../api/types'
import { count } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import StockLine from './StockLine.vue'
import { exact } from '../units/writing'

/** A sheet: thickness by caliper, laser speed, price, how many stand in the rack. */
const props = defineProps<{ thing: SheetProduct }>()
const SHEET = computed(() => [
  {
    field: 'measuredThicknessMm',
    label: 'Measured',
    hint: `sold as ${exact(props.thing.thicknessMm)} mm`,
  },
  { field: 'laserMmPerSecond', label: 'Laser', unit: 'mm/s', hint: 'try on scrap' },
  'priceMinor',
  { field: 'onHandSheets', label: 'In the rack', unit: 'sheets' },
])
</script>

<template>
  <StockLine
    kind="sheets"
    :thing="thing"
    :detail="`${exact(thing.widthMm)} × ${exact(thing.heightMm)} mm`"
    :empty="{ onHandSheets: 0 }"
    :on-hand="count(thing.onHandSheets, 'sheets')"
  >
    <ThingFields kind="sheets" :thing="thing" :fields="SHEET" />
    <span />
  </StockLine>
</template>
