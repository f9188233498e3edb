<script setup lang="ts">
import { computed } from 'vue'
import type { BenchDay, DayCard } from '../api/types'
import { clock, duration, moment } from '../ui/words'
import { said } from '../units/writing'

/** The rest of the day in order, with its breaks; a card that is pressed is taken up. */
const props = defineProps<{ day: BenchDay; cards: DayCard[]; chosen: string }>()
const emit = defineEmits<{ take: [card: DayCard] }>()
const key = (card: DayCard) => `${card.buildId} ${card.task.task.key} ${card.piece}`
const rows = computed(() =>
  [
    ...props.cards.map((card) => ({ from: card.from, card })),
    ...props.day.breaks.map((rest) => ({ from: rest.from, to: rest.to, card: null })),
  ].sort((a, b) => a.from.localeCompare(b.from)),
)
function detail(card: DayCard): string {
  const parts = [card.stationName, duration(card.minutes)]
  if (card.hung.length) parts.unshift(`${card.hung.length} pieces`)
  if (card.pieces > 1) parts.push(`piece ${card.piece} of ${card.pieces}`)
  return parts.filter(Boolean).join(', ')
}
</script>

<template>
  <ol>
    <li v-for="row in rows" :key="row.card ? key(row.card) : row.from">
      <p v-if="!row.card" class="rest">
        <span class="mono">{{ clock(row.from) }}</span> — break —
      </p>
      <button
        v-else
        type="button"
        class="card"
        :class="{ waits: row.card.waitsFor.length, closes: row.card.task.windowCloses }"
        :aria-pressed="chosen === key(row.card)"
        @click="emit('take', row.card)"
      >
        <span class="mono">{{ clock(row.from) }}</span>
        <span class="what">
          <strong>{{ said(row.card.task.task.title) }}</strong>
          <span class="soft">
            {{ row.card.buildName }} · {{ said(detail(row.card)) }}
            <template v-if="row.card.task.windowCloses">
              · <strong>begin before {{ moment(row.card.task.windowCloses, day.now) }}</strong>
            </template>
          </span>
        </span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.card {
  display: grid;
  grid-template-columns: 52px 1fr;
  gap: 8px;
  width: 100%;
  min-height: 44px;
  padding: 8px 14px;
  align-items: baseline;
  text-align: left;
  font: inherit;
  color: inherit;
  background: var(--paper);
  border: 0;
  border-left: 4px solid transparent;
  cursor: pointer;
}
.card:hover {
  background: var(--watch);
}
.card[aria-pressed='true'] {
  outline: 2px solid var(--ember);
}
.closes {
  border-left-color: #c9820e;
}
.waits {
  border-left-color: var(--slate);
}
.what {
  display: grid;
  gap: 1px;
}
.what .soft {
  font-size: 12.5px;
}
.rest {
  margin: 0;
  padding: 4px 14px;
  color: var(--smoke);
}
</style>
