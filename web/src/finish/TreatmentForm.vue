<script setup lang="ts">
import { computed } from 'vue'
import type { CutFigure, Treatment } from '../api/types'
import { FIGURES, FONTS } from '../make/figureWords'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { duration } from '../ui/words'
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
const edit = (change: Partial<Treatment>) => builds.edit('treatments', props.treatment, change)
const figure = (change: object) =>
  edit({ figure: { ...props.treatment.figure!, ...change } as CutFigure })
const problem = (field: string) => builds.problem('treatments', props.treatment.id, field)
const panels = computed(() => builds.build!.panels.map((p) => ({ value: p.id, label: p.name })))
const film = computed(() => props.treatment.kind === 'DECAL')
const products = computed(() => [
  { value: '', label: 'nothing chosen' },
  ...(film.value
    ? workshop.book!.films.map((f) => ({ value: f.id, label: f.name }))
    : workshop.book!.paints.map((p) => ({ value: p.id, label: p.name }))),
])
const task = computed(() =>
  builds.view!.tasks.find((t) => t.task.key === `treatment:${props.treatment.id}/done`),
)
const PLACE = [
  { field: 'xMm', label: 'From left', unit: 'mm' },
  { field: 'yMm', label: 'From below', unit: 'mm' },
] as const
</script>

<template>
  <div class="touch">
    <TouchArt :treatment="treatment" />
    <section class="form">
      <TextField
        label="Name"
        required
        :model-value="treatment.name"
        :problem="problem('name')"
        @update:model-value="(name) => edit({ name })"
      />
      <ChoiceField
        label="What"
        :model-value="treatment.kind"
        :options="[...KINDS]"
        @update:model-value="(kind) => edit({ kind, productId: null })"
      />
      <ChoiceField
        label="On part"
        :model-value="treatment.panelId"
        :options="panels"
        :problem="problem('panelId')"
        @update:model-value="(panelId) => edit({ panelId, face: null })"
      />
      <ChoiceField
        :label="film ? 'Film' : 'Paint'"
        :model-value="treatment.productId ?? ''"
        :options="products"
        @update:model-value="(id) => edit({ productId: id || null })"
      />
      <ChoiceField
        v-if="treatment.figure && treatment.figure.kind !== 'PATH'"
        label="Shape"
        :model-value="treatment.figure.kind as 'TEXT'"
        :options="SHAPES as { value: 'TEXT'; label: string }[]"
        @update:model-value="
          (kind) => edit({ figure: { kind, ...FIGURES[kind].start } as CutFigure })
        "
      />
      <TextField
        v-if="treatment.figure?.kind === 'TEXT'"
        label="Says"
        required
        :model-value="treatment.figure.text ?? ''"
        :problem="problem('figure.text')"
        @update:model-value="(text) => figure({ text })"
      />
      <ChoiceField
        v-if="treatment.figure?.kind === 'TEXT'"
        label="Letters"
        :model-value="treatment.figure.face ?? 'SANS'"
        :options="[...FONTS]"
        @update:model-value="(face) => figure({ face })"
      />
      <NumberFields
        v-if="treatment.figure"
        :of="treatment.figure"
        :fields="FIGURES[treatment.figure.kind].fields"
        :problem="(field) => problem('figure.' + field)"
        @change="figure"
      />
      <NumberFields :of="treatment" :fields="PLACE" :problem="problem" @change="edit" />
      <MeasureField
        label="Pieces"
        unit="×"
        :model-value="treatment.quantity"
        :problem="problem('quantity')"
        @update:model-value="(quantity) => quantity !== null && edit({ quantity })"
      />
      <ChoiceField
        v-if="film"
        label="Laid"
        :model-value="treatment.laying"
        :options="[...LAYING]"
        @update:model-value="(laying) => edit({ laying })"
      />
      <MeasureField
        v-else
        label="Time of one"
        duration
        unit="min"
        optional
        :model-value="treatment.minutes ?? null"
        :problem="problem('minutes')"
        @update:model-value="(minutes) => edit({ minutes })"
      />
      <CheckField
        v-if="film"
        label="on the inside: cut mirrored"
        :model-value="treatment.inside"
        @update:model-value="(inside: boolean) => edit({ inside })"
      />
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
