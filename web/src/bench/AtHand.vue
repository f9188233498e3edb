<script setup lang="ts">
import type { DayCard, InHand } from '../api/types'
import { count, duration } from '../ui/words'
import { fixed, said } from '../units/writing'

/** What to take in hand before a step is begun, and what hangs on the rack. */
defineProps<{ card: DayCard }>()
function amount(each: InHand): string {
  if (!each.amount) return ''
  return each.unit === 'ml' || each.unit === 'g'
    ? `${fixed(each.amount, each.amount < 10 ? 1 : 0)} ${each.unit}`
    : count(each.amount, each.unit)
}
</script>

<template>
  <section v-if="card.hand.length || card.hung.length">
    <h3>At hand</h3>
    <ul>
      <li v-for="(each, i) in card.hand" :key="i">
        {{ said(each.title) }}
        <span v-if="amount(each)" class="mono">{{ said(amount(each)) }}</span>
        <span v-if="each.note" class="soft note">{{ said(each.note) }}</span>
      </li>
    </ul>
    <template v-if="card.hung.length">
      <p class="soft">Hang on the rack, one clock for all:</p>
      <ul>
        <li v-for="each in card.hung" :key="each.name">
          {{ said(each.name) }}<template v-if="each.pieces > 1"> × {{ each.pieces }}</template>
          <span class="mono">{{ fixed(each.ml, 1) }} ml</span>
          <span class="mono">{{ duration(each.minutes) }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
p {
  margin: 6px 0 0;
  font-size: 13px;
}
.note {
  display: block;
  font-size: 12.5px;
}
.mono {
  margin-left: 4px;
}
</style>
