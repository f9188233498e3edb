<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Body, Component } from '../api/types'
import { useBuild } from '../store/build'
import SpotRows from './SpotRows.vue'
import { FACES, SEATS, TURNS, usualSeat } from './fitWords'
import ThingFields from '../ui/ThingFields.vue'

/** The space a component takes: three lengths, where it sits, how it may lie, what stays free. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
const body = computed(() => props.component.body ?? null)
/** A refusal may name the lengths without the body they are of. */
const unplaced = (field: string) =>
  builds.problem('components', props.component.id, field.replace('body.', ''))
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
const SPACE = [
  'body.widthMm',
  'body.depthMm',
  'body.heightMm',
  {
    field: 'body.seats',
    label: 'Sits in or on',
    options: SEATS,
    get: () => body.value!.seats[0] ?? 'FREE',
    set: (seat: Body['seats'][number]) => ({ body: { ...body.value!, seats: [seat] } }),
  },
]
const WHY = { field: 'body.turnReason', label: 'Why not otherwise' }
function lie(turn: Body['turns'][number], on: boolean) {
  const others = body.value!.turns.filter((t) => t !== turn)
  edit({ turns: on ? [...others, turn] : others })
}
const addKeepOut = () =>
  edit({
    keepOuts: [...body.value!.keepOuts, { side: 'BACK', depthMm: 40, hard: true, what: 'plug' }],
  })
const HARDNESS = [
  { value: 'true', label: 'must stay free' },
  { value: 'false', label: 'had better stay free' },
]
const FREE = [
  { field: 'side', options: FACES, hideLabel: true },
  { field: 'depthMm', label: 'Depth of what stays free', hideLabel: true },
  { field: 'hard', label: 'How hard', options: HARDNESS, hideLabel: true },
  { field: 'what', label: 'What for', hideLabel: true },
]
</script>

<template>
  <h3>Space it takes</h3>
  <p v-if="!body" class="whole">
    <Button class="quiet" size="small" label="Measure it" @click="measure" />
  </p>
  <template v-else>
    <ThingFields kind="components" :thing="component" :fields="SPACE" :also-wrong="unplaced" />
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
    <ThingFields kind="components" :thing="component" :fields="[WHY]" />
    <div class="whole rows" aria-label="What stays free beside it">
      <div v-for="(free, index) in body.keepOuts" :key="index" class="row">
        <ThingFields
          kind="components"
          :thing="component"
          :within="`body.keepOuts.${index}`"
          :fields="FREE"
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
      :component="component"
      :body="body"
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
