<script setup lang="ts">
import type { CaseAir, OpeningFlow, SpaceModel } from '../api/types'
import { fixed } from '../units/writing'
import CutAway from './CutAway.vue'
import { mouths, type Mouth } from './airPaths'

/** What comes in and leaves through each opening, on the enclosure cut open. */
defineProps<{ space: SpaceModel; through: OpeningFlow[]; air: CaseAir }>()
type To = (mm: number) => number
/** Share of all that moves below which an arrow would say nothing. */
const FAINT = 0.02
const LONG_PX = 26
const HEAD_PX = 6
/** An arrow through the middle of an opening; where air goes both ways, two beside each other. */
function arrows(mouth: Mouth, flow: number, x: To, y: To) {
  const ways = [
    { way: 'in', value: mouth.inM3PerHour, sign: 1 },
    { way: 'out', value: mouth.outM3PerHour, sign: -1 },
  ].filter((each) => each.value > FAINT * flow)
  return ways.map((each, index) => {
    const aside = ways.length > 1 ? (index ? 9 : -9) : 0
    const dx = mouth.inward.x
    const dy = -mouth.inward.y
    const cx = x((mouth.x1 + mouth.x2) / 2) + aside * Math.abs(dy)
    const cy = y((mouth.y1 + mouth.y2) / 2) + aside * Math.abs(dx)
    const [ax, ay] = [(each.sign * dx * LONG_PX) / 2, (each.sign * dy * LONG_PX) / 2]
    const [hx, hy] = [each.sign * dx * HEAD_PX, each.sign * dy * HEAD_PX]
    return {
      key: `${mouth.id} ${each.way}`,
      way: each.way,
      path: `M${cx - ax} ${cy - ay}L${cx + ax} ${cy + ay}m${-hx - hy} ${-hy + hx}L${cx + ax} ${cy + ay}l${-hx + hy} ${-hy - hx}`,
      text: fixed(each.value, each.value < 10 ? 1 : 0),
      tx: cx + dx * (LONG_PX / 2 + 18),
      ty: cy + dy * (LONG_PX / 2 + 12) + 4,
    }
  })
}
</script>

<template>
  <div class="paths">
    <CutAway
      v-for="sight in ['front', 'side'] as const"
      :key="sight"
      :space="space"
      :sight="sight"
      :height="260"
      :room-mm="Math.max(space.outer.widthMm, space.outer.depthMm, space.outer.heightMm * 1.5)"
      :picked="null"
    >
      <template #default="{ x, y }">
        <g v-for="mouth in mouths(through, space.outer, sight)" :key="mouth.id" class="mouth">
          <title>{{ mouth.name }}</title>
          <line :x1="x(mouth.x1)" :y1="y(mouth.y1)" :x2="x(mouth.x2)" :y2="y(mouth.y2)" />
          <g
            v-for="arrow in arrows(mouth, air.flowM3PerHour, x, y)"
            :key="arrow.key"
            :class="arrow.way"
          >
            <path :d="arrow.path" />
            <text :x="arrow.tx" :y="arrow.ty">{{ arrow.text }}</text>
          </g>
        </g>
      </template>
    </CutAway>
  </div>
  <p class="soft small">
    m³/h through each opening; what lies across is drawn. Air leaves
    <span class="mono">{{ fixed(air.riseK, 1) }} K</span> warmer than the room, at
    <span class="mono">{{ fixed(air.airC, 1) }} °C</span>.
  </p>
</template>

<style scoped>
.paths {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 18px;
}
.mouth line {
  stroke: var(--paper);
  stroke-width: 5;
}
.mouth path {
  fill: none;
  stroke-width: 2.4;
}
.mouth text {
  font: 600 12px var(--mono, monospace);
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
.in path {
  stroke: var(--verdigris);
}
.out path {
  stroke: var(--ember);
}
.small {
  font-size: 12.5px;
  margin: 2px 0 0;
}
</style>
