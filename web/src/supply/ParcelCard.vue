<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId, Refusal } from '../api/client'
import type { BasketItem, BasketParcel, OrderLine } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import KraftTag from '../ui/KraftTag.vue'
import { count, day } from '../ui/words'
import { said } from '../units/writing'
import ParcelItem from './ParcelItem.vue'
import ParcelScale from './ParcelScale.vue'
import { along, itemKey } from './parcels'
import MoneyFigure from '../ui/MoneyFigure.vue'
import MoneySum from '../ui/MoneySum.vue'

/** All that is bought from one shop: sent off in one press, less what is left out. */
const props = defineProps<{
  parcel: BasketParcel
  today: string
  perDay: number
  width: number
}>()
const emit = defineEmits<{ offers: [needKey: string] }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const WAYS: { value: OrderLine['way']; label: string }[] = [
  { value: 'SENT_FOR', label: 'sent for' },
  { value: 'COUNTER', label: 'over the counter, paid' },
  { value: 'CASH', label: 'cash, no receipt' },
  { value: 'PRIVATE', label: 'from somebody private' },
  { value: 'CLIENT_PAYS', label: 'the client pays the shop' },
]
/** Nothing can be sent to no shop. */
const way = ref<OrderLine['way']>(props.parcel.supplierId ? 'SENT_FOR' : 'COUNTER')
const leftOut = ref(new Set<string>())
const items = computed(() => props.parcel.items.filter((item) => !leftOut.value.has(itemKey(item))))
const whole = computed(() => items.value.length === props.parcel.items.length)
const name = computed(() => workshop.supplierName(props.parcel.supplierId))
const shared = computed(() => along(items.value, builds.id))
/** Things that can't be here in time from anywhere. */
const late = computed(() => Math.max(0, ...items.value.map((item) => item.lateDays)))
const opened = ref(false)
const refused = ref('')
/** Made once for what is sent, so that a second press doesn't order it twice. */
let sending = ''

function take(item: BasketItem, taken: boolean) {
  const next = new Set(leftOut.value)
  if (taken) next.delete(itemKey(item))
  else next.add(itemKey(item))
  leftOut.value = next
}
async function send() {
  if (sending) return
  sending = newId()
  refused.value = ''
  try {
    await builds.act('order', {
      id: sending,
      supplierId: props.parcel.supplierId,
      items: items.value.map(({ buildId, needKey, offerId, quantity }) => ({
        buildId,
        needKey,
        offerId,
        quantity,
      })),
      way: way.value,
    })
  } catch (problem) {
    refused.value = problem instanceof Refusal ? problem.message : 'Not sent: try again.'
    await builds.reload().catch(() => undefined)
  } finally {
    sending = ''
  }
}
</script>

<template>
  <section :aria-label="name">
    <div class="lane">
      <KraftTag>
        <div class="tag">
          <div>
            <strong>{{ name }}</strong>
            <div class="mono small">
              {{ count(items.length, 'things')
              }}<template v-if="session.owner">
                · <MoneySum :of="items" name="priceMinor" /><template
                  v-if="whole && parcel.deliveryMinor"
                >
                  + <MoneyFigure :of="parcel" name="deliveryMinor" /></template
                ><template v-if="whole && parcel.dutyMinor">
                  + <MoneyFigure :of="parcel" name="dutyMinor" /> duty</template
                ></template
              >
            </div>
            <div v-for="other in shared" :key="other.name" class="small soft">
              {{ other.count }} of them for {{ other.name }}
            </div>
            <div class="small" :class="late ? 'bad' : 'soft'">
              <template v-if="late">{{ count(late, 'days') }} late</template>
              <template v-else-if="parcel.sendBy">send by {{ day(parcel.sendBy) }}</template>
              <template v-else>nothing presses</template>
            </div>
          </div>
          <Button
            :class="{ quiet: !late && parcel.sendBy !== today }"
            size="small"
            :label="way === 'SENT_FOR' ? 'Send' : 'Bought'"
            :aria-label="(way === 'SENT_FOR' ? 'Send: ' : 'Bought: ') + name"
            :disabled="items.length === 0"
            @click="send"
          />
        </div>
      </KraftTag>
      <ParcelScale :parcel="parcel" :today="today" :per-day="perDay" :width="width" :of="name" />
    </div>
    <p v-if="refused" class="bad" role="alert">{{ said(refused) }}</p>
    <details @toggle="opened = ($event.target as HTMLDetailsElement).open">
      <summary>What is in it, and how it is bought</summary>
      <template v-if="opened">
        <ChoiceField v-model="way" class="way" :label="'How: ' + name" hide-label :options="WAYS" />
        <ParcelItem
          v-for="item in parcel.items"
          :key="itemKey(item)"
          :item="item"
          :taken="!leftOut.has(itemKey(item))"
          @take="(taken) => take(item, taken)"
          @offers="emit('offers', item.needKey)"
        />
      </template>
    </details>
  </section>
</template>

<style scoped>
section {
  margin: 8px 0 12px;
}
.lane {
  display: grid;
  grid-template-columns: minmax(260px, 340px) 1fr;
  gap: 12px;
  align-items: center;
}
.tag {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
.small {
  font-size: 13px;
}
summary {
  cursor: pointer;
  color: var(--smoke);
  font-size: 13px;
  padding: 4px 0;
  width: fit-content;
}
.way {
  max-width: 260px;
  margin: 4px 0;
}
@media (max-width: 640px) {
  .lane {
    grid-template-columns: 1fr;
  }
}
</style>
