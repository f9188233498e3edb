<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Box, Component, PlacedThing } from '../api/types'
import { useBuild } from '../store/build'
import { useWidth } from '../ui/useWidth'
import CutAway from './CutAway.vue'
import EnclosureChoice from './EnclosureChoice.vue'
import { marginsOf, size, TURNS, turnWords } from './fitWords'
import ThingFields from '../ui/ThingFields.vue'
import { bayAt, into, type Place } from './pinning'
import { arrangement, MARGIN_PX } from './arrangement'
import { flat, moved, type Sight } from './projection'
import { exact, fixed, said } from '../units/writing'

/** What was placed where, with its margins; pinning by hand; the order of going in. */
const builds = useBuild()
const router = useRouter()
const space = computed(() => builds.view!.fit.space ?? null)
const picked = ref<string | null>(null)
/** What was picked; at first the one with the least play. */
const thing = computed(() => {
  const things = space.value?.things ?? []
  const least = (one: PlacedThing) => {
    const m = one.margins
    return Math.min(m.leftMm + m.rightMm, m.frontMm + m.backMm, m.belowMm + m.aboveMm)
  }
  return (
    things.find((t) => t.id === picked.value) ??
    [...things].sort((a, b) => least(a) - least(b))[0] ??
    null
  )
})
/** It stays the one, however its play changes while its place is typed. */
watch(
  () => thing.value?.id,
  (id) => {
    if (id) picked.value = id
  },
  { immediate: true },
)
const component = computed(
  () => builds.build!.components.find((c) => c.id === thing.value?.componentId) ?? null,
)
const bayName = (id: string) => space.value?.bays.find((bay) => bay.id === id)?.name ?? id
/** One scale for all three drawings, the largest that the room allows. */
const { width } = useWidth('room', 872)
const ABOVE_PX = 150
const arranged = computed(() =>
  arrangement(space.value!.outer, width.value, Math.max(480, window.innerHeight - ABOVE_PX)),
)
const across = (sight: Sight) =>
  `${flat(space.value!.outer, sight).width * arranged.value.scale + MARGIN_PX.across}px`
function pinAt(of: Component, at: PlacedThing, place: Place) {
  const bayId = bayAt({ ...at.hull, ...place }, space.value!.bays, of.fitted.pin?.bayId ?? at.bayId)
  const turn = of.fitted.pin?.turn ?? at.turn
  builds.edit('components', of, { fitted: { ...of.fitted, pin: { bayId, turn, ...place } } })
}
/** Where a hand put it, in numbers; another bay takes it to the nearest place in there. */
const pinned = computed(() => [
  {
    field: 'bayId',
    label: 'Bay',
    options: space.value!.bays.map((bay) => ({ value: bay.id, label: bay.name })),
    set: (bayId: string) => {
      const { fitted } = component.value!
      const bay = space.value!.bays.find((each) => each.id === bayId)!
      return {
        fitted: { ...fitted, pin: { ...fitted.pin!, bayId, ...into(thing.value!.hull, bay) } },
      }
    },
  },
  { field: 'turn', label: 'Lies', options: TURNS },
  { field: 'xMm', label: 'From the left' },
  { field: 'yMm', label: 'From the front' },
  { field: 'zMm', label: 'From below' },
])
function move(at: PlacedThing, acrossMm: number, upMm: number, sight: Sight) {
  const of = builds.build!.components.find((c) => c.id === at.componentId)
  if (!of || at.id !== of.id) return
  const from = of.fitted.pin ?? { xMm: at.hull.xMm, yMm: at.hull.yMm, zMm: at.hull.zMm }
  pinAt(of, at, moved(from, sight, acrossMm, upMm))
}
function letGo(of: Component) {
  builds.edit('components', of, { fitted: { ...of.fitted, pin: undefined } })
}
/** What shelves and doors have to let through, where it is more than the enclosure. */
const stickingOut = computed(() => {
  const { overall, build } = builds.view!
  const own = build.enclosures[0]
  const sides = ['widthMm', 'heightMm', 'depthMm'] as const
  return own && overall && sides.some((side) => overall[side] > own[side] + 0.5)
    ? `With what sticks out it takes up ${sides.map((side) => exact(overall[side])).join(' × ')} mm: width, height, depth.`
    : ''
})
/** What a screen takes of the space; nobody has measured one of no depth. */
const reach = (box: Box) =>
  Math.min(box.widthMm, box.depthMm, box.heightMm) > 0 ? `${size(box)} mm` : 'depth not known'
const SIGHTS: Sight[] = ['plan', 'front', 'side']
</script>

