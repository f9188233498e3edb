<script setup lang="ts">
import type { PaintProduct } from '../api/types'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { count, plain } from '../ui/words'
import StockLine from './StockLine.vue'

/** A paint: when it can be coated again, when it is cured, what a can costs. */
defineProps<{ thing: PaintProduct }>()
</script>

<template>
  <StockLine
    kind="paints"
    :thing="thing"
    :detail="`${plain(thing.kind)}, ${plain(thing.base)}`"
    :empty="{ onHandPacks: 0 }"
    :on-hand="count(thing.onHandPacks, 'cans')"
  >
    <template #default="{ edit, problem }">
      <MeasureField
        label="Recoat from"
        quantity="duration"
        unit="min"
        :model-value="thing.recoatFromMinutes"
        :problem="problem('recoatFromMinutes')"
        @update:model-value="(v) => v !== null && edit({ recoatFromMinutes: v })"
      />
      <MeasureField
        label="Cure"
        unit="h"
        :model-value="thing.cureHours"
        :problem="problem('cureHours')"
        @update:model-value="(v) => v !== null && edit({ cureHours: v })"
      />
      <MeasureField
        label="Dry film a coat"
        unit="µm"
        :model-value="thing.dryFilmUm"
        :problem="problem('dryFilmUm')"
        @update:model-value="(v) => v !== null && edit({ dryFilmUm: v })"
      />
      <MoneyField
        label="Price of a can"
        :model-value="thing.priceMinor"
        @update:model-value="(v) => edit({ priceMinor: v ?? 0 })"
      />
      <MeasureField
        label="On the shelf"
        unit="cans"
        :model-value="thing.onHandPacks"
        :problem="problem('onHandPacks')"
        @update:model-value="(v) => v !== null && edit({ onHandPacks: v })"
      />
    </template>
  </StockLine>
</template>
