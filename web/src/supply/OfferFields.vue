<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Offer } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ThingFields from '../ui/ThingFields.vue'
import { count, day, money } from '../ui/words'
import { unanswered, withPrice } from './offers'

/** What a shop asks for a thing. A price is kept with the day on which it was seen. */
const props = defineProps<{ offer: Offer; words: string }>()
const emit = defineEmits<{ hold: [held: boolean] }>()
const builds = useBuild()
const workshop = useWorkshop()
const more = ref(false)
const today = computed(() => builds.view!.now.slice(0, 10))
const last = computed(() => props.offer.seen.at(-1))
const shop = computed(() =>
  props.offer.supplierId ? workshop.supplierName(props.offer.supplierId) : 'somebody private',
)
const main = [
  { field: 'supplierId', label: 'From' },
  { field: 'condition', label: 'Condition' },
  {
    field: 'seen.0.unitPriceMinor',
    label: 'Price of one today',
    get: () => last.value?.unitPriceMinor ?? null,
    set: (minor: number) => ({ seen: withPrice(props.offer.seen, today.value, minor) }),
  },
]
/** What is wrong with the list of prices stands at the price. */
const ofPrice = (field: string) =>
  field.startsWith('seen') ? builds.problem('offers', props.offer.id, 'seen') : ''
const MORE = [
  { field: 'packQuantity', label: 'In a pack' },
  { field: 'available', label: 'How many there are' },
  { field: 'leadDays', label: 'Lead time, if not the shop’s' },
  { field: 'returnDays', label: 'Takes back within, if not the shop’s' },
  { field: 'warrantyMonths', label: 'Warranty' },
  { field: 'fromEarliest', label: 'Announced, at the earliest' },
  { field: 'fromLatest', label: 'Announced, at the latest' },
  { field: 'link', label: 'Where it was seen' },
  { field: 'note', label: 'Note' },
]
</script>

<template>
  <article :aria-label="`Offer of ${shop}`">
    <div class="fields">
      <ThingFields kind="offers" :thing="offer" :fields="main" :also-wrong="ofPrice" />
      <ThingFields
        kind="offers"
        :thing="offer"
        :fields="[{ field: 'held', label: `Buy this one: ${shop}` }]"
        :edit="(change: Partial<Offer>) => emit('hold', !!change.held)"
      />
    </div>
    <p class="soft">
      <template v-if="unanswered(offer)">asked {{ day(offer.askedOn!) }}, no answer yet; </template>
      <template v-if="last">seen {{ day(last.on) }}; </template>
      <template v-else>without a price it is not counted; </template>
      <template v-if="offer.seen.length > 1">
        {{ count(offer.seen.length, 'prices') }} seen, from
        {{ money(Math.min(...offer.seen.map((each) => each.unitPriceMinor)), workshop.currency) }}
        to
        {{ money(Math.max(...offer.seen.map((each) => each.unitPriceMinor)), workshop.currency) }};
      </template>
      {{ words }}
      <button
        v-if="offer.supplierId && last?.on !== today && !unanswered(offer)"
        type="button"
        :aria-label="`Ask ${shop} what it costs`"
        @click="builds.edit('offers', offer, { askedOn: today })"
      >
        ask for a price
      </button>
      <button
        type="button"
        :aria-expanded="more"
        :aria-label="`More: ${shop}`"
        @click="more = !more"
      >
        {{ more ? 'less' : 'more' }}
      </button>
    </p>
    <div v-if="more" class="fields">
      <ThingFields kind="offers" :thing="offer" :fields="MORE" />
      <Button
        class="quiet"
        size="small"
        label="Remove this offer"
        @click="builds.remove('offers', offer.id)"
      />
    </div>
  </article>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px 14px;
  align-items: end;
}
p {
  margin: 4px 0;
  font-size: 13px;
}
p button {
  font: inherit;
  min-height: 28px;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline;
  cursor: pointer;
}
</style>
