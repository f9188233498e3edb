<script setup lang="ts">
import { computed } from 'vue'
import type { CutFigure, Treatment } from '../api/types'
import { FIGURES, FONTS } from '../make/figureWords'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { duration } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import TouchArt from './TouchArt.vue'
import { said } from '../units/writing'

/** One touch: what, where, of what; drawn on its part while it is typed. */
const props = defineProps<{ treatment: Treatment }>()
const builds = useBuild()
const workshop = useWorkshop()
const KINDS = [
  { value: 'DECAL', label: 'film' },
  { value: 'EDGE_LINE', label: 'edge line' },
  { value: 'BADGE', label: 'badge' },
  { value: 'WEATHERING', label: 'weathering' },
  { value: 'PART_MASK', label: 'mask' },
] as const
const LAYING = [
  { value: 'DRY', label: 'dry' },
  { value: 'WET', label: 'wet: slower, can be shifted' },
] as const
const SHAPES = (['TEXT', 'RECTANGLE', 'HOLE', 'STAR', 'POLYGON', 'SLOT'] as const).map((value) => ({
  value,
  label: FIGURES[value].label,
}))
const film = computed(() => props.treatment.kind === 'DECAL')
const products = computed(() =>
  workshop.offered(film.value ? 'films' : 'paints', props.treatment.productId).map((product) => ({
    value: product.id,
    label: product.name,
  })),
)
const task = computed(() =>
  builds.view!.finishTasks.find((t) => t.task.key === `treatment:${props.treatment.id}/done`),
)
const lettered = computed(() => props.treatment.figure?.kind === 'TEXT')
const WHAT = computed(() => [
  'name',
  {
    field: 'kind',
    label: 'What',
    options: KINDS,
    set: (kind: Treatment['kind']) => ({ kind, productId: null }),
  },
  {
    field: 'panelId',
    label: 'On part',
    set: (panelId: string) => ({ panelId, face: null }),
  },
  {
    field: 'productId',
    label: film.value ? 'Film' : 'Paint',
    options: products.value,
    none: 'nothing chosen',
  },
  props.treatment.figure &&
    props.treatment.figure.kind !== 'PATH' && {
      field: 'figure.kind',
      label: 'Shape',
      options: SHAPES,
      set: (kind: 'TEXT') => ({ figure: { kind, ...FIGURES[kind].start } as CutFigure }),
    },
  lettered.value && { field: 'figure.text', label: 'Says', required: true },
  lettered.value && {
    field: 'figure.face',
    label: 'Letters',
    options: FONTS,
    instead: 'SANS',
  },
])
const WHERE = computed(() => [
  { field: 'xMm', label: 'From left', optional: false },
  { field: 'yMm', label: 'From below', optional: false },
  { field: 'quantity', label: 'Pieces' },
  film.value
    ? { field: 'laying', label: 'Laid', options: LAYING }
    : { field: 'minutes', label: 'Time of one', duration: true },
  film.value && { field: 'inside', label: 'on the inside: cut mirrored' },
])
</script>

<template>
  <div class="touch">
    <TouchArt :treatment="treatment" />
    <section class="form">
      <ThingFields kind="treatments" :thing="treatment" :fields="WHAT" />
      <ThingFields
        v-if="treatment.figure"
        kind="treatments"
        :thing="treatment"
        within="figure"
        given
        :fields="FIGURES[treatment.figure.kind].fields"
      />
      <ThingFields kind="treatments" :thing="treatment" :fields="WHERE" />
      <p v-if="task" class="soft">
        <span class="mono">{{ duration(task.task.handsOnMinutes) }}</span> hands-on:
        {{ said(task.task.title) }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.touch {
  display: grid;
  grid-template-columns: 1fr 1.15fr;
  gap: 22px;
  align-items: start;
}
.form {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
  align-items: end;
}
.form p {
  grid-column: 1 / -1;
  margin: 0;
  font-size: 13px;
}
@media (max-width: 1200px) {
  .touch {
    grid-template-columns: 1fr;
  }
}
</style>
