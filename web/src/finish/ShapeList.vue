<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { ArtShape, CutFigure, ReadDrawing, Scheme, SchemeModel } from '../api/types'
import DrawingFile from '../make/DrawingFile.vue'
import { FIGURES, FONTS } from '../make/figureWords'
import { useBuild } from '../store/build'
import { fixed } from '../units/writing'
import ThingFields from '../ui/ThingFields.vue'

/** Named shapes on the part, each with the colour that is wanted of it. Later ones lie on top. */
const props = defineProps<{ scheme: Scheme; model?: SchemeModel }>()
const emit = defineEmits<{ change: [change: Partial<Scheme>] }>()
const builds = useBuild()
const picked = ref<string | null>(null)
const reading = ref(false)
const shapes = computed(() => props.scheme.shapes)
const drawn = computed(
  () =>
    builds
      .build!.panels.find((p) => p.id === props.scheme.panelId)
      ?.drawing.steps.filter((step) => step.figure) ?? [],
)
const START = [
  { value: 'TEXT', label: 'lettering' },
  { value: 'RECTANGLE', label: 'rectangle' },
  { value: 'HOLE', label: 'disc' },
  { value: 'STAR', label: 'star' },
  { value: 'POLYGON', label: 'polygon' },
] as const
const put = (id: string, change: Partial<ArtShape>) =>
  emit('change', { shapes: shapes.value.map((s) => (s.id === id ? { ...s, ...change } : s)) })
function add(shape: Partial<ArtShape>, name: string) {
  const middle = props.model
  const one: ArtShape = {
    id: newId(),
    name,
    stepId: null,
    figure: null,
    xMm: Math.round((middle?.widthMm ?? 0) / 2),
    yMm: Math.round((middle?.heightMm ?? 0) / 2),
    turnDegrees: 0,
    strokeMm: null,
    wantedHex: null,
    ...shape,
  }
  emit('change', { shapes: [...shapes.value, one] })
  picked.value = one.id
}
function figure(kind: CutFigure['kind']) {
  add({ figure: { kind, ...FIGURES[kind].start } as CutFigure }, FIGURES[kind].label)
}
function fromFile(drawing: ReadDrawing, name: string) {
  add({ figure: { kind: 'PATH', path: drawing.cut } as CutFigure, xMm: 0, yMm: 0 }, name)
  reading.value = false
}
function motif(path: string) {
  add({ figure: { kind: 'PATH', path } as CutFigure, xMm: 0, yMm: 0 }, 'drawing')
  reading.value = false
}
const remove = (id: string) =>
  emit('change', {
    shapes: shapes.value.filter((s) => s.id !== id),
    layers: props.scheme.layers.map((step) => ({
      ...step,
      shapes: step.shapes.filter((each) => each !== id),
      less: step.less.filter((each) => each !== id),
    })),
  })
const index = (id: string) => shapes.value.findIndex((s) => s.id === id)
const size = (id: string) => props.model?.shapes.find((s) => s.id === id)
const fields = (shape: ArtShape) => {
  const lettered = shape.figure?.kind === 'TEXT'
  return [
    { field: 'name', required: true },
    lettered && { field: 'figure.text', label: 'Says', required: true },
    lettered && { field: 'figure.face', label: 'Letters', options: FONTS, instead: 'SANS' },
    ...(shape.figure
      ? FIGURES[shape.figure.kind].fields.map((each) => ({
          ...each,
          field: `figure.${each.field}`,
        }))
      : []),
    ...(shape.figure ? PLACE : []),
    { field: 'strokeMm', label: 'Drawn as a line of', optional: true },
    { field: 'wantedHex', label: 'Colour wanted of it' },
  ]
}
const PLACE = [
  { field: 'xMm', label: 'From left' },
  { field: 'yMm', label: 'From below' },
  { field: 'turnDegrees', label: 'Turned' },
]
</script>

<template>
  <section class="shapes">
    <div class="row">
      <h3>Shapes on it</h3>
      <span class="soft">{{
        shapes.length
          ? 'later ones lie on top; each can want a colour'
          : 'none: one colour all over'
      }}</span>
      <span class="grow" />
      <Button
        v-for="each in START"
        :key="each.value"
        v-memo="[]"
        class="bare"
        size="small"
        :label="each.label"
        :aria-label="'Add shape: ' + each.label"
        @click="figure(each.value)"
      />
      <Button
        v-for="step in drawn"
        :key="step.id"
        v-memo="[step]"
        class="bare"
        size="small"
        :label="step.name || FIGURES[step.figure!.kind].label"
        :aria-label="'Add shape from the part: ' + (step.name || step.id)"
        @click="add({ stepId: step.id, xMm: 0, yMm: 0 }, step.name || 'from the part')"
      />
      <Button class="bare" size="small" label="from a file" @click="reading = !reading" />
    </div>
    <DrawingFile v-if="reading" can-mark @part="fromFile" @motif="motif" />
    <ul v-if="shapes.length">
      <li v-for="shape in shapes" :key="shape.id">
        <div class="row line">
          <i :class="{ none: !shape.wantedHex }" :style="{ background: shape.wantedHex ?? '' }" />
          <button
            type="button"
            class="name"
            :aria-expanded="picked === shape.id"
            @click="picked = picked === shape.id ? null : shape.id"
          >
            {{ shape.name }}
          </button>
          <span class="mono soft">{{ shape.wantedHex ?? 'no wish' }}</span>
          <span v-if="size(shape.id)" class="mono soft"
            >{{ fixed(size(shape.id)!.areaMm2 / 100, 1) }} cm², rim
            {{ fixed(size(shape.id)!.contourMm / 1000, 2) }} m</span
          >
        </div>
        <div v-if="picked === shape.id" class="fields">
          <ThingFields
            kind="schemes"
            :thing="scheme"
            :within="`shapes.${index(shape.id)}`"
            given
            :fields="fields(shape)"
          />
          <Button
            class="bare"
            size="small"
            label="No wish for its colour"
            @click="put(shape.id, { wantedHex: null })"
          />
          <Button
            class="bare"
            size="small"
            label="Take this shape away"
            @click="remove(shape.id)"
          />
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.shapes {
  border-top: 1px solid var(--line);
  padding-top: 10px;
  margin-top: 12px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 4px 0 0;
}
li {
  border-bottom: 1px solid var(--line);
}
.line {
  gap: 10px;
  min-height: 38px;
}
.line i {
  width: 40px;
  height: 26px;
  border: 1px solid var(--field-line);
}
.line i.none {
  border-style: dashed;
}
.name {
  font: inherit;
  font-weight: 600;
  background: none;
  border: 0;
  color: var(--ink);
  padding: 4px 0;
  cursor: pointer;
  text-align: left;
  min-width: 160px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
  align-items: end;
  padding: 4px 0 10px 50px;
}
</style>
