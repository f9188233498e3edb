<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { BasketItem, Offer } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import AlternatesList from './AlternatesList.vue'
import OfferFields from './OfferFields.vue'
import { compared, LISTED, none } from './offers'

/** Who else has a thing, what the whole basket would cost with it, and which one is bought. */
const props = defineProps<{ item: BasketItem }>()
const emit = defineEmits<{ taken: [] }>()
const builds = useBuild()
const workshop = useWorkshop()
const offers = computed(() =>
  builds.build!.offers.filter((offer) => offer.needKey === props.item.needKey),
)
const listed = computed(() => props.item.others.find((other) => other.offerId === LISTED))
/** What is said of an offer: the one that is taken, or what it would cost instead. */
function words(offerId: string): string {
  if (offerId === props.item.offerId) return props.item.held ? 'chosen by hand' : 'in the parcel'
  const other = props.item.others.find((each) => each.offerId === offerId)
  return other ? compared(other, workshop.currency) : ''
}
/** One of them is bought whatever the basket says, or none. */
function hold(chosen: Offer | null) {
  for (const offer of offers.value) {
    const held = offer.id === chosen?.id
    if (offer.held !== held) builds.edit('offers', offer, { held })
  }
}
function add() {
  builds.add('offers', none(props.item.needKey))
}
</script>

<template>
  <section class="offers" :aria-label="`Offers for ${item.title}`">
    <p v-if="item.offerId === LISTED" class="soft">As the design says: {{ words(LISTED) }}.</p>
    <p v-else-if="listed" class="soft">As the design says: {{ words(LISTED) }}.</p>
    <OfferFields
      v-for="offer in offers"
      :key="offer.id"
      :offer="offer"
      :words="words(offer.id)"
      @hold="(held) => hold(held ? offer : null)"
    />
    <Button class="quiet" size="small" label="Another offer" @click="add" />
    <AlternatesList
      v-if="item.needKey.startsWith('component:')"
      :need-key="item.needKey"
      @taken="emit('taken')"
    />
  </section>
</template>

<style scoped>
.offers {
  padding-bottom: 4px;
}
p {
  margin: 4px 0;
  font-size: 13px;
}
</style>
