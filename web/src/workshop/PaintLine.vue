<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PaintProduct } from '../api/types'
import { lastCard } from '../finish/layerWords'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { count, plain } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
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
const FIRST = computed(() => [
  { field: 'hiding', label: 'Hiding, one coat', hint: hint.value },
  { field: 'recoatFromMinutes', label: 'Recoat from', duration: true },
  'cureHours',
  { field: 'priceMinor', label: 'Price of a can' },
  { field: 'onHandPacks', label: 'On the shelf', unit: 'cans' },
])
const ALL = [
  'kind',
  'base',
  'gloss',
  { field: 'dryFilmUm', label: 'Dry film a coat' },
  { field: 'solids', label: 'Solids by volume' },
  'transfer',
  { field: 'flashMinutes', duration: true },
  { field: 'recoatUntilMinutes', label: 'Recoat until (0: any)', duration: true },
  'handleHours',
  { field: 'packMl', label: 'A can holds' },
  { field: 'openMl', label: 'In an opened can' },
  { field: 'valuesFrom', label: 'Where its values come from' },
]
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
      <ThingFields kind="paints" :thing="thing" given :fields="FIRST" />
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
      <ThingFields kind="paints" :thing="thing" given :fields="ALL" />
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
