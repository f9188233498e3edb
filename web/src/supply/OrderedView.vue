<script setup lang="ts">
import Button from 'primevue/button'
import { computed, reactive, ref } from 'vue'
import { newId } from '../api/client'
import type { OrderedLine } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import TextField from '../ui/TextField.vue'
import { clock, day } from '../ui/words'
import { said } from '../units/writing'
import DeliveryMoney from './DeliveryMoney.vue'
import DutyLine from './DutyLine.vue'
import OrderedRow from './OrderedRow.vue'
import { useShopNews } from './useShopNews'
import { byOrder, orderKey, type OrderGroup } from './parcels'
import { ofCustoms, passes, type State } from './orderStates'
import MoneySum from '../ui/MoneySum.vue'

/** Lines by the order they were sent with: each as it was ordered, whatever the design is now. */
const props = defineProps<{ lines: OrderedLine[]; here?: boolean }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const checker = ref('')
const { news, asking, ask } = useShopNews()
/** A row that is open stays where it is, whatever number or shop is typed into it. */
const held = reactive(new Map<string, string>())
const hold = (ordered: OrderedLine, opened: boolean) =>
  opened ? held.set(ordered.line.id, orderKey(ordered.line)) : held.delete(ordered.line.id)
const groups = computed(() => byOrder(props.lines, held))
/** An order as it goes to the shop. */
const PAPERS = [
  { end: 'pdf', label: 'PDF' },
  { end: 'csv', label: 'CSV' },
  { end: 'txt', label: 'mail text' },
]
/** What all that is left of an order can be said to be, in one press. */
const together = computed<{ to: State; from: State[]; label: string }[]>(() =>
  props.here
    ? [{ to: 'CHECKED', from: ['RECEIVED'], label: 'All as ordered' }]
    : [
        { to: 'SHIPPED', from: ['ORDERED', 'CONFIRMED'], label: 'All on its way' },
        {
          to: 'RECEIVED',
          from: ['ORDERED', 'CONFIRMED', 'SHIPPED', 'BACK_ORDERED'],
          label: 'All here',
        },
      ],
)
const those = (group: OrderGroup, from: State[]) =>
  group.lines
    .filter((each) => from.includes(each.line.state) && (!props.here || passes(each)))
    .map((each) => each.line.id)
const step = (orderIds: string[], state: State) =>
  builds.act('order/step', { orderIds, state, by: checker.value })
const duties = computed(() =>
  props.here
    ? builds.view!.ordered.lines.filter(
        (each) =>
          ofCustoms(each.line) && (each.line.state !== 'CANCELLED' || each.spentMinor !== 0),
      )
    : [],
)
/** What customs ask for the latest order from a shop is typed when they say it. */
function asked(supplierId: string) {
  const of = props.lines.filter((each) => each.line.supplierId === supplierId)
  const latest = of.sort((a, b) => b.line.orderedOn.localeCompare(a.line.orderedOn))[0]
  return builds.act('order/duty', { id: newId(), orderId: latest.line.id, amountMinor: 0 })
}
const deliveries = computed(() =>
  props.here
    ? builds.view!.ordered.deliveries.filter((each) => each.openMinor || each.spentMinor)
    : [],
)
</script>

<template>
  <p v-if="news?.connected" class="row soft asked">
    <span v-if="news.askedAt">Shops and courier were asked at {{ clock(news.askedAt) }}.</span>
    <span v-else>Shops and courier were not asked yet.</span>
    <span v-if="news.trouble" class="bad">{{ said(news.trouble) }}</span>
    <Button class="bare" size="small" label="Ask them now" :disabled="asking" @click="ask" />
  </p>
  <p v-if="lines.length === 0" class="soft"><slot /></p>
  <TextField
    v-else-if="here"
    v-model="checker"
    own
    class="checker"
    label="Checks today are done by"
    :hint="`empty: ${session.account?.name}`"
  />
  <section v-for="group in groups" :key="group.key">
    <div class="row">
      <h3>{{ workshop.supplierName(group.supplierId) }}</h3>
      <span v-if="group.number" class="mono soft">{{ group.number }}</span>
      <span class="soft">ordered {{ day(group.orderedOn) }}</span>
      <span v-if="group.number && session.owner" class="papers">
        <a
          v-for="paper in PAPERS"
          :key="paper.end"
          :href="`/api/builds/${builds.id}/order/${group.number}.${paper.end}`"
          target="_blank"
          :aria-label="`${paper.label} of order ${group.number}`"
          >{{ paper.label }}</a
        >
      </span>
      <span class="grow" />
      <MoneySum v-if="session.owner" class="mono" :of="group.lines" name="totalMinor" />
      <template v-for="each in together" :key="each.to">
        <Button
          v-if="those(group, each.from).length > 1"
          class="quiet"
          size="small"
          :label="each.label"
          :aria-label="`${each.label}: ${workshop.supplierName(group.supplierId)} ${group.number}`"
          @click="step(those(group, each.from), each.to)"
        />
      </template>
    </div>
    <OrderedRow
      v-for="each in group.lines"
      :key="each.line.id"
      :ordered="each"
      :news="news"
      @opened="(opened) => hold(each, opened)"
      @step="(state) => step([each.line.id], state)"
    />
  </section>
  <section v-if="session.owner && (deliveries.length || duties.length)">
    <h3>Deliveries and duty</h3>
    <DeliveryMoney v-for="each in deliveries" :key="each.supplierId" :delivery="each">
      <Button
        v-if="lines.some(({ line }) => line.supplierId === each.supplierId)"
        class="bare"
        size="small"
        label="Customs ask duty"
        :aria-label="`Customs ask duty: ${workshop.supplierName(each.supplierId)}`"
        @click="asked(each.supplierId)"
      />
    </DeliveryMoney>
    <DutyLine v-for="each in duties" :key="each.line.id" :ordered="each" />
  </section>
</template>

<style scoped>
section {
  margin: 12px 0 18px;
}
section > .row {
  border-bottom: 1px solid var(--line);
  padding-bottom: 4px;
  flex-wrap: wrap;
}
.papers {
  display: flex;
  gap: 10px;
  font-size: 13px;
}
.asked {
  align-items: center;
  margin: 6px 0 0;
}
.checker {
  max-width: 260px;
}
</style>
