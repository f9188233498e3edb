<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Bay, Enclosure } from '../api/types'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import CutAway from './CutAway.vue'
import EnclosureChoice from './EnclosureChoice.vue'
import { resized } from './feet'
import MountRows from './MountRows.vue'
import { BAY_SEATS, FACES, size } from './fitWords'
import ThingFields from '../ui/ThingFields.vue'

/** The enclosure with its bays, drawn in plan and elevation while they are typed. */
const builds = useBuild()
const choosing = ref(false)
const enclosure = computed(() => builds.build!.enclosures[0] ?? null)
const picked = ref<string | null>(null)
const bay = computed(
  () =>
    enclosure.value?.bays.find((b) => b.id === picked.value) ?? enclosure.value?.bays[0] ?? null,
)
const at = computed(() => enclosure.value!.bays.indexOf(bay.value!))
const edit = (change: Partial<Enclosure>) => builds.edit('enclosures', enclosure.value!, change)
function editBay(change: Partial<Bay>) {
  edit({
    bays: enclosure.value!.bays.map((b) => (b.id === bay.value!.id ? { ...b, ...change } : b)),
  })
}
const editChange = (change: Partial<Bay['change']>) =>
  editBay({ change: { ...bay.value!.change, ...change } })
const inBay = computed(() => `bays.${at.value}`)
function add() {
  const e = enclosure.value!
  let number = e.bays.length + 1
  while (e.bays.some((b) => b.id === `bay-${number}`)) number++
  const fresh: Bay = {
    id: `bay-${number}`,
    name: `Bay ${number}`,
    xMm: 0,
    yMm: 0,
    zMm: 0,
    widthMm: e.widthMm,
    depthMm: e.depthMm,
    heightMm: Math.min(100, e.heightMm),
    access: 'TOP',
    accepts: ['FREE'],
    toleranceXMm: 0,
    toleranceYMm: 0,
    toleranceZMm: 0,
    change: {
      widerMm: 0,
      deeperMm: 0,
      higherMm: 0,
      movedXMm: 0,
      movedYMm: 0,
      movedZMm: 0,
      cutAway: false,
    },
  }
  edit({ bays: [...e.bays, fresh] })
  picked.value = fresh.id
}
function takeOut() {
  edit({ bays: enclosure.value!.bays.filter((b) => b.id !== bay.value!.id) })
}
function accept(seat: Bay['accepts'][number], on: boolean) {
  const others = bay.value!.accepts.filter((s) => s !== seat)
  editBay({ accepts: on ? [...others, seat] : others })
}
/** As typed, before the server answers: the drawing follows the hand. */
const drawn = computed(() => {
  const e = enclosure.value!
  return {
    outer: { xMm: 0, yMm: 0, zMm: 0, widthMm: e.widthMm, depthMm: e.depthMm, heightMm: e.heightMm },
    bays: e.bays.map((b) => ({
      id: b.id,
      name: b.name,
      access: b.access,
      changed: Object.values(b.change).some(Boolean),
      box: {
        xMm: b.xMm + b.change.movedXMm,
        yMm: b.yMm + b.change.movedYMm,
        zMm: b.zMm + b.change.movedZMm,
        widthMm: b.widthMm + b.change.widerMm,
        depthMm: b.depthMm + b.change.deeperMm,
        heightMm: b.heightMm + b.change.higherMm,
      },
    })),
    things: [],
  }
})
const items = computed(() =>
  enclosure.value!.bays.map((b) => ({
    id: b.id,
    name: b.name,
    detail: `${size(b)} mm${b.change.cutAway ? ', cut away' : ''}`,
  })),
)
const ORIGINS = [
  { value: 'BOUGHT', label: 'bought' },
  { value: 'FURNITURE', label: 'furniture' },
  { value: 'SCRATCH', label: 'built from scratch' },
  { value: 'GUTTED', label: 'an old machine, gutted' },
]
const WHAT = ['name', { field: 'origin', label: 'What it is', options: ORIGINS }]
const OUTER = [
  { field: 'widthMm', label: 'Width outside' },
  { field: 'depthMm', label: 'Depth outside' },
  { field: 'heightMm', label: 'Height outside' },
]
const BAY = [
  { field: 'name', label: 'Name of the bay', required: true },
  { field: 'access', label: 'Things go in from', options: FACES },
  { field: 'xMm', label: 'From the left' },
  { field: 'yMm', label: 'From the front' },
  { field: 'zMm', label: 'From below' },
  'widthMm',
  'depthMm',
  'heightMm',
]
const TOLERANCES = [
  { field: 'toleranceXMm', label: 'Narrower by', hint: 'at worst' },
  { field: 'toleranceYMm', label: 'Shallower by', hint: 'at worst' },
  { field: 'toleranceZMm', label: 'Lower by', hint: 'at worst' },
]
const CHANGES = [
  { field: 'change.widerMm', label: 'Cut wider' },
  { field: 'change.deeperMm', label: 'Cut deeper' },
  { field: 'change.higherMm', label: 'Cut higher' },
  { field: 'change.movedXMm', label: 'Move right' },
  { field: 'change.movedYMm', label: 'Move back' },
  { field: 'change.movedZMm', label: 'Move up' },
]
const TIME = {
  field: 'change.minutes',
  label: 'Time it takes',
  duration: true,
  hint: 'empty: the workshop’s default',
}
</script>

