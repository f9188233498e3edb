<script setup lang="ts">
import { computed } from 'vue'
import { useBuild } from '../store/build'
import WhyButton from '../ui/WhyButton.vue'
import CutAway from './CutAway.vue'
import { endsOf } from './feet'
import StandsOn from './StandsOn.vue'
import SupportRows from './SupportRows.vue'
import { fixed, mass } from '../units/writing'

/** Mass, centre of gravity and how it stands. */
const builds = useBuild()
const stability = computed(() => builds.view!.fit.stability)
const balance = computed(() => stability.value.balance ?? null)
const space = computed(() => builds.view!.fit.space ?? null)
const enclosure = computed(() => builds.build!.enclosures[0] ?? null)
const heaviest = computed(() => {
  const byName = new Map<string, { name: string; massKg: number; pieces: number }>()
  for (const weight of stability.value.weights) {
    const line = byName.get(weight.name) ?? { name: weight.name, massKg: 0, pieces: 0 }
    byName.set(weight.name, {
      ...line,
      massKg: line.massKg + weight.massKg,
      pieces: line.pieces + 1,
    })
  }
  return [...byName.values()].sort((a, b) => b.massKg - a.massKg)
})
const most = computed(() => heaviest.value[0]?.massKg || 1)
/** Drawn under it; hooks on a wall are not. */
const feet = computed(() => {
  const supports = enclosure.value?.supports
  return !supports || supports.kind === 'WALL' ? [] : supports.on.flatMap(endsOf)
})
const across = (sight: 'front' | 'side') => [
  ...new Set(feet.value.map((foot) => (sight === 'front' ? foot.xMm : foot.yMm))),
]
const edge = (over: string) =>
  over.includes(' to ') ? `the line from ${over}` : `its ${over} edge`
</script>

<template>
  <p v-if="!balance" class="soft">Nothing here weighs anything yet.</p>
  <div v-else class="stability">
    <div v-if="space && enclosure" class="drawings">
      <CutAway
        v-for="sight in ['front', 'side'] as const"
        :key="sight"
        :space="space"
        :sight="sight"
        :height="290"
        :room-mm="Math.max(space.outer.widthMm, space.outer.depthMm, space.outer.heightMm * 1.5)"
        :picked="null"
        :centre="balance.centre"
      >
        <template #default="{ x, y }">
          <path
            v-for="end in across(sight)"
            :key="end"
            class="foot"
            :d="`M${x(end)} ${y(0)}l-8 13h16z`"
          />
        </template>
      </CutAway>
    </div>
    <p v-else class="soft">
      Without an enclosure with bays nothing has a place: mass only, no balance.
    </p>
    <dl class="facts" aria-label="Balance">
      <dt>mass <WhyButton :why="balance.why" of="Mass and centre of gravity" /></dt>
      <dd class="mono">{{ fixed(balance.massKg, 2) }} kg</dd>
      <dt>centre of gravity</dt>
      <dd class="mono">
        {{ fixed(balance.centre.xMm, 0) }} mm right, {{ fixed(balance.centre.yMm, 0) }} mm back,
        {{ fixed(balance.centre.zMm, 0) }} mm up
      </dd>
      <template v-for="tip in balance.tips" :key="tip.over">
        <dt>tips over {{ edge(tip.over) }} at</dt>
        <dd class="mono" :class="{ bad: tip.degrees < 10 }">{{ fixed(tip.degrees, 1) }}°</dd>
      </template>
    </dl>
    <StandsOn v-if="enclosure && balance.loads.length" :enclosure="enclosure" :balance="balance" />
    <SupportRows v-if="enclosure" :enclosure="enclosure" />
    <section class="weights">
      <h3>What weighs what</h3>
      <ul>
        <li v-for="weight in heaviest" :key="weight.name">
          <span>{{ weight.name }}{{ weight.pieces > 1 ? ` × ${weight.pieces}` : '' }}</span>
          <i :style="{ width: `${(weight.massKg / most) * 100}%` }" />
          <span class="mono">{{ mass(weight.massKg) }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.stability {
  display: grid;
  gap: 10px;
}
.drawings {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
.foot {
  fill: var(--ink);
}
.facts {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  gap: 3px 14px;
  margin: 0;
}
dd {
  margin: 0;
}
dt {
  color: var(--smoke);
}
h3 {
  font-size: 16px;
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 2px;
}
li {
  display: grid;
  grid-template-columns: 240px 1fr 80px;
  gap: 12px;
  align-items: center;
  font-size: 13.5px;
}
li i {
  height: 9px;
  background: var(--smoke);
}
li .mono {
  text-align: right;
}
</style>
