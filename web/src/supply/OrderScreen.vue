<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { NeedLine, OrderLine } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import DateField from '../ui/DateField.vue'
import TableFile from '../ui/TableFile.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { count, day, money } from '../ui/words'
import { said } from '../units/writing'

/** What the design needs, less what is on the shelf, grouped by supplier; ordered, received, checked. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const checker = ref('')
const lines = computed(() => builds.view!.needs)
const today = computed(() => builds.view!.now.slice(0, 10))
const groups = computed(() => {
  const bySupplier = new Map<string, NeedLine[]>()
  for (const line of lines.value) {
    const id = line.need.supplierId
    bySupplier.set(id, [...(bySupplier.get(id) ?? []), line])
  }
  const all = [...bySupplier].map(([id, mine]) => ({
    id,
    name: workshop.supplierName(id),
    lines: mine,
    open: mine.some((line) => !['CHECKED', 'IN_STOCK'].includes(line.state)),
    totalMinor: mine.reduce((sum, line) => sum + toBuy(line) * line.need.unitPriceMinor, 0),
  }))
  return all.sort((a, b) => Number(b.open) - Number(a.open))
})
const toBuy = (line: NeedLine) => Math.max(0, line.need.quantity - line.need.onHand)
const orderBy = (line: NeedLine) =>
  line.daysLate ? `${count(line.daysLate, 'days')} late` : line.orderBy ? day(line.orderBy) : ''
const wanted = computed(() => lines.value.filter((line) => line.state === 'WANTED'))
const wrong = computed(() =>
  builds.build!.orders.filter((order) => order.state === 'WRONG' || order.state === 'CANCELLED'),
)
const later = (days: number) =>
  new Date(Date.parse(today.value + 'T00:00Z') + days * 864e5).toISOString().slice(0, 10)

function order(line: NeedLine) {
  builds.edit<OrderLine>(
    'orders',
    {
      id: newId(),
      needKey: line.need.key,
      title: line.need.title,
      category: line.need.category,
      supplierId: line.need.supplierId,
      quantity: toBuy(line),
      unitPriceMinor: line.need.unitPriceMinor,
      state: 'ORDERED',
      orderedOn: today.value,
      expectedOn: later(line.need.leadDays),
      receivedOn: null,
      checkedOn: null,
      checkedBy: '',
      paidOn: null,
      note: '',
    },
    {},
  )
}
const change = (order: OrderLine, to: Partial<OrderLine>) => builds.edit('orders', order, to)
const received = (order: OrderLine) => change(order, { state: 'RECEIVED', receivedOn: today.value })
function checked(order: OrderLine) {
  if (!checker.value.trim()) checker.value = session.account?.name ?? ''
  change(order, { state: 'CHECKED', checkedOn: today.value, checkedBy: checker.value })
}
const SIGNS = {
  IN_STOCK: 'done',
  WANTED: 'note',
  ORDERED: 'wait',
  RECEIVED: 'risk',
  CHECKED: 'done',
} as const
const STATES = {
  IN_STOCK: 'on the shelf',
  WANTED: 'to order',
  ORDERED: 'under way',
  RECEIVED: 'here, not checked',
  CHECKED: 'checked',
}
</script>

<template>
  <StageFrame
    title="Order"
    :note="`${wanted.length} to order of ${lines.length} things needed`"
    :capabilities="['supply']"
  >
    <template v-if="session.owner" #actions>
      <TableFile
        :path="`/api/builds/${builds.id}/orders.csv`"
        label="Orders"
        noun="order lines"
        @kept="builds.reload()"
      />
    </template>
    <p v-if="lines.length === 0" class="soft">
      Nothing is needed yet. Parts, finishes, lights and components bring their own shopping list.
    </p>
    <TextField
      v-else
      v-model="checker"
      own
      class="checker"
      label="Checks today are done by"
      :hint="`empty: ${session.account?.name}`"
    />
    <section v-for="group in groups" :key="group.id">
      <div class="row">
        <h3>{{ group.name }}</h3>
        <span class="grow" />
        <span v-if="session.owner" class="mono">{{
          money(group.totalMinor, workshop.currency)
        }}</span>
      </div>
      <table class="ledger">
        <thead>
          <tr>
            <th class="thing">Thing</th>
            <th class="right">To buy</th>
            <th v-if="session.owner" class="right">Price</th>
            <th>Order by</th>
            <th>State</th>
            <th><span class="visually-hidden">What to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in group.lines" :key="line.need.key">
            <td>
              {{ said(line.need.title) }} <WhyButton :why="line.need.why" :of="line.need.title" />
            </td>
            <td class="right mono">{{ count(toBuy(line), line.need.unit) }}</td>
            <td v-if="session.owner" class="right mono">
              {{ money(toBuy(line) * line.need.unitPriceMinor, workshop.currency) }}
            </td>
            <td class="mono" :class="{ bad: line.state === 'WANTED' && line.daysLate }">
              {{ line.state === 'WANTED' ? orderBy(line) : '' }}
            </td>
            <td class="state">
              <SignMark :kind="SIGNS[line.state]" /> {{ STATES[line.state] }}
              <span v-if="line.order?.paidOn" class="soft"> · paid</span>
            </td>
            <td>
              <div class="acts">
                <Button
                  v-if="line.state === 'WANTED'"
                  class="quiet"
                  size="small"
                  label="Mark ordered"
                  :aria-label="'Mark ordered: ' + line.need.title"
                  @click="order(line)"
                />
                <template v-if="line.order && line.state === 'ORDERED'">
                  <DateField
                    label="Promised for"
                    hide-label
                    :model-value="line.order.expectedOn"
                    :problem="builds.problem('orders', line.order.id, 'expectedOn')"
                    @update:model-value="
                      (expectedOn) => expectedOn && change(line.order!, { expectedOn })
                    "
                  />
                  <Button
                    class="quiet"
                    size="small"
                    label="Received"
                    :aria-label="'Mark received: ' + line.need.title"
                    @click="received(line.order)"
                  />
                </template>
                <template v-if="line.order && line.state === 'RECEIVED'">
                  <Button
                    class="quiet"
                    size="small"
                    label="As ordered"
                    :aria-label="'Checked, as ordered: ' + line.need.title"
                    @click="checked(line.order)"
                  />
                  <Button
                    class="bare"
                    size="small"
                    label="Wrong or dead"
                    :aria-label="'Wrong or dead: ' + line.need.title"
                    @click="change(line.order, { state: 'WRONG' })"
                  />
                </template>
                <Button
                  v-if="line.order && !line.order.paidOn && session.owner"
                  class="bare"
                  size="small"
                  label="Paid"
                  :aria-label="'Mark paid: ' + line.need.title"
                  @click="change(line.order, { paidOn: today })"
                />
              </div>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="wrong.length">
      <h3>Sent back</h3>
      <p v-for="order in wrong" :key="order.id">
        {{ said(order.title) }}, ordered {{ day(order.orderedOn) }}: {{ order.state.toLowerCase() }}
      </p>
    </section>
  </StageFrame>
</template>

<style scoped>
section {
  margin: 12px 0 18px;
}
.checker {
  max-width: 260px;
}
table {
  table-layout: fixed;
}
.thing {
  width: 24%;
}
th:nth-child(2) {
  width: 10%;
}
th:nth-child(3) {
  width: 10%;
}
td:nth-child(4),
th:nth-child(4) {
  padding-left: 14px;
  white-space: nowrap;
}
th:nth-child(4) {
  width: 14%;
}
th:nth-last-child(2) {
  width: 12%;
}
th:last-child {
  width: 30%;
}
.acts :deep(input[type='date']) {
  width: 132px;
  padding-inline: 6px;
}
.acts :deep(.p-button) {
  white-space: nowrap;
}
.state svg {
  vertical-align: -2px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  justify-content: flex-end;
  align-items: center;
}
</style>
