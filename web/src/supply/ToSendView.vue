<script setup lang="ts">
import { computed } from 'vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { daysBetween, money } from '../ui/words'
import { useWidth } from '../ui/useWidth'
import ParcelCard from './ParcelCard.vue'
import ScaleHead from './ScaleHead.vue'
import { openMinor, toSend } from './parcels'

/** Parcels to send off, each against the days that need what is in it. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const today = computed(() => builds.view!.now.slice(0, 10))
const parcels = computed(() => toSend(builds.view!.needs))
const totalMinor = computed(() =>
  parcels.value.flatMap((parcel) => parcel.lines).reduce((sum, line) => sum + openMinor(line), 0),
)
const { width } = useWidth('sized', 400)
/** Days that the scale covers: until the last parcel is here and the last thing is needed. */
const span = computed(() => {
  const ends = parcels.value.flatMap((parcel) => [
    parcel.leadDays,
    ...parcel.lines.map((line) => (line.neededOn ? daysBetween(today.value, line.neededOn) : 0)),
  ])
  return Math.min(120, Math.max(7, ...ends) * 1.1)
})
const perDay = computed(() => Math.max(0, width.value - 24) / span.value)
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
        <span v-if="session.owner" class="soft mono total">{{
          money(totalMinor, workshop.currency)
        }}</span>
      </h3>
      <div ref="sized"><ScaleHead :today="today" :per-day="perDay" :width="width" /></div>
    </div>
    <ParcelCard
      v-for="parcel in parcels"
      :key="parcel.supplierId"
      :parcel="parcel"
      :today="today"
      :per-day="perDay"
      :width="width"
    />
    <a v-if="session.owner" :href="`/api/builds/${builds.id}/order/to-order.csv`"
      >All that is to order, as CSV</a
    >
  </template>
</template>

<style scoped>
.lane {
  display: grid;
  grid-template-columns: minmax(260px, 340px) 1fr;
  gap: 12px;
  align-items: end;
}
h3 span {
  font-size: 13px;
  margin-left: 8px;
}
@media (max-width: 640px) {
  .lane {
    grid-template-columns: 1fr;
  }
}
</style>
