<script setup lang="ts">
import type { FilmProduct } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { count, plain } from '../ui/words'
import StockLine from './StockLine.vue'

/** A film on a roll. */
defineProps<{ thing: FilmProduct }>()
const GLOSSES = (['MATT', 'SATIN', 'GLOSS', 'METALLIC', 'CLEAR'] as const).map((value) => ({
  value,
  label: plain(value),
}))
</script>

<template>
  <StockLine
    kind="films"
    :thing="thing"
    detail="film"
    :empty="{ onHandMetres: 0 }"
    :on-hand="count(thing.onHandMetres, 'm')"
  >
    <template #default="{ edit, problem }">
      <ChoiceField
        label="Gloss"
        :model-value="thing.gloss"
        :options="GLOSSES"
        @update:model-value="(gloss) => edit({ gloss })"
      />
      <MeasureField
        label="Roll width"
        unit="mm"
        :model-value="thing.rollWidthMm"
        :problem="problem('rollWidthMm')"
        @update:model-value="(v) => v !== null && edit({ rollWidthMm: v })"
      />
      <MoneyField
        label="Price a metre"
        :problem="problem('pricePerMetreMinor')"
        :model-value="thing.pricePerMetreMinor"
        @update:model-value="(v) => edit({ pricePerMetreMinor: v ?? 0 })"
      />
      <MeasureField
        label="On the shelf"
        unit="m"
        :model-value="thing.onHandMetres"
        :problem="problem('onHandMetres')"
        @update:model-value="(v) => v !== null && edit({ onHandMetres: v })"
      />
      <span />
    </template>
  </StockLine>
</template>
