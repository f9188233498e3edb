<script setup lang="ts">
import { computed } from 'vue'
import type { Watch } from '../api/types'
import { useWorkshop } from '../store/workshop'
import { useWidth } from '../ui/useWidth'
import { count, day, money } from '../ui/words'
import { said } from '../units/writing'
import { curve, trusted } from './watch'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Prices that were seen of a thing, and at or below which it is bought from today on. */
const props = defineProps<{ watch: Watch; today: string }>()
const workshop = useWorkshop()
const { width } = useWidth('sized', 480)
const HEIGHT = 150
const drawn = computed(() => curve(props.watch, props.today, Math.max(200, width.value), HEIGHT))
const asMoney = (minor: number) => money(minor, workshop.currency)
const latest = computed(() => props.watch.seen.at(-1)!)
const limit = computed(() => props.watch.ahead.at(0))
const verdict = computed(() => {
  const { lastSafeOn, looksLeft, buy, gainMinor } = props.watch
  if (!lastSafeOn) return 'Nothing says by when: give the build a day of reveal.'
  if (looksLeft === 0) return 'Buy now: there is no time to look again.'
  if (buy) return 'Buy now.'
  return `Wait: about ${asMoney(gainMinor)} may be saved.`
})
const words = computed(
  () =>
    `${props.watch.title}: ${count(props.watch.seen.length, 'prices')} seen, the latest ` +
    `${asMoney(latest.value.unitPriceMinor)}. ${verdict.value}`,
)
</script>

<template>
  <section :aria-label="`Wait or buy: ${watch.title}`">
    <h3>Wait or buy: {{ said(watch.title) }}</h3>
    <div class="watch">
      <div ref="sized">
        <svg :width="width" :height="HEIGHT" role="img" :aria-label="said(words)">
          <g v-for="line in drawn.lines" :key="line.y">
            <line x1="68" :x2="width" :y1="line.y" :y2="line.y" class="ground" />
            <text x="62" :y="line.y + 4" text-anchor="end">{{ asMoney(line.minor) }}</text>
          </g>
          <line :x1="drawn.today" :x2="drawn.today" y1="6" :y2="HEIGHT - 20" class="now" />
          <text :x="drawn.today" :y="HEIGHT - 4" text-anchor="middle" class="today">today</text>
          <line
            v-if="drawn.last !== null"
            :x1="drawn.last"
            :x2="drawn.last"
            y1="6"
            :y2="HEIGHT - 20"
            class="last"
          />
          <polyline :points="drawn.seen" class="seen" />
          <circle v-for="dot in drawn.dots" :key="dot.x" :cx="dot.x" :cy="dot.y" r="3.5" />
          <polyline v-if="drawn.ahead" :points="drawn.ahead" class="ahead" />
        </svg>
      </div>
      <div class="words">
        <p>
          <strong>{{ verdict }}</strong>
        </p>
        <p class="mono"><MoneyFigure :of="latest" name="unitPriceMinor" />, {{ day(latest.on) }}</p>
        <p v-if="limit" class="green">
          buy at or below <MoneyFigure :of="limit" name="limitMinor" />
        </p>
        <p v-if="watch.lastSafeOn" class="bad">
          last safe day {{ day(watch.lastSafeOn) }}, then take what there is
        </p>
        <p class="soft">
          {{ count(watch.seen.length, 'prices') }} seen, {{ count(watch.looksLeft, 'looks') }} left;
          {{ trusted(watch.trust) }}
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
section {
  border-top: 1px solid var(--line);
  margin-top: 18px;
  padding-top: 10px;
}
.watch {
  display: grid;
  grid-template-columns: 1fr minmax(210px, 260px);
  gap: 16px;
}
.words p {
  margin: 4px 0;
  font-size: 13px;
}
svg {
  display: block;
  max-width: 100%;
}
text {
  font: 12px var(--mono);
  fill: var(--smoke);
}
.today {
  fill: var(--ember);
}
.ground {
  stroke: var(--line);
}
.now {
  stroke: var(--ember);
  stroke-width: 2;
}
.last {
  stroke: var(--madder);
  stroke-width: 2;
}
.seen {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
circle {
  fill: var(--ink);
}
.ahead {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.green {
  color: var(--verdigris);
}
@media (max-width: 640px) {
  .watch {
    grid-template-columns: 1fr;
  }
}
</style>