<template>
  <EnclosureChoice v-if="!builds.build!.enclosures.length" />
  <p v-else-if="!space" class="soft">
    {{ builds.build!.enclosures[0].name }} has no bays yet: draw them under “Enclosure”.
  </p>
  <p v-if="stickingOut" class="soft">{{ stickingOut }}</p>
  <div
    v-if="space"
    ref="room"
    class="space"
    :class="arranged.layout"
    :style="{ '--plan': across('plan'), '--side': across('side') }"
  >
    <CutAway
      v-for="sight in SIGHTS"
      :key="sight"
      :class="sight"
      :space="space"
      :sight="sight"
      :height="700"
      :scale="arranged.scale"
      :picked="thing?.id ?? null"
      movable
      @pick="picked = $event"
      @move="(at, across, up) => move(at, across, up, sight)"
    />
    <section class="picked" aria-label="The picked component">
      <div v-if="thing && component">
        <h3>{{ thing.name }}</h3>
        <p class="soft">
          in “{{ bayName(thing.bayId) }}”, {{ turnWords(thing.turn) }};
          <span class="mono">{{ size(thing.hull) }} mm</span> with its plugs
        </p>
        <ul class="margins" aria-label="Free on each side">
          <li v-for="margin in marginsOf(thing)" :key="margin.label">
            {{ margin.label }} <span class="mono">{{ fixed(margin.mm, 1) }} mm</span>
          </li>
        </ul>
        <p class="row">
          <Button
            v-if="!component.fitted.pin"
            class="quiet"
            size="small"
            label="Pin it here"
            @click="
              pinAt(component, thing, {
                xMm: thing.hull.xMm,
                yMm: thing.hull.yMm,
                zMm: thing.hull.zMm,
              })
            "
          />
          <Button
            v-else
            class="quiet"
            size="small"
            label="Let it be placed"
            @click="letGo(component)"
          />
          <span class="soft">drag it, or arrows: 1 mm, with Shift 10 mm</span>
        </p>
        <div v-if="component.fitted.pin && thing.id === component.id" class="pin">
          <ThingFields kind="components" :thing="component" within="fitted.pin" :fields="pinned" />
        </div>
      </div>
      <div>
        <template v-if="space.unplaced.length">
          <h3 class="bad">Not in</h3>
          <ul class="plainlist">
            <li v-for="missing in space.unplaced" :key="missing.componentId + missing.name">
              {{ missing.name }} <span class="soft">{{ said(missing.missing) }} missing</span>
            </li>
          </ul>
        </template>
        <h3>Goes in, in this order</h3>
        <ol class="order">
          <li v-for="(step, index) in space.order" :key="step.id">
            <span class="mono">{{ index + 1 }}</span>
            <button type="button" :aria-pressed="step.id === thing?.id" @click="picked = step.id">
              {{ step.name }}
            </button>
            <em v-if="step.closesIn.length" class="soft">
              closes in {{ step.closesIn.join(', ') }}: a gate before it
            </em>
          </li>
        </ol>
        <template v-if="space.screens.length">
          <h3>Screens on its faces</h3>
          <ul class="plainlist">
            <li v-for="screen in space.screens" :key="screen.screenId">
              {{ screen.name }}
              <span class="soft">{{ reach(screen.box) }}</span>
            </li>
          </ul>
        </template>
        <p v-if="!space.proven" class="soft">
          The search stopped at its limit: a place may exist that it did not see.
        </p>
        <p v-if="!space.things.length && !space.unplaced.length">
          <Button
            class="quiet"
            label="Choose hardware"
            @click="router.replace({ query: { show: 'hardware' } })"
          />
        </p>
      </div>
    </section>
  </div>
</template>

<style scoped>
.space {
  display: grid;
  gap: 4px 18px;
  align-items: start;
}
.row.space {
  grid-template: 'plan front side' auto 'list list list' auto / var(--plan) var(--plan) var(--side);
}
.corner {
  grid-template: 'plan list' auto 'front side' auto / var(--plan) minmax(var(--side), 1fr);
}
.stack {
  grid-template: 'plan' auto 'front' auto 'side' auto 'list' auto / minmax(0, 1fr);
}
.plan {
  grid-area: plan;
}
.front {
  grid-area: front;
}
.side {
  grid-area: side;
}
.picked {
  grid-area: list;
  display: grid;
  gap: 5px 18px;
}
.picked > div {
  display: grid;
  gap: 5px;
  align-content: start;
}
.row > .picked {
  grid-template-columns: 1fr 1fr;
}
.pin {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 4px 12px;
}
h3 {
  font-size: 15.5px;
  margin: 4px 0 0;
}
p {
  margin: 0;
}
p.row {
  align-items: center;
  gap: 10px;
  font-size: 12.5px;
}
.margins {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(3, auto);
  justify-content: start;
  gap: 1px 18px;
  font-size: 13px;
}
.plainlist {
  margin: 0;
  padding-left: 18px;
}
.order {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1px;
}
.order li {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 0 6px;
  align-items: baseline;
  font-size: 13.5px;
}
.order em {
  grid-column: 2 / -1;
  font-style: normal;
  font-size: 12.5px;
}
.order button {
  font: inherit;
  text-align: left;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 1px 0;
  cursor: pointer;
}
.order button:hover {
  text-decoration: underline;
}
.order button[aria-pressed='true'] {
  font-weight: 700;
}
</style>
