<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import TableFile from '../ui/TableFile.vue'
import SignMark from '../ui/SignMark.vue'
import { useWidth } from '../ui/useWidth'
import { count, daysBetween, money } from '../ui/words'
import { said } from '../units/writing'
import NeedOffers from './NeedOffers.vue'
import ParcelCard from './ParcelCard.vue'
import ScaleHead from './ScaleHead.vue'
import { inPlace, type ParcelPlace } from './parcels'
import WatchCard from './WatchCard.vue'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** What is to be bought where, as parcels against the days that need what is in them. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const today = computed(() => builds.view!.now.slice(0, 10))
const basket = computed(() => builds.view!.basket)
const parcels = computed(() => basket.value.parcels)
const places = ref<ParcelPlace[]>([])
watch(
  () => [parcels.value, builds.view!.ordered.lines] as const,
  ([there, lines]) => {
    const from = (shop: string) => lines.filter(({ line }) => line.supplierId === shop).length
    places.value = inPlace(places.value, there, from)
  },
  { immediate: true },
)
/** The need whose offers are looked at, empty for none. */
const asked = ref('')
const item = computed(() =>
  parcels.value
    .flatMap((parcel) => parcel.items)
    .find((each) => each.buildId === builds.id && each.needKey === asked.value),
)
const { width } = useWidth('sized', 400)
/** Days that the scale covers: until the last parcel is here and the last thing is needed. */
const span = computed(() => {
  const ends = parcels.value.flatMap((parcel) => [
    parcel.hereInDays,
    ...parcel.items.map((item) => (item.neededOn ? daysBetween(today.value, item.neededOn) : 0)),
  ])
  return Math.min(120, Math.max(7, ...ends) * 1.1)
})
const perDay = computed(() => Math.max(0, width.value - 24) / span.value)
/** What is to be said of the whole basket besides its sum. */
const asides = computed(() => {
  const said = (minor: number) => money(minor, workshop.currency)
  const { deliveryMinor, dutyMinor, inTimeMinor, proven } = basket.value
  return [
    deliveryMinor > 0 && `of it ${said(deliveryMinor)} for deliveries`,
    dutyMinor > 0 && `${said(dutyMinor)} for duty`,
    inTimeMinor > 0 && `being in time costs ${said(inTimeMinor)} of it`,
    !proven && 'the cheapest found, not proven to be the cheapest',
  ].filter((each): each is string => !!each)
})
</script>

<template>
  <p v-if="builds.view!.needs.length === 0" class="soft">
    Nothing is needed yet. Parts, finishes, lights and components bring their own shopping list.
  </p>
  <p v-else-if="parcels.length === 0" class="soft">
    All that is needed is ordered, here or on the shelf.
  </p>
  <template v-else>
    <div class="lane head">
      <h3>
        Parcels to send off
        <MoneyFigure v-if="session.owner" class="soft mono total" :of="basket" name="totalMinor" />
      </h3>
      <div ref="sized"><ScaleHead :today="today" :per-day="perDay" :width="width" /></div>
    </div>
    <p v-if="session.owner && asides.length" class="soft asides">
      The cheapest that is here in time, with all that is agreed: {{ asides.join('; ') }}.
    </p>
    <div v-for="place in places" :key="place.supplierId">
      <ParcelCard
        v-if="place.parcel"
        :parcel="place.parcel"
        :today="today"
        :per-day="perDay"
        :width="width"
        @offers="(needKey) => (asked = needKey)"
      />
      <p v-else class="sent" role="status">
        <SignMark kind="done" />
        <strong>{{ workshop.supplierName(place.supplierId) }}</strong>
        {{ count(place.sent, 'things') }} ordered for this build.
        <RouterLink :to="`/builds/${builds.id}/supply?show=way`">See them on their way</RouterLink>
      </p>
    </div>
    <div v-if="session.owner" class="row tables">
      <a :href="`/api/builds/${builds.id}/order/to-order.csv`">All that is to order, as CSV</a>
      <TableFile
        :path="`/api/builds/${builds.id}/offers.csv`"
        label="Prices seen"
        noun="prices that were seen"
        @kept="builds.reload()"
      />
    </div>
  </template>
  <!-- it stays where it is while what is typed moves the thing from parcel to parcel -->
  <Dialog
    :visible="!!item"
    modal
    :header="item ? `Offers for ${said(item.title)}` : ''"
    :style="{ width: 'min(760px, 96vw)' }"
    @update:visible="asked = ''"
  >
    <NeedOffers v-if="item" :item="item" @taken="asked = ''" />
  </Dialog>
  <template v-if="session.owner">
    <WatchCard v-for="watch in basket.watches" :key="watch.needKey" :watch="watch" :today="today" />
  </template>
</template>

<style scoped>
.lane {
  display: grid;
  grid-template-columns: minmax(260px, 340px) 1fr;
  gap: 12px;
  align-items: end;
}
.asides {
  font-size: 13px;
  margin: 2px 0 6px;
}
/* as tall as a parcel: the next one stays where it is */
.sent {
  min-height: 100px;
  margin: 0 0 8px;
  padding: 14px 12px;
}
.sent strong {
  margin: 0 6px;
}
h3 span {
  font-size: 13px;
  margin-left: 8px;
}
.tables {
  flex-wrap: wrap;
  gap: 4px 24px;
}
@media (max-width: 640px) {
  .lane {
    grid-template-columns: 1fr;
  }
}
</style>
