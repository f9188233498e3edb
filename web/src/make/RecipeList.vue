<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { CutFigure, Panel, RecipeStep } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import StepFields from './StepFields.vue'
import { FIGURES, OPS, drawsFigure, newStep, stepWords, type Op } from './figureWords'

/** The recipe of a part: what is done to its rectangle, in order; every step stays editable. */
const props = defineProps<{
  panel: Panel
  picked: string | null
  problem: (field: string) => string
}>()
const emit = defineEmits<{ pick: [id: string | null]; steps: [steps: RecipeStep[]] }>()
const steps = computed(() => props.panel.drawing.steps)
const op = ref<Op>('CUT')
const kind = ref<CutFigure['kind']>('HOLE')
const ops = Object.entries(OPS).map(([value, label]) => ({ value: value as Op, label }))
const kinds = Object.entries(FIGURES)
  .filter(([value]) => value !== 'PATH')
  .map(([value, words]) => ({ value: value as CutFigure['kind'], label: words.label }))

function add() {
  const { widthMm, heightMm } = props.panel
  const step = newStep(newId(), op.value, kind.value, widthMm / 2, heightMm / 2)
  emit('steps', [...steps.value, step])
  emit('pick', step.id)
}
function change(id: string, with_: Partial<RecipeStep>) {
  emit(
    'steps',
    steps.value.map((step) => (step.id === id ? { ...step, ...with_ } : step)),
  )
}
function remove(id: string) {
  emit(
    'steps',
    steps.value.filter((step) => step.id !== id),
  )
  emit('pick', null)
}
function earlier(index: number) {
  const order = [...steps.value]
  order.splice(index - 1, 2, order[index], order[index - 1])
  emit('steps', order)
}
</script>

<template>
  <section class="recipe">
    <h3>Recipe</h3>
    <ol>
      <li
        v-for="(step, index) in steps"
        :key="step.id"
        v-memo="[step, index, step.id === picked && [panel, problem]]"
      >
        <div class="row head">
          <button
            type="button"
            class="line"
            :aria-expanded="step.id === picked"
            @click="emit('pick', step.id === picked ? null : step.id)"
          >
            {{ stepWords(step) }}
          </button>
          <Button
            v-if="index > 0"
            class="bare"
            size="small"
            label="earlier"
            :aria-label="`Do “${stepWords(step)}” earlier`"
            @click="earlier(index)"
          />
          <Button
            class="bare"
            size="small"
            label="remove"
            :aria-label="`Remove “${stepWords(step)}”`"
            @click="remove(step.id)"
          />
        </div>
        <StepFields
          v-if="step.id === picked"
          :panel="panel"
          :step="step"
          :index="index"
          :problem="problem"
          @change="(with_) => change(step.id, with_)"
        />
      </li>
    </ol>
    <div class="adding">
      <ChoiceField v-model="op" label="Step" hide-label :options="ops" />
      <ChoiceField
        v-if="drawsFigure(op)"
        v-model="kind"
        label="Figure"
        hide-label
        :options="kinds"
      />
      <Button class="quiet" size="small" label="Add this step" @click="add" />
    </div>
  </section>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  counter-reset: step;
}
li {
  border-top: 1px solid var(--line);
  counter-increment: step;
}
.head {
  gap: 2px;
  flex-wrap: nowrap;
}
.line {
  flex: 1;
  font: inherit;
  color: var(--ink);
  text-align: left;
  background: none;
  border: 0;
  padding: 5px 0;
  cursor: pointer;
}
.line::before {
  content: counter(step) ' ';
  font-family: var(--mono);
  color: var(--smoke);
}
.line[aria-expanded='true'] {
  font-weight: 700;
}
.adding {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 6px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
</style>
