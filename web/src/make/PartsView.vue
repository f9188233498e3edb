<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { Panel, PartDrawing, ReadDrawing, RecipeStep } from '../api/types'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { exact, said } from '../units/writing'
import DrawingFile from './DrawingFile.vue'
import PartArt from './PartArt.vue'
import PartFigures from './PartFigures.vue'
import PartForm from './PartForm.vue'
import { newStep, PLAIN_PART } from './figureWords'

/** Flat parts drawn to scale as they are typed; outline, checks and figures come from the core. */
const builds = useBuild()
const workshop = useWorkshop()
const picked = ref<string | null>(null)
const figure = ref<string | null>(null)
const reading = ref(false)
const panels = computed(() => builds.build!.panels)
const panel = computed(() => panels.value.find((p) => p.id === picked.value) ?? panels.value[0])
const part = computed(() => builds.view!.parts.find((p) => p.panel.id === panel.value?.id))
const sheet = computed(() => workshop.book!.sheets.find((s) => s.id === panel.value?.sheetId))
const findings = computed(() =>
  builds.view!.findings.filter(
    (finding) => finding.capability === 'make' && finding.thingId === panel.value?.id,
  ),
)
const edit = (change: Partial<Panel>) => builds.edit('panels', panel.value, change)
const draw = (change: Partial<PartDrawing>) =>
  edit({ drawing: { ...panel.value.drawing, ...change } })
function pick(id: string) {
  picked.value = id
  figure.value = null
}
function newPanel(name: string, drawing: PartDrawing, widthMm = 300, heightMm = 200) {
  const sheetId = panel.value?.sheetId ?? workshop.offered('sheets')[0]?.id
  if (!sheetId) return
  pick(
    builds.add('panels', {
      name,
      face: panel.value?.face ?? 'LEFT',
      sheetId,
      widthMm,
      heightMm,
      quantity: 1,
      window: null,
      holes: drawing.bare ? null : { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 },
      cutMethod: 'LASER',
      outsidePriceMinor: 0,
      drawing,
    } satisfies Omit<Panel, 'id'>),
  )
}
const add = () => newPanel('New panel', PLAIN_PART)
defineExpose({ add })
function path(op: RecipeStep['op'], data: string): RecipeStep {
  return { ...newStep(newId(), op, 'PATH', 0, 0), figure: { kind: 'PATH', path: data } }
}
function fromFile(drawing: ReadDrawing, name: string) {
  const steps = [path('JOIN', drawing.cut)]
  if (drawing.engraved) steps.push(path('ENGRAVE', drawing.engraved))
  if (drawing.lines) steps.push(path('LINE', drawing.lines))
  newPanel(name, { ...PLAIN_PART, bare: true, steps }, drawing.widthMm, drawing.heightMm)
  reading.value = false
}
function motif(data: string) {
  const step = path('ENGRAVE', data)
  draw({ steps: [...panel.value.drawing.steps, step] })
  figure.value = step.id
  reading.value = false
}
function moveFigure(id: string, xMm: number, yMm: number) {
  draw({ steps: panel.value.drawing.steps.map((s) => (s.id === id ? { ...s, xMm, yMm } : s)) })
}
const items = computed(() =>
  panels.value.map((p) => ({
    id: p.id,
    name: p.name,
    detail: `${exact(p.widthMm)} × ${exact(p.heightMm)}${p.quantity > 1 ? ` × ${p.quantity}` : ''}`,
  })),
)
</script>

<template>
  <p v-if="!panel" class="soft">
    No parts yet. Draw the first panel: its cut time, mass, sheet and place in the week follow.
  </p>
  <div class="row bar">
    <PickList v-if="panel" label="Panels" :items="items" :picked="panel.id" @pick="pick" />
    <Button
      class="bare"
      size="small"
      label="From a drawing"
      :aria-expanded="reading"
      @click="reading = !reading"
    />
  </div>
  <DrawingFile v-if="reading" :can-mark="!!panel" @part="fromFile" @motif="motif" />
  <div v-if="panel" class="bench">
    <section>
      <PartArt
        :panel="panel"
        :part="part"
        :sheet="sheet"
        :findings="findings"
        :picked="figure"
        @pick="figure = $event"
        @move="moveFigure"
      />
      <p v-if="part?.problem" class="bad" role="alert">{{ said(part.problem) }}</p>
      <PartFigures v-if="part" :part="part" />
    </section>
    <PartForm v-model:figure="figure" :panel="panel" :part="part" :sheet="sheet" />
  </div>
</template>

<style scoped>
.bar {
  align-items: flex-start;
  flex-wrap: nowrap;
}
.bar :deep(.pick) {
  flex: 1;
}
.bench {
  display: grid;
  grid-template-columns: 1fr 330px;
  gap: 22px;
}
@media (max-width: 640px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
