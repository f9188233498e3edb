<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Body, Component } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import SpotRows from './SpotRows.vue'
import { FACES, SEATS, TURNS, usualSeat } from './fitWords'

/** The space a component takes: three lengths, where it sits, how it may lie, what stays free. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
const body = computed(() => props.component.body ?? null)
const problem = (field: string) =>
  builds.problem('components', props.component.id, 'body.' + field) ||
  builds.problem('components', props.component.id, field)
function put(value: Body | undefined) {
  builds.edit('components', props.component, { body: value })
}
function measure() {
  put({
    widthMm: 100,
    depthMm: 100,
    heightMm: 50,
    keepOuts: [],
    seats: [usualSeat(props.component.kind)],
    turns: ['UPRIGHT'],
    turnReason: '',
    spots: [],
  })
}
const edit = (change: Partial<Body>) => put({ ...body.value!, ...change })
const LENGTHS = [
  { field: 'widthMm', label: 'Width', unit: 'mm' },
  { field: 'depthMm', label: 'Depth', unit: 'mm' },
  { field: 'heightMm', label: 'Height', unit: 'mm' },
] as const
function lie(turn: Body['turns'][number], on: boolean) {
  const others = body.value!.turns.filter((t) => t !== turn)
  edit({ turns: on ? [...others, turn] : others })
}
type KeepOut = Body['keepOuts'][number]
function keepOut(index: number, change: Partial<KeepOut>) {
  edit({ keepOuts: body.value!.keepOuts.map((k, i) => (i === index ? { ...k, ...change } : k)) })
}
const addKeepOut = () =>
  edit({
    keepOuts: [...body.value!.keepOuts, { side: 'BACK', depthMm: 40, hard: true, what: 'plug' }],
  })
const HARDNESS = [
  { value: 'hard', label: 'must stay free' },
  { value: 'soft', label: 'had better stay free' },
]
</script>

<template>
  <h3>Space it takes</h3>
  <p v-if="!body" class="whole">
    <Button class="quiet" size="small" label="Measure it" @click="measure" />
  </p>
  <template v-else>
    <NumberFields :of="body" :fields="LENGTHS" :problem="problem" @change="edit" />
    <ChoiceField
      label="Sits in or on"
      :model-value="body.seats[0] ?? 'FREE'"
      :options="SEATS"
      @update:model-value="(seat) => edit({ seats: [seat] })"
    />
    <fieldset>
      <legend>May lie</legend>
      <label v-for="turn in TURNS" :key="turn.value">
        <Checkbox
          binary
          :model-value="body.turns.includes(turn.value)"
          @update:model-value="(on: boolean) => lie(turn.value, on)"
        />
        {{ turn.label }}
      </label>
    </fieldset>
    <TextField
      label="Why not otherwise"
      :problem="problem('turnReason')"
      :model-value="body.turnReason"
      @update:model-value="(turnReason) => edit({ turnReason })"
    />
    <div class="whole rows" aria-label="What stays free beside it">
      <div v-for="(free, index) in body.keepOuts" :key="index" class="row">
        <ChoiceField
          label="Side"
          hide-label
          :model-value="free.side"
          :options="FACES"
          @update:model-value="(side) => keepOut(index, { side })"
        />
        <MeasureField
          label="Depth of what stays free"
          hide-label
          unit="mm"
          :model-value="free.depthMm"
          :problem="problem(`keepOuts.${index}.depthMm`)"
          @update:model-value="(depthMm) => depthMm !== null && keepOut(index, { depthMm })"
        />
        <ChoiceField
          label="How hard"
          hide-label
          :model-value="free.hard ? 'hard' : 'soft'"
          :options="HARDNESS"
          @update:model-value="(hardness) => keepOut(index, { hard: hardness === 'hard' })"
        />
        <TextField
          label="What for"
          :problem="problem(`keepOuts.${index}.what`)"
          hide-label
          :model-value="free.what"
          @update:model-value="(what) => keepOut(index, { what })"
        />
        <Button
          class="bare"
          size="small"
          label="Take out"
          :aria-label="`Take out what stays free at the ${free.side.toLowerCase()}`"
          @click="edit({ keepOuts: body.keepOuts.filter((_, i) => i !== index) })"
        />
      </div>
      <Button class="bare" size="small" label="Keep a side free" @click="addKeepOut" />
    </div>
    <SpotRows
      v-if="component.kind === 'BOARD' || body.spots.length"
      :body="body"
      :problem="problem"
      @change="(spots) => edit({ spots })"
    />
  </template>
</template>

<style scoped>
h3,
.whole,
fieldset {
  grid-column: 1 / -1;
}
h3 {
  font-size: 15.5px;
  margin: 4px 0 -4px;
}
p {
  margin: 0;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
legend {
  float: left;
  margin-right: 12px;
  color: var(--smoke);
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.rows {
  display: grid;
  gap: 5px;
  justify-items: start;
}
.rows .row {
  align-items: center;
  gap: 8px;
}
</style>
