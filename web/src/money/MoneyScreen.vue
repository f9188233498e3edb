<script setup lang="ts">
import { computed } from 'vue'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import { duration, money, sentence } from '../ui/words'
import { useWidth } from '../ui/useWidth'
import LedgerList from './LedgerList.vue'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Planned, committed, spent and forecast against the cap. The verdict comes first. */
const builds = useBuild()
const workshop = useWorkshop()
const budget = computed(() => builds.view!.budget ?? null)
const m = (minor: number) => money(minor, workshop.currency)
const { width } = useWidth('sized', 700)
const scale = computed(() => {
  const most = Math.max(
    budget.value?.capMinor ?? 0,
    budget.value?.countedForecastMinor ?? 0,
    budget.value?.plannedMinor ?? 0,
    1,
  )
  return (width.value - 10) / (most * 1.08)
})
const verdict = computed(() => {
  const b = budget.value
  if (!b) return { sign: 'note' as const, words: '' }
  if (b.capMinor === null || b.capMinor === undefined)
    return { sign: 'note' as const, words: 'No cap was agreed; the brief asks for one.' }
  const left = b.capMinor - b.countedForecastMinor
  if (left >= 0) return { sign: 'done' as const, words: `Forecast stays ${m(left)} under the cap.` }
  const over = b.countedCommittedMinor > b.capMinor
  return {
    sign: over ? ('stop' as const) : ('risk' as const),
    words: `Forecast goes ${m(-left)} over the cap.`,
  }
})
</script>

<template>
  <StageFrame title="Money" :capabilities="['money', 'supply']">
    <template v-if="budget">
      <p class="verdict"><SignMark :kind="verdict.sign" :size="17" /> {{ verdict.words }}</p>
      <div ref="sized" class="scale">
        <svg
          :width="width"
          height="74"
          role="img"
          aria-label="Spent, committed and forecast against the cap, to scale"
        >
          <rect
            x="0"
            y="24"
            :width="budget.countedForecastMinor * scale"
            height="26"
            class="forecast"
          />
          <rect
            x="0"
            y="24"
            :width="budget.countedCommittedMinor * scale"
            height="26"
            class="committed"
          />
          <text x="6" y="42" class="inside">ordered and worked</text>
          <text :x="budget.countedForecastMinor * scale - 6" y="66" class="end">
            forecast
            <MoneyFigure :of="budget" name="countedForecastMinor" drawn />
          </text>
          <g v-if="budget.capMinor">
            <line
              :x1="budget.capMinor * scale"
              y1="12"
              :x2="budget.capMinor * scale"
              y2="56"
              class="cap"
            />
            <text :x="budget.capMinor * scale" y="10" class="end">
              cap
              <MoneyFigure :of="budget" name="capMinor" drawn />
            </text>
          </g>
        </svg>
      </div>
      <table class="ledger">
        <thead>
          <tr>
            <th>Line</th>
            <th class="right">planned</th>
            <th class="right">committed</th>
            <th class="right">spent</th>
            <th class="right">forecast</th>
            <th><span class="visually-hidden">Why</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in budget.lines" :key="line.category" :class="{ aside: !line.counts }">
            <td>
              {{ sentence(line.category) }}
              <span v-if="!line.counts" class="soft">(outside the cap)</span>
            </td>
            <td class="right mono"><MoneyFigure :of="line" name="plannedMinor" /></td>
            <td class="right mono"><MoneyFigure :of="line" name="committedMinor" /></td>
            <td class="right mono"><MoneyFigure :of="line" name="spentMinor" /></td>
            <td class="right mono"><MoneyFigure :of="line" name="forecastMinor" /></td>
            <td><WhyButton :why="line.why" :of="sentence(line.category)" /></td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <td>All</td>
            <td class="right mono"><MoneyFigure :of="budget" name="plannedMinor" /></td>
            <td class="right mono"><MoneyFigure :of="budget" name="committedMinor" /></td>
            <td class="right mono"><MoneyFigure :of="budget" name="spentMinor" /></td>
            <td class="right mono"><MoneyFigure :of="budget" name="forecastMinor" /></td>
            <td></td>
          </tr>
        </tfoot>
      </table>
      <LedgerList />
    </template>
    <p v-else class="soft">Money is shown to the owner.</p>
    <template v-if="budget" #watch>
      <dl>
        <dt>quote today <WhyButton :why="budget.quoteWhy" of="Quote" /></dt>
        <dd class="mono"><MoneyFigure :of="budget" name="quoteMinor" /></dd>
        <dt>agreed price</dt>
        <dd class="mono"><MoneyFigure :of="budget" name="priceMinor" none="not frozen" /></dd>
        <template v-if="budget.broughtMinor">
          <dt>brought by the client: counts for the cap, not in the price</dt>
          <dd class="mono"><MoneyFigure :of="budget" name="broughtMinor" /></dd>
        </template>
        <dt>hours planned</dt>
        <dd class="mono">{{ duration(budget.labour.plannedMinutes) }}</dd>
        <dt>hours logged</dt>
        <dd class="mono">{{ duration(budget.labour.loggedMinutes) }}</dd>
        <template v-if="budget.labour.guessedMinutes">
          <dt>done without a time</dt>
          <dd class="mono">{{ duration(budget.labour.guessedMinutes) }}, a guess</dd>
        </template>
        <dt>
          an hour earns
          <WhyButton
            :why="{
              formula:
                '(price without tax − forecast of all but labour) ÷ all hours: logged, done without a time (as planned), still planned',
              inputs: [
                'price ' + (budget.priceMinor ? m(budget.priceMinor) : 'not frozen'),
                duration(budget.labour.loggedMinutes) + ' logged',
                duration(budget.labour.guessedMinutes) + ' done without a time: a guess',
                duration(budget.labour.remainingMinutes) + ' still planned',
              ],
            }"
            of="What an hour earns"
          />
        </dt>
        <dd class="mono"><MoneyFigure :of="budget" name="earnedPerHourMinor" none="—" /></dd>
      </dl>
    </template>
  </StageFrame>
</template>

<style scoped>
.verdict {
  font-size: 18px;
  font-weight: 650;
  margin: 2px 0 6px;
}
.verdict svg {
  vertical-align: -2px;
}
.scale {
  margin-bottom: 12px;
}
.forecast {
  fill: var(--kraft);
}
.committed {
  fill: var(--verdigris);
}
.inside {
  fill: var(--paper);
  font-size: 12.5px;
}
.end {
  text-anchor: end;
  font-family: var(--mono);
  font-size: 12.5px;
  fill: var(--ink);
}
.cap {
  stroke: var(--madder);
  stroke-width: 2.5;
}
.aside {
  color: var(--smoke);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 5px 8px;
  margin: 6px 0;
}
dd {
  margin: 0;
  text-align: right;
}
</style>
