<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { Component, Opening } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import { plain } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import AirPaths from './AirPaths.vue'
import OpeningEditor from './OpeningEditor.vue'
import { FACES } from './fitWords'
import { fixed, said } from '../units/writing'

/** Air through the enclosure: openings, fans behind them, the balance. */
const builds = useBuild()
const shell = useShell()
const airflow = computed(() => builds.view!.fit.airflow)
const enclosure = computed(() => builds.build!.enclosures[0] ?? null)
const picked = ref<string | null>(null)
const opening = computed(
  () =>
    enclosure.value?.openings.find((o) => o.id === picked.value) ??
    enclosure.value?.openings[0] ??
    null,
)
/** What moves air first, then what cools a chip: a card may breathe through an opening too. */
const blowing = computed(() => {
  const { components } = builds.build!
  const moves = (c: Component) => !!c.thermal?.airM3PerHour
  return [
    ...components.filter(moves),
    ...components.filter((c) => !moves(c) && typeof c.thermal?.resistanceKPerW === 'number'),
  ]
})
const flowOf = (c: Component) => airflow.value.fans.find((fan) => fan.componentId === c.id) ?? null
const openings = computed(() => [
  { value: '', label: 'none' },
  ...(enclosure.value?.openings ?? []).map((o) => ({ value: o.id, label: o.name })),
])
const WAYS = [
  { value: null, label: 'neither' },
  { value: 'INTAKE', label: 'in' },
  { value: 'EXHAUST', label: 'out' },
] as const
const SEEN = [{ value: null, label: 'need not be seen' }, ...FACES]
const fitting = (fan: Component) => [
  { field: 'openingId', label: 'Breathes through', options: openings.value },
  { field: 'air', label: 'Blows', options: WAYS },
  !!fan.thermal?.shows && { field: 'wantedFacing', label: 'Seen from', options: SEEN },
]
function put(list: Opening[]) {
  builds.edit('enclosures', enclosure.value!, { openings: list })
}
function add() {
  const fresh: Opening = {
    id: newId().slice(0, 8),
    name: `Opening ${enclosure.value!.openings.length + 1}`,
    face: 'BACK',
    xMm: 20,
    yMm: 20,
    widthMm: 120,
    heightMm: 120,
    field: { pattern: 'STAGGERED', holeMm: 5, pitchMm: 6.5, slotMm: 0 },
    sealed: false,
  }
  put([...enclosure.value!.openings, fresh])
  picked.value = fresh.id
}
async function makePart(of: Opening, sheetId: string) {
  try {
    await builds.act(`openings/${of.id}/panel`, { id: newId(), sheetId })
    shell.say(`${of.name} is a part now: see Make.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
const WALLS = [
  {
    field: 'walls',
    label: 'Walls of',
    options: [
      { value: null, label: 'not said' },
      { value: 'THIN_METAL', label: 'thin metal' },
      { value: 'ACRYLIC', label: 'acrylic, 5 mm' },
      { value: 'WOOD', label: 'wood, 15 mm' },
    ],
  },
]
const cooling = computed(() => builds.view!.fit.cooling)
const inside = computed(() => cooling.value.caseAir ?? null)
const MOVERS = {
  FANS: 'moved by fans',
  WARMTH: 'rising by itself',
  NOTHING: 'nothing moves it: all heat goes through the walls',
}
const space = computed(() => builds.view!.fit.space ?? null)
const balance = computed(() => airflow.value.balance)
const VERDICTS = {
  KEEPS_DUST_OUT: 'keeps dust out',
  MORE_IN_THAN_NEEDED: 'much more in than out',
  DRAWS_THROUGH_GAPS: 'draws dust through every gap',
  NO_AIR: 'no fan blows through an opening yet',
}
const most = computed(() =>
  Math.max(balance.value.intakeM3PerHour, balance.value.exhaustM3PerHour, 1),
)
const flow = (value: number) => `${fixed(value, 0)} m³/h`
const wrongWay = (c: Component) => airflow.value.facings.some((f) => f.componentId === c.id)
</script>

<template>
  <p v-if="!enclosure" class="soft">Choose an enclosure first: air goes through its openings.</p>
  <div v-else class="air">
    <section v-if="inside" class="inside">
      <header class="row">
        <h3>Inside the case <WhyButton :why="inside.why" of="How warm the case gets" /></h3>
        <span class="soft">{{ MOVERS[inside.moved] }}</span>
        <span class="grow" />
        <ThingFields kind="enclosures" :thing="enclosure" :fields="WALLS" class="walls" />
      </header>
      <dl class="figures">
        <dt>heat into its air</dt>
        <dd class="mono">{{ fixed(inside.heatW, 0) }} W</dd>
        <dt>air through it</dt>
        <dd class="mono">{{ fixed(inside.flowM3PerHour, 1) }} m³/h</dd>
        <dt>carried out by air</dt>
        <dd class="mono">{{ fixed(inside.airW, 0) }} W</dd>
        <dt>through its walls</dt>
        <dd class="mono">
          {{ fixed(inside.throughWallsW, 0) }} W, {{ fixed(inside.wallsWPerK, 2) }} W/K
        </dd>
        <dt>warmer than the room</dt>
        <dd class="mono" data-figure="case-rise">{{ fixed(inside.riseK, 1) }} K</dd>
        <dt>on a hot day</dt>
        <dd class="mono">{{ fixed(cooling.hotCaseAir?.airC ?? inside.airC, 1) }} °C</dd>
      </dl>
      <AirPaths v-if="space" :space="space" :through="cooling.through" :air="inside" />
    </section>
    <section>
      <header class="row">
        <h3>Balance <WhyButton :why="balance.why" of="Air in and out" /></h3>
        <span class="soft">{{ VERDICTS[balance.verdict] }}</span>
      </header>
      <div class="bars">
        <span>in</span>
        <i class="in" :style="{ width: `${(balance.intakeM3PerHour / most) * 100}%` }" />
        <span class="mono" data-figure="intake">{{ flow(balance.intakeM3PerHour) }}</span>
        <span>out</span>
        <i class="out" :style="{ width: `${(balance.exhaustM3PerHour / most) * 100}%` }" />
        <span class="mono">{{ flow(balance.exhaustM3PerHour) }}</span>
      </div>
      <p v-if="airflow.sealing.length" class="soft sealing">
        <template v-for="(what, index) in airflow.sealing" :key="what.face">
          <template v-if="index">; </template>with the {{ plain(what.face) }} sealed
          <span class="mono">{{ flow(what.balance.intakeM3PerHour) }}</span> in,
          <span class="mono">{{ flow(what.balance.exhaustM3PerHour) }}</span> out
        </template>
      </p>
    </section>
    <section>
      <h3>Fans and radiators</h3>
      <p v-if="!blowing.length" class="soft">
        Nothing in the build blows or cools: take fans from the library.
      </p>
      <div v-for="fan in blowing" :key="fan.id" class="fan">
        <strong>
          <SignMark v-if="wrongWay(fan)" kind="risk" />
          {{ fan.quantity > 1 ? `${fan.quantity} × ` : '' }}{{ fan.name }}
        </strong>
        <ThingFields kind="components" :thing="fan" within="fitted" :fields="fitting(fan)" />
        <span v-if="!fan.thermal?.shows" class="soft small">nothing on it to see</span>
        <span v-if="flowOf(fan)" class="mono small">
          {{ fixed(flowOf(fan)!.air.openMm2 / 100, 1) }} cm² open,
          {{ fixed(flowOf(fan)!.air.sweptMm2 / 100, 1) }} swept<template
            v-if="flowOf(fan)!.ratedM3PerHour"
            >; {{ flow(flowOf(fan)!.air.flowM3PerHour) }}</template
          ><template v-if="flowOf(fan)!.past">: {{ said(flowOf(fan)!.past) }}</template>
        </span>
        <span v-else class="soft small">{{
          fan.thermal?.resistanceKPerW ? 'breathes the case' : 'still'
        }}</span>
      </div>
    </section>
    <section>
      <header class="row">
        <h3>Openings</h3>
        <div class="pick" role="group" aria-label="Openings">
          <button
            v-for="o in enclosure.openings"
            :key="o.id"
            type="button"
            :aria-pressed="o.id === opening?.id"
            @click="picked = o.id"
          >
            {{ o.name }}
          </button>
        </div>
        <span class="grow" />
        <Button class="quiet" size="small" label="Add an opening" @click="add" />
      </header>
      <OpeningEditor
        v-if="opening"
        :key="opening.id"
        :opening="opening"
        :enclosure="enclosure!"
        @change="
          (change) =>
            put(enclosure!.openings.map((o) => (o.id === opening!.id ? { ...o, ...change } : o)))
        "
        @remove="put(enclosure!.openings.filter((o) => o.id !== opening!.id))"
        @part="(sheetId) => makePart(opening!, sheetId)"
      />
    </section>
  </div>
</template>

<style scoped>
.air {
  display: grid;
  gap: 12px;
}
header {
  align-items: center;
}
h3 {
  font-size: 16px;
}
.walls {
  width: 170px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(3, 1fr auto);
  gap: 2px 12px;
  margin: 4px 0 8px;
}
.figures dd {
  margin: 0 18px 0 0;
  text-align: right;
}
@media (max-width: 700px) {
  .figures {
    grid-template-columns: 1fr auto;
  }
}
.bars {
  display: grid;
  grid-template-columns: 32px 1fr 90px;
  gap: 4px 10px;
  align-items: center;
}
.bars i {
  height: 13px;
}
.in {
  background: var(--verdigris);
}
.out {
  background: var(--rope);
}
.bars .mono {
  text-align: right;
}
.sealing {
  margin: 6px 0 0;
  font-size: 13px;
}
.fan {
  display: grid;
  grid-template-columns: 1.25fr 1fr 0.7fr 1fr 1.2fr;
  gap: 12px;
  align-items: end;
  padding: 3px 0;
}
.fan strong {
  align-self: center;
  display: flex;
  gap: 6px;
  align-items: center;
}
.small {
  font-size: 12.5px;
  align-self: center;
}
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.pick button {
  font: inherit;
  font-size: 13px;
  color: var(--ink);
  background: none;
  border: 0;
  border-bottom: 2px solid var(--line);
  padding: 4px 10px;
  cursor: pointer;
}
.pick button[aria-pressed='true'] {
  border-bottom-color: var(--ember);
  font-weight: 700;
}
</style>
