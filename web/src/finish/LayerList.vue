<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, ref } from 'vue'
import { newId } from '../api/client'
import type { LayerStep, Scheme, SchemeModel } from '../api/types'
import { useWorkshop } from '../store/workshop'
import LayerFields from './LayerFields.vue'
import { moved, productHex, stepWords } from './layerWords'
import OrderFinder from './OrderFinder.vue'

/** The steps in the order in which they are done. Drag one by its number, or Alt and an arrow. */
const props = defineProps<{ scheme: Scheme; model?: SchemeModel; picked: string | null }>()
const emit = defineEmits<{
  change: [steps: LayerStep[]]
  order: [steps: LayerStep[]]
  'update:picked': [id: string | null]
}>()
const workshop = useWorkshop()
const steps = computed(() => props.scheme.layers)
const list = ref<HTMLOListElement | null>(null)
const dragged = ref<string | null>(null)
const ADD = [
  { op: 'PAINT', label: 'Coats' },
  { op: 'CLEAR', label: 'Clear' },
  { op: 'STENCIL', label: 'Stencil' },
  { op: 'PEEL', label: 'Peel' },
  { op: 'FILM', label: 'Film' },
  { op: 'ENGRAVE', label: 'Engrave' },
] as const
const words = (step: LayerStep) => stepWords(step, props.scheme.shapes, workshop.book!)
const hex = (step: LayerStep) => productHex(step, workshop.book!)
const at = (id: string) => steps.value.findIndex((step) => step.id === id)
function put(id: string, change: Partial<LayerStep>) {
  emit(
    'change',
    steps.value.map((step) => (step.id === id ? { ...step, ...change } : step)),
  )
}
function add(op: LayerStep['op']) {
  const book = workshop.book!
  const kind = op === 'CLEAR' ? 'CLEAR' : 'COLOUR'
  const last = steps.value[steps.value.length - 1]
  const step: LayerStep = {
    id: newId(),
    side: last?.side ?? props.scheme.seenFrom,
    op,
    productId:
      op === 'PAINT' || op === 'CLEAR'
        ? (book.paints.find((p) => p.kind === kind)?.id ?? '')
        : op === 'FILM'
          ? (book.films[0]?.id ?? null)
          : null,
    coats: op === 'PAINT' ? 2 : 1,
    shapes:
      op === 'STENCIL' || op === 'ENGRAVE' || op === 'FILM'
        ? props.scheme.shapes.slice(0, 1).map((s) => s.id)
        : [],
    outside: false,
    less: [],
    peels: [],
    times: [],
  }
  emit('change', [...steps.value, step])
  emit('update:picked', step.id)
}
function remove(id: string) {
  emit(
    'change',
    steps.value.filter((step) => step.id !== id),
  )
  emit('update:picked', null)
}
function move(id: string, by: number) {
  const from = at(id)
  const to = from + by
  if (to >= 0 && to < steps.value.length) emit('change', moved(steps.value, from, to))
}
function key(event: KeyboardEvent, id: string) {
  if (!event.altKey || !['ArrowUp', 'ArrowDown'].includes(event.key)) return
  event.preventDefault()
  const grip = event.currentTarget as HTMLElement
  move(id, event.key === 'ArrowUp' ? -1 : 1)
  // a row that changes its place in the document loses the focus
  nextTick(() => grip.focus())
}
function grab(event: PointerEvent, id: string) {
  dragged.value = id
  ;(event.target as HTMLElement).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (!dragged.value || !list.value) return
  const rows = [...list.value.children] as HTMLElement[]
  const from = at(dragged.value)
  const to = rows.findIndex((row) => event.clientY < row.getBoundingClientRect().bottom)
  if (to >= 0 && to !== from) emit('change', moved(steps.value, from, to))
}
</script>

