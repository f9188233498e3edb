<script setup lang="ts">
import { computed } from 'vue'
import type { CopyArray, CutFigure, RecipeStep } from '../api/types'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { FIGURES, FONTS } from './figureWords'

/** The measures of one step of a recipe. */
const props = defineProps<{ step: RecipeStep; problem: (field: string) => string }>()
const emit = defineEmits<{ change: [change: Partial<RecipeStep>] }>()
const words = computed(() => (props.step.figure ? FIGURES[props.step.figure.kind] : null))
const figure = (change: Partial<CutFigure>) =>
  emit('change', { figure: { ...props.step.figure!, ...change } })
const copies = (change: Partial<CopyArray>) =>
  emit('change', { array: { ...props.step.array!, ...change } })
const PLACE = [
  { field: 'xMm', label: 'From left', unit: 'mm' },
  { field: 'yMm', label: 'From below', unit: 'mm' },
  { field: 'turnDegrees', label: 'Turned', unit: '°' },
] as const
const ROWS = [
  { field: 'across', label: 'Columns', unit: '×' },
  { field: 'up', label: 'Rows', unit: '×' },
  { field: 'stepXMm', label: 'Column step', unit: 'mm' },
  { field: 'stepYMm', label: 'Row step', unit: 'mm' },
  { field: 'around', label: 'Round a ring', unit: '×' },
  { field: 'radiusMm', label: 'Ring radius', unit: 'mm' },
] as const
const AMOUNT = {
  OFFSET: 'Grow by (minus: shrink)',
  MIRROR_ACROSS: 'Axis from left',
  MIRROR_UP: 'Axis from below',
  POCKET: 'Depth',
} as Record<string, string>
function repeat(on: boolean) {
  emit('change', {
    array: on ? { across: 2, up: 1, stepXMm: 20, stepYMm: 20, around: 0, radiusMm: 0 } : null,
  })
}
</script>

<template>
  <div class="step-fields">
    <div v-if="words" class="trio">
      <TextField
        v-if="step.figure!.kind === 'TEXT'"
        label="Says"
        required
        :model-value="step.figure!.text ?? ''"
        :problem="problem('figure.text')"
        @update:model-value="(text) => figure({ text })"
      />
      <ChoiceField
        v-if="step.figure!.kind === 'TEXT'"
        label="Letters"
        :model-value="step.figure!.face ?? 'SANS'"
        :options="[...FONTS]"
        @update:model-value="(face) => figure({ face })"
      />
      <NumberFields
        :of="step.figure!"
        :fields="words.fields"
        :problem="(field) => problem('figure.' + field)"
        @change="figure"
      />
    </div>
    <div v-if="step.figure" class="trio">
      <NumberFields
        :of="step"
        :fields="PLACE"
        :problem="problem"
        @change="(c) => emit('change', c)"
      />
    </div>
    <MeasureField
      v-if="AMOUNT[step.op]"
      :label="AMOUNT[step.op]"
      unit="mm"
      :model-value="step.amountMm ?? null"
      :problem="problem('amountMm')"
      @update:model-value="(amountMm) => amountMm !== null && emit('change', { amountMm })"
    />
    <p v-if="step.figure" class="row checks">
      <CheckField label="copies" :model-value="!!step.array" @update:model-value="repeat" />
      <CheckField
        label="mirrored"
        :model-value="step.mirrored"
        @update:model-value="(mirrored: boolean) => emit('change', { mirrored })"
      />
      <CheckField
        v-if="step.figure.kind === 'HOLE_FIELD'"
        label="staggered"
        :model-value="!!step.figure.staggered"
        @update:model-value="(staggered: boolean) => figure({ staggered })"
      />
    </p>
    <div v-if="step.array" class="trio">
      <NumberFields
        :of="step.array"
        :fields="ROWS"
        :problem="(field) => problem('array.' + field)"
        @change="copies"
      />
    </div>
  </div>
</template>

<style scoped>
.step-fields {
  display: grid;
  gap: 6px;
  padding: 4px 0 8px;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.checks {
  gap: 14px;
  margin: 0;
}
</style>
