<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId, Refusal } from '../api/client'
import type { OrderLine } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import KraftTag from '../ui/KraftTag.vue'
import WhyButton from '../ui/WhyButton.vue'
import { count, day, money } from '../ui/words'
import { said } from '../units/writing'
import ParcelScale from './ParcelScale.vue'
import { openMinor, type ParcelToSend } from './parcels'

/** All that is open at one shop: sent off in one press, less what is left out. */
const props = defineProps<{
  parcel: ParcelToSend
  today: string
  perDay: number
  width: number
}>()
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
const lines = computed(() => props.parcel.lines.filter((line) => !leftOut.value.has(line.need.key)))
const totalMinor = computed(() => lines.value.reduce((sum, line) => sum + openMinor(line), 0))
const name = computed(() => workshop.supplierName(props.parcel.supplierId))
const late = computed(() => Math.max(0, ...lines.value.map((line) => line.daysLate)))
const opened = ref(false)
const refused = ref('')
/** Made once for what is sent, so that a second press doesn't order it twice. */
let sending = ''

function take(key: string, taken: boolean) {
  const next = new Set(leftOut.value)
  if (taken) next.delete(key)
  else next.add(key)
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
      needKeys: lines.value.map((line) => line.need.key),
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
              {{ count(lines.length, 'things')
              }}<template v-if="session.owner">
                · {{ money(totalMinor, workshop.currency) }}</template
              >
            </div>
            <div class="small" :class="late ? 'bad' : 'soft'">
              <template v-if="late">{{ count(late, 'days') }} late</template>
              <template v-else-if="parcel.orderBy">order by {{ day(parcel.orderBy) }}</template>
              <template v-else>nothing presses</template>
            </div>
          </div>
          <Button
            :class="{ quiet: !late && parcel.orderBy !== today }"
            size="small"
            :label="way === 'SENT_FOR' ? 'Send' : 'Bought'"
            :aria-label="(way === 'SENT_FOR' ? 'Send: ' : 'Bought: ') + name"
            :disabled="lines.length === 0"
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
        <table class="ledger">
          <thead class="visually-hidden">
            <tr>
              <th>Thing</th>
              <th>How much</th>
              <th v-if="session.owner">Price</th>
              <th>Needed on</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in parcel.lines" :key="line.need.key">
              <td>
                <div class="thing">
                  <CheckField
                    :label="said(line.need.title)"
                    :model-value="!leftOut.has(line.need.key)"
                    @update:model-value="(taken) => take(line.need.key, taken)"
                  />
                  <WhyButton :why="line.need.why" :of="line.need.title" />
                </div>
              </td>
              <td class="right mono">{{ count(line.open, line.need.unit) }}</td>
              <td v-if="session.owner" class="right mono">
                {{ money(openMinor(line), workshop.currency) }}
              </td>
              <td class="mono soft">{{ line.neededOn ? 'needed ' + day(line.neededOn) : '' }}</td>
            </tr>
          </tbody>
        </table>
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
td:last-child {
  padding-left: 14px;
}
.thing {
  display: flex;
  gap: 6px;
  align-items: center;
}
@media (max-width: 640px) {
  .lane {
    grid-template-columns: 1fr;
  }
}
</style>
