<script setup lang="ts">
import type { FilamentProduct } from '../api/types'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'
import { count } from '../ui/words'
import StockLine from './StockLine.vue'

/** A spool for the printer. */
defineProps<{ thing: FilamentProduct }>()
</script>

<template>
  <StockLine
    kind="filaments"
    :thing="thing"
    detail="filament"
    :empty="{ onHandGrams: 0 }"
    :on-hand="count(thing.onHandGrams, 'g')"
  >
    <template #default="{ edit, problem }">
      <TextField
        label="Plastic"
        :problem="problem('plastic')"
        required
        :model-value="thing.plastic"
        @update:model-value="(plastic) => edit({ plastic })"
      />
      <MeasureField
        label="A spool has"
        unit="g"
        :model-value="thing.gramsPerSpool"
        :problem="problem('gramsPerSpool')"
        @update:model-value="(v) => v !== null && edit({ gramsPerSpool: v })"
      />
      <MoneyField
        label="Price of a spool"
        :problem="problem('priceMinor')"
        :model-value="thing.priceMinor"
        @update:model-value="(v) => edit({ priceMinor: v ?? 0 })"
      />
      <MeasureField
        label="On the shelf"
        unit="g"
        :model-value="thing.onHandGrams"
        :problem="problem('onHandGrams')"
        @update:model-value="(v) => v !== null && edit({ onHandGrams: v })"
      />
      <span />
    </template>
  </StockLine>
</template>
