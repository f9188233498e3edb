<script setup lang="ts">
import { computed } from 'vue'
import type { Panel, RecipeStep } from '../api/types'
import CheckField from '../ui/CheckField.vue'
import ThingFields from '../ui/ThingFields.vue'
import { FIGURES, FONTS } from './figureWords'

/** The measures of one step of a recipe. */
const props = defineProps<{
  panel: Panel
  step: RecipeStep
  index: number
  /** Why it can't be drawn. */
  problem: (field: string) => string
}>()
const emit = defineEmits<{ change: [change: Partial<RecipeStep>] }>()
const place = computed(() => `drawing.steps.${props.index}`)
const at = computed(() => ({ kind: 'panels', thing: props.panel, alsoWrong: props.problem }))
const words = computed(() => (props.step.figure ? FIGURES[props.step.figure.kind] : null))
const figure = computed(() => {
  const lettered = props.step.figure?.kind === 'TEXT'
  return [
    lettered && { field: 'text', label: 'Says', required: true },
    lettered && { field: 'face', label: 'Letters', options: FONTS, instead: 'SANS' },
    ...(words.value?.fields ?? []),
  ]
})
const PLACE = [
  { field: 'xMm', label: 'From left' },
  { field: 'yMm', label: 'From below' },
  { field: 'turnDegrees', label: 'Turned' },
]
const ROWS = [
  { field: 'across', label: 'Columns', unit: '×' },
  { field: 'up', label: 'Rows', unit: '×' },
  { field: 'stepXMm', label: 'Column step' },
  { field: 'stepYMm', label: 'Row step' },
  { field: 'around', label: 'Round a ring', unit: '×' },
  { field: 'radiusMm', label: 'Ring radius' },
]
const SWITCHES = computed(() => [
  { field: 'mirrored', label: 'mirrored' },
  props.step.figure?.kind === 'HOLE_FIELD' && { field: 'figure.staggered', label: 'staggered' },
])
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
      <ThingFields v-bind="at" :within="`${place}.figure`" given :fields="figure" />
    </div>
    <div v-if="step.figure" class="trio">
      <ThingFields v-bind="at" :within="place" given :fields="PLACE" />
    </div>
    <ThingFields
      v-if="AMOUNT[step.op]"
      v-bind="at"
      :within="place"
      given
      :fields="[{ field: 'amountMm', label: AMOUNT[step.op] }]"
    />
    <p v-if="step.figure" class="row checks">
      <CheckField label="copies" :model-value="!!step.array" @update:model-value="repeat" />
      <ThingFields v-bind="at" :within="place" :fields="SWITCHES" />
    </p>
    <div v-if="step.array" class="trio">
      <ThingFields v-bind="at" :within="`${place}.array`" given :fields="ROWS" />
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
