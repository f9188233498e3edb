<script setup lang="ts">
import { computed } from 'vue'
import type { PaintProduct } from '../api/types'
import { lastCard } from '../finish/layerWords'
import { useWorkshop } from '../store/workshop'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { count, plain } from '../ui/words'
import StockLine from './StockLine.vue'

/** A paint: when it can be coated again, when it is cured, what a can costs. */
const props = defineProps<{ thing: PaintProduct }>()
const workshop = useWorkshop()
const card = computed(() => lastCard(workshop.book!.cards, props.thing.id))
const hidingWords = computed(() => count(card.value!.coatsOverBlack, 'coats'))
</script>

<template>
  <StockLine
    kind="paints"
    :thing="thing"
    :detail="`${plain(thing.kind)}, ${plain(thing.base)} · ${thing.valuesFrom}`"
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
        label="Hiding, one coat"
        unit=""
        :model-value="thing.hiding ?? null"
        :problem="problem('hiding')"
        :hint="card ? 'card: ' + hidingWords : ''"
        @update:model-value="(v) => v !== null && edit({ hiding: v })"
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