<template>
  <EnclosureChoice v-if="!enclosure || choosing" @chosen="choosing = false" />
  <template v-else>
    <div class="row acts">
      <span class="soft">bays are drawn as they are typed, to one scale</span>
      <span class="grow" />
      <Button class="quiet" size="small" label="Choose another" @click="choosing = true" />
      <Button class="quiet" size="small" label="Add a bay" @click="add" />
    </div>
    <section class="form">
      <ThingFields kind="enclosures" :thing="enclosure" :fields="WHAT" />
      <ThingFields
        kind="enclosures"
        :thing="enclosure"
        :fields="OUTER"
        :edit="(change: object) => edit(resized(enclosure!, change))"
      />
    </section>
    <div class="drawings">
      <CutAway
        v-for="sight in ['plan', 'front', 'side'] as const"
        :key="sight"
        :space="drawn"
        :sight="sight"
        :height="230"
        :room-mm="Math.max(drawn.outer.widthMm, drawn.outer.depthMm, drawn.outer.heightMm * 0.9)"
        :picked="null"
        :picked-bay="bay?.id"
        :mounts="enclosure.mounts"
      />
    </div>
    <PickList label="Bays" :items="items" :picked="bay?.id ?? null" @pick="picked = $event" />
    <section v-if="bay" class="form" :aria-label="`Bay ${bay.name}`">
      <ThingFields kind="enclosures" :thing="enclosure" :within="inBay" :fields="BAY" />
      <fieldset>
        <legend>Sits in it</legend>
        <label v-for="seat in BAY_SEATS" :key="seat.value">
          <Checkbox
            binary
            :model-value="bay.accepts.includes(seat.value)"
            @update:model-value="(on: boolean) => accept(seat.value, on)"
          />
          {{ seat.value === 'FREE' ? 'anything' : seat.label }}
        </label>
      </fieldset>
      <ThingFields kind="enclosures" :thing="enclosure" :within="inBay" :fields="TOLERANCES" />
      <h3>Done to it at the bench</h3>
      <ThingFields kind="enclosures" :thing="enclosure" :within="inBay" :fields="CHANGES" />
      <label class="one">
        <Checkbox
          binary
          :model-value="bay.change.cutAway"
          @update:model-value="(cutAway: boolean) => editChange({ cutAway })"
        />
        cut it away: its space goes to the bay beside it
      </label>
      <ThingFields kind="enclosures" :thing="enclosure" :within="inBay" :fields="[TIME]" />
      <Button class="bare" size="small" :label="`Take “${bay.name}” out`" @click="takeOut" />
    </section>
    <p v-else class="soft">No bays yet. Add the first: its size and the side things go in from.</p>
    <MountRows :enclosure="enclosure" />
  </template>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 16px;
  align-items: start;
}
.acts {
  align-items: center;
  margin-bottom: 6px;
}
.drawings {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 14px;
  margin: 12px 0 6px;
}
h3 {
  grid-column: 1 / -1;
  font-size: 15.5px;
  margin: 6px 0 0;
}
fieldset {
  grid-column: 1 / -1;
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
legend {
  float: left;
  margin-right: 14px;
  color: var(--smoke);
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.one {
  grid-column: span 2;
  align-self: center;
}
</style>
