<script setup lang="ts">
import { computed } from 'vue'
import type { ChainLink } from '../api/types'
import { moment, workingTime } from '../ui/words'
import { said } from '../units/writing'

/** Why it is finished no earlier, one line for each stretch of time, in the order it happens. */
const props = defineProps<{
  chain: ChainLink[]
  now: string
  dayMinutes: number
  /** The step of this build that can slip least, which need not be one of these. */
  tightest: string
}>()

/** A step that can slip no more than this is as tight as any. */
const AS_TIGHT_MINUTES = 15
const QUIET = new Set(['CLOSED', 'WAIT', 'ARRIVAL'])

const rows = computed(() =>
  props.chain.map((link, index) => ({
    key: index,
    quiet: QUIET.has(link.reason),
    when: `${moment(link.start, props.now)} – ${until(link)}`,
    text: said(link.text),
    work: link.workMinutes ? workingTime(link.workMinutes, props.dayMinutes) : '',
    gap: gap(link, props.chain.slice(0, index).filter(isOwn)),
  })),
)

function isOwn(link: ChainLink) {
  return link.reason === 'WORK' || link.reason === 'WAIT'
}
function until(link: ChainLink) {
  const sameDay = link.start.slice(0, 10) === link.finish.slice(0, 10)
  return sameDay ? moment(link.finish, link.finish) : moment(link.finish, props.now)
}
/** Said where it begins, not on each line that has it too; the tightest step is named once. */
function gap(link: ChainLink, earlier: ChainLink[]) {
  const before = earlier.at(-1)?.spareMinutes ?? 0
  if (!isOwn(link) || Math.abs(link.spareMinutes - before) <= AS_TIGHT_MINUTES) return ''
  if (link.spareMinutes <= AS_TIGHT_MINUTES) return 'from here as tight as any'
  const named = earlier.some((one) => one.spareMinutes > AS_TIGHT_MINUTES)
  const tightest = named || !props.tightest ? 'the tightest step' : `“${props.tightest}”`
  return `from here ${workingTime(link.spareMinutes, props.dayMinutes)} more slack than ${tightest}`
}
</script>

<template>
  <section>
    <h3>What decides it, in the order it happens</h3>
    <p class="soft">Dates are days of the calendar; hours are hours of work.</p>
    <table class="ledger chain">
      <thead class="visually-hidden">
        <tr>
          <th>When</th>
          <th>What</th>
          <th>Hours of work</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key" :class="{ quiet: row.quiet }">
          <td class="mono when">{{ row.when }}</td>
          <td>
            {{ row.text }} <span v-if="row.gap" class="soft gap">{{ row.gap }}</span>
          </td>
          <td class="right mono when">{{ row.work }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.chain {
  margin: 4px 0 14px;
}
.when {
  white-space: nowrap;
  width: 1%;
}
.gap {
  font-size: 13px;
}
.quiet td {
  color: var(--smoke);
}
@media (max-width: 600px) {
  .chain,
  .chain tbody {
    display: block;
  }
  .chain tr {
    display: grid;
    grid-template-columns: 1fr auto;
    border-bottom: 1px solid var(--line);
  }
  .chain td {
    border: 0;
    width: auto;
  }
  .chain td:nth-child(2) {
    grid-area: 2 / 1 / 3 / 3;
  }
}
</style>
