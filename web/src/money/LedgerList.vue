<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Move } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { moveWords, spent } from '../supply/moves'
import { day, money } from '../ui/words'
import { said } from '../units/writing'
import MoneySum from '../ui/MoneySum.vue'

/** Every move of money, the newest first: together they are what is spent on what was bought. */
const builds = useBuild()
const workshop = useWorkshop()
const moves = computed(() =>
  [...builds.build!.moves].sort((a, b) => b.on.localeCompare(a.on) || b.id.localeCompare(a.id)),
)
const titles = computed(() => new Map(builds.build!.orders.map((line) => [line.id, line.title])))
const opened = ref(false)
const title = (move: Move) => (move.orderId ? (titles.value.get(move.orderId) ?? '') : 'Delivery')
const m = (minor: number) => money(minor, workshop.currency)
</script>

<template>
  <details v-if="moves.length" @toggle="opened = ($event.target as HTMLDetailsElement).open">
    <summary>
      {{ moves.length }} {{ moves.length === 1 ? 'payment' : 'payments' }}, together
      <MoneySum class="mono" :of="moves" name="amountMinor" :counts="spent" />
    </summary>
    <table v-if="opened" class="ledger">
      <thead>
        <tr>
          <th>Day</th>
          <th>For</th>
          <th>Shop</th>
          <th>What</th>
          <th class="right">Amount</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="move in moves" :key="move.id">
          <td class="mono">{{ day(move.on) }}</td>
          <td>{{ said(title(move)) }}</td>
          <td>{{ workshop.supplierName(move.supplierId) }}</td>
          <td>{{ said(moveWords(move)) }}</td>
          <td class="right mono" :data-figure="move.figureKeys?.amountMinor">
            {{ m(spent(move)) }}
          </td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
details {
  margin-top: 14px;
}
summary {
  cursor: pointer;
  padding: 4px 0;
  width: fit-content;
}
</style>