<template>
  <section class="layers">
    <h3>Steps, as they are done</h3>
    <ol ref="list" aria-label="Steps in order">
      <li
        v-for="(step, index) in steps"
        :key="step.id"
        v-memo="[
          step,
          index,
          words(step),
          hex(step),
          step.id === dragged,
          step.id === picked && scheme,
        ]"
        :class="{ picked: step.id === picked, dragged: step.id === dragged }"
      >
        <div class="row step">
          <button
            type="button"
            class="grip mono"
            :aria-label="`Move step ${index + 1}, ${words(step)}: drag, or Alt and an arrow`"
            @pointerdown="grab($event, step.id)"
            @pointermove="drag"
            @pointerup="dragged = null"
            @pointercancel="dragged = null"
            @keydown="key($event, step.id)"
          >
            {{ index + 1 }}
          </button>
          <svg width="20" height="20" aria-hidden="true">
            <rect
              x="0.5"
              y="0.5"
              width="19"
              height="19"
              :class="step.op.toLowerCase()"
              :fill="hex(step) ?? 'none'"
            />
            <path v-if="step.op === 'PEEL'" d="M4 16L16 4M16 4h-6M16 4v6" class="mark" />
            <path v-if="step.op === 'ENGRAVE'" d="M3 6h14M3 10h14M3 14h14" class="mark" />
          </svg>
          <button
            type="button"
            class="words"
            :aria-expanded="step.id === picked"
            @click="emit('update:picked', step.id === picked ? null : step.id)"
          >
            {{ words(step) }}
          </button>
          <span class="mono soft side">
            {{ step.op === 'PAINT' || step.op === 'CLEAR' ? `${step.coats} ×, ` : ''
            }}{{ step.side.toLowerCase() }}
          </span>
        </div>
        <LayerFields
          v-if="step.id === picked"
          :step="step"
          :index="index"
          :scheme="scheme"
          @change="(change) => put(step.id, change)"
          @remove="remove(step.id)"
          @move="(by) => move(step.id, by)"
        />
      </li>
    </ol>
    <p v-if="!steps.length" class="soft">
      Nothing yet. Take a scheme from the stock, or add the first step.
    </p>
    <p class="row adds" role="group" aria-label="Add a step">
      <Button
        v-for="each in ADD"
        :key="each.op"
        v-memo="[]"
        class="bare"
        size="small"
        :label="each.label"
        :aria-label="'Add step: ' + each.label"
        @click="add(each.op)"
      />
    </p>
    <OrderFinder
      v-if="scheme.shapes.length && model"
      :scheme="scheme"
      @take="(found) => emit('order', found)"
    />
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}
li {
  border: 1px solid var(--line);
  border-left: 4px solid var(--kraft);
  margin-top: -1px;
  background: var(--ash);
}
li.picked {
  background: var(--paper);
  border-left-color: var(--ember);
}
li.dragged {
  outline: 2px solid var(--ember);
  outline-offset: -2px;
}
.step {
  gap: 8px;
  align-items: center;
  flex-wrap: nowrap;
  min-height: 34px;
  padding-right: 8px;
}
.grip {
  font: inherit;
  font-family: var(--mono);
  font-size: 12.5px;
  color: var(--smoke);
  background: none;
  border: 0;
  min-width: 30px;
  min-height: 34px;
  cursor: ns-resize;
  touch-action: none;
}
.words {
  font: inherit;
  font-weight: 600;
  text-align: left;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 4px 0;
  flex: 1;
  min-width: 0;
  cursor: pointer;
}
.side {
  font-size: 12px;
  white-space: nowrap;
}
rect {
  stroke: var(--smoke);
}
rect.stencil {
  fill: var(--kraft);
  stroke-dasharray: 2 2;
}
rect.peel,
rect.engrave {
  stroke: none;
}
.mark {
  stroke: var(--ink);
  stroke-width: 1.5;
  fill: none;
}
.adds {
  gap: 4px;
  flex-wrap: wrap;
  margin: 0 0 6px;
}
</style>
