<script setup lang="ts">
import { computed } from 'vue'
import type { Balance, Enclosure } from '../api/types'
import ScaledDrawing from '../ui/ScaledDrawing.vue'
import { fixed } from '../units/writing'
import { endsOf } from './feet'

/** The ground under a build from above: what stands where, what it carries, where the weight lies. */
const props = defineProps<{ enclosure: Enclosure; balance: Balance }>()
const hung = computed(() => props.enclosure.supports.kind === 'WALL')
/** One that was added just now is drawn when its load has come. */
const stands = computed(() =>
  props.enclosure.supports.on.slice(0, props.balance.loads.length).map((support, index) => ({
    support,
    ends: endsOf(support),
    load: props.balance.loads[index],
  })),
)
/** All of it in view, also what stands outside the enclosure; from the front line backwards is up. */
const bounds = computed(() => {
  const xs = [0, props.enclosure.widthMm, ...stands.value.flatMap((s) => s.ends.map((e) => e.xMm))]
  const ys = [0, props.enclosure.depthMm, ...stands.value.flatMap((s) => s.ends.map((e) => e.yMm))]
  const left = Math.min(...xs)
  const front = Math.min(...ys)
  return {
    left,
    front,
    widthMm: Math.max(...xs) - left,
    depthMm: Math.max(...ys) - front,
  }
})
type Load = (typeof stands.value)[number]['load']
const over = (load: Load) => load.mostKg != null && load.worstKg > load.mostKg + 1e-6
const share = (load: Load) =>
  load.mostKg == null ? load.share : Math.min(1, load.worstKg / load.mostKg)
</script>

<template>
  <section class="stands" aria-label="What each support carries">
    <ScaledDrawing
      :width-mm="bounds.widthMm"
      :height-mm="bounds.depthMm"
      :height="230"
      label="The ground under the build, from above: its front is below"
    >
      <template #default="{ x, y, s }">
        <rect
          :x="x(-bounds.left)"
          :y="y(enclosure.depthMm - bounds.front)"
          :width="s(enclosure.widthMm)"
          :height="s(enclosure.depthMm)"
          class="outline"
        />
        <polygon
          class="footing"
          :points="
            balance.footing
              .map((p) => `${x(p.xMm - bounds.left)},${y(p.yMm - bounds.front)}`)
              .join(' ')
          "
        />
        <g v-for="stand in stands" :key="stand.support.id" :class="{ bad: over(stand.load) }">
          <line
            v-if="stand.ends.length > 1"
            :x1="x(stand.ends[0].xMm - bounds.left)"
            :y1="y(stand.ends[0].yMm - bounds.front)"
            :x2="x(stand.ends[1].xMm - bounds.left)"
            :y2="y(stand.ends[1].yMm - bounds.front)"
            class="axle"
          />
          <circle
            v-for="(end, index) in stand.ends"
            :key="index"
            :cx="x(end.xMm - bounds.left)"
            :cy="y(end.yMm - bounds.front)"
            r="5"
          />
        </g>
        <path
          class="centre"
          :d="`M${x(balance.centre.xMm - bounds.left) - 9} ${y(balance.centre.yMm - bounds.front)}h18m-9 -9v18`"
        />
      </template>
    </ScaledDrawing>
    <table>
      <thead>
        <tr>
          <th scope="col">stands on</th>
          <th scope="col">carries, {{ hung ? 'all hold' : 'flat floor' }}</th>
          <th scope="col">at worst</th>
          <th scope="col">may carry</th>
          <th scope="col"><span class="visually-hidden">how much of it</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="stand in stands" :key="stand.support.id">
          <th scope="row">{{ stand.support.name }}</th>
          <td class="mono">
            {{ fixed(stand.load.massKg, 2) }} kg, {{ fixed(stand.load.share * 100, 1) }} %
          </td>
          <td class="mono" :class="{ bad: over(stand.load) }">
            {{ fixed(stand.load.worstKg, 2) }} kg
          </td>
          <td class="mono">
            {{ stand.load.mostKg == null ? 'nobody said' : `${fixed(stand.load.mostKg, 2)} kg` }}
          </td>
          <td><i :style="{ width: `${Math.max(0, share(stand.load)) * 100}%` }" /></td>
        </tr>
      </tbody>
      <caption>
        At worst:
        {{
          hung
            ? 'when any two points hold all of it'
            : 'on a floor that isn’t flat, when any three points carry all'
        }}. The cross is the centre of gravity.
      </caption>
    </table>
  </section>
</template>

<style scoped>
.stands {
  display: grid;
  grid-template-columns: minmax(180px, 320px) 1fr;
  gap: 18px;
  align-items: start;
}
.outline {
  fill: none;
  stroke: var(--smoke);
  stroke-dasharray: 4 4;
}
.footing {
  fill: var(--kraft);
  stroke: var(--ink);
}
.axle {
  stroke: var(--ink);
  stroke-width: 4;
}
circle {
  fill: var(--ink);
}
.bad .axle {
  stroke: var(--madder);
}
.bad circle {
  fill: var(--madder);
}
.centre {
  stroke: var(--madder);
  stroke-width: 2;
  fill: none;
}
table {
  border-collapse: collapse;
  font-size: 13.5px;
}
caption {
  caption-side: bottom;
  text-align: left;
  color: var(--smoke);
  padding-top: 4px;
}
th {
  text-align: left;
  font-weight: 400;
  padding: 2px 12px 2px 0;
}
thead th {
  color: var(--smoke);
}
td {
  padding: 2px 12px 2px 0;
}
td:last-child {
  width: 30%;
}
td i {
  display: block;
  height: 9px;
  background: var(--smoke);
}
@media (max-width: 720px) {
  .stands {
    grid-template-columns: 1fr;
  }
  td:last-child {
    display: none;
  }
}
</style>
