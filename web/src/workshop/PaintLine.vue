<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PaintProduct } from '../api/types'
import { lastCard } from '../finish/layerWords'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { count, plain } from '../ui/words'
import StockLine from './StockLine.vue'
import { fixed } from '../units/writing'

/** A paint: how it hides, when it can be coated again, when it is cured, what a can costs. */
const props = defineProps<{ thing: PaintProduct }>()
const workshop = useWorkshop()
const session = useSession()
const open = ref(false)
const card = computed(() => lastCard(workshop.book!.testCards, props.thing.id))
const hint = computed(() =>
  card.value ? `card: ${count(card.value.coatsOverBlack, 'coats')} over black` : '',
)
const KINDS = (
  [
    'PRIMER',
    'FILLER',
    'SEALER',
    'CONDITIONER',
    'STAIN',
    'COLOUR',
    'METALLIC',
    'CANDY',
    'CLEAR',
  ] as const
).map((value) => ({ value, label: plain(value) }))
const BASES = (['SOLVENT', 'ENAMEL', 'WATERBORNE', 'TWO_PACK'] as const).map((value) => ({
  value,
  label: plain(value),
}))
const MORE = [
  { field: 'dryFilmUm', label: 'Dry film a coat', unit: 'µm' },
  { field: 'solids', label: 'Solids by volume', unit: '' },
  { field: 'transfer', label: 'Transfer', unit: '' },
  { field: 'flashMinutes', label: 'Flash', unit: 'min', duration: true },
  {
    field: 'recoatUntilMinutes',
    label: 'Recoat until (0: any)',
    unit: 'min',
    duration: true,
  },
  { field: 'handleHours', label: 'Handle', unit: 'h' },
  { field: 'packMl', label: 'A can holds', unit: 'ml' },
  { field: 'openMl', label: 'In an opened can', unit: 'ml' },
] as const
const edit = (change: object) => workshop.edit('paints', props.thing, change)
const problem = (field: string) => workshop.problem('paints', props.thing.id, field)
</script>

<template>
  <div>
    <StockLine
      kind="paints"
      :thing="thing"
      :detail="`${plain(thing.kind)}, ${plain(thing.base)}`"
      :empty="{ onHandPacks: 0, openMl: 0 }"
      :on-hand="count(thing.onHandPacks, 'cans')"
    >
      <template #default>
        <MeasureField
          label="Hiding, one coat"
          unit=""
          :model-value="thing.hiding ?? null"
          :problem="problem('hiding')"
          :hint="hint"
          @update:model-value="(v) => v !== null && edit({ hiding: v })"
        />
        <MeasureField
          label="Recoat from"
          duration
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
        <MoneyField
          label="Price of a can"
          :problem="problem('priceMinor')"
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
    <p v-if="session.owner" class="more soft">
      {{ thing.valuesFrom
      }}<template v-if="thing.openMl"
        >, opened can <span class="mono">{{ fixed(thing.openMl, 0) }} ml</span></template
      >
      <button
        type="button"
        :aria-expanded="open"
        :aria-label="`All values of ${thing.name}`"
        @click="open = !open"
      >
        all values
      </button>
    </p>
    <div v-if="open && session.owner" class="all">
      <ChoiceField
        label="Kind"
        :model-value="thing.kind"
        :options="KINDS"
        @update:model-value="(kind) => edit({ kind })"
      />
      <ChoiceField
        label="Base"
        :model-value="thing.base"
        :options="BASES"
        @update:model-value="(base) => edit({ base })"
      />
      <NumberFields :of="thing" :fields="MORE" :problem="problem" @change="edit" />
      <TextField
        label="Where its values come from"
        :model-value="thing.valuesFrom"
        :problem="problem('valuesFrom')"
        @update:model-value="(valuesFrom) => edit({ valuesFrom })"
      />
    </div>
  </div>
</template>

<style scoped>
.more {
  margin: -4px 0 4px 58px;
  font-size: 12px;
}
.more button {
  font: inherit;
  background: none;
  border: 0;
  color: var(--smoke);
  text-decoration: underline;
  cursor: pointer;
  padding: 2px 6px;
}
.all {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 10px;
  padding: 4px 0 12px 58px;
}
</style>
