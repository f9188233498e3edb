<script setup lang="ts">
import type { FilamentProduct } from '../api/types'
import { count } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import StockLine from './StockLine.vue'

/** A spool for the printer. */
defineProps<{ thing: FilamentProduct }>()
const SPOOL = [
  { field: 'plastic', required: true },
  { field: 'gramsPerSpool', label: 'A spool has' },
  { field: 'priceMinor', label: 'Price of a spool' },
  { field: 'onHandGrams', label: 'On the shelf' },
]
</script>

<template>
  <StockLine
    kind="filaments"
    :thing="thing"
    detail="filament"
    :empty="{ onHandGrams: 0 }"
    :on-hand="count(thing.onHandGrams, 'g')"
  >
    <ThingFields kind="filaments" :thing="thing" :fields="SPOOL" />
    <span />
  </StockLine>
</template>
