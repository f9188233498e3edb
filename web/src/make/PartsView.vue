<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { Panel, PartDrawing, ReadDrawing, RecipeStep } from '../api/types'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import BendRows from './BendRows.vue'
import DrawingFile from './DrawingFile.vue'
import HoldFields from './HoldFields.vue'
import PartArt from './PartArt.vue'
import PartFigures from './PartFigures.vue'
import RecipeList from './RecipeList.vue'
import { newStep, PLAIN_PART } from './figureWords'

/** Flat parts drawn to scale as they are typed; outline, checks and figures come from the core. */
const builds = useBuild()
const session = useSession()
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
const sheets = computed(() => workshop.book!.sheets.map((s) => ({ value: s.id, label: s.name })))
const FACES = (['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM'] as const).map((value) => ({
  value,
  label: value.toLowerCase(),
}))
const METHODS = [
  { value: 'LASER', label: 'laser' },
  { value: 'ROUTER', label: 'router' },
  { value: 'BLADE', label: 'blade cutter' },
  { value: 'SAW', label: 'saw' },
  { value: 'SCORE_AND_SNAP', label: 'score and snap' },
  { value: 'OUTSIDE', label: 'outside work' },
] as const

const edit = (change: Partial<Panel>) => builds.edit('panels', panel.value, change)
const draw = (change: Partial<PartDrawing>) =>
  edit({ drawing: { ...panel.value.drawing, ...change } })
const problem = (field: string) =>
  builds.problem('panels', panel.value.id, field) ||
  (part.value?.problemField === field ? part.value.problem : '')
function number(field: 'widthMm' | 'heightMm' | 'quantity', value: number | null) {
  if (value !== null) edit({ [field]: value })
}
const HOLES = [
  { field: 'insetMm', label: 'Inset', unit: 'mm' },
  { field: 'greatestPitchMm', label: 'Pitch, most', unit: 'mm' },
  { field: 'diameterMm', label: 'Diameter', unit: 'mm' },
] as const
const OPENING = [
  { field: 'xMm', label: 'From left', unit: 'mm' },
  { field: 'yMm', label: 'From below', unit: 'mm' },
  { field: 'radiusMm', label: 'Corners', unit: 'mm' },
  { field: 'widthMm', label: 'Opening width', unit: 'mm' },
  { field: 'heightMm', label: 'Opening height', unit: 'mm' },
] as const
function pick(id: string) {
  picked.value = id
  figure.value = null
}
function newPanel(name: string, drawing: PartDrawing, widthMm = 300, heightMm = 200) {
  const sheetId = panel.value?.sheetId ?? workshop.book!.sheets[0]?.id
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
function withWindow(on: boolean) {
  const { widthMm: w, heightMm: h } = panel.value
  edit({
    window: on ? { xMm: w / 4, yMm: h / 4, widthMm: w / 2, heightMm: h / 2, radiusMm: 3 } : null,
  })
}
function withHoles(on: boolean) {
  edit({ holes: on ? { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 } : null })
}
function withBend(on: boolean) {
  const thickness = sheet.value?.thicknessMm ?? 3
  const bend = { angleDegrees: 90, insideRadiusMm: 2 * thickness, legMm: 40 }
  draw({ bent: on ? { firstLegMm: 60, bends: [bend] } : null })
}
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
    detail: `${p.widthMm} × ${p.heightMm}${p.quantity > 1 ? ` × ${p.quantity}` : ''}`,
  })),
)
const SWITCHES = [
  { field: 'keepGrain', label: 'keep the grain upright' },
  { field: 'first', label: 'lay it first' },
  { field: 'stencil', label: 'a stencil' },
  { field: 'inside', label: 'inside, on no face' },
] as const
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
      <p v-if="part?.problem" class="bad" role="alert">{{ part.problem }}</p>
      <PartFigures v-if="part" :part="part" />
    </section>
    <section class="form">
      <TextField
        label="Name"
        required
        :model-value="panel.name"
        :problem="problem('name')"
        @update:model-value="(name) => edit({ name })"
      />
      <div class="trio">
        <MeasureField
          :label="panel.drawing.bent ? 'On its face' : 'Width'"
          quantity="length"
          unit="mm"
          :model-value="panel.widthMm"
          :problem="problem('widthMm')"
          @update:model-value="(value) => number('widthMm', value)"
        />
        <MeasureField
          label="Height"
          quantity="length"
          unit="mm"
          :model-value="panel.heightMm"
          :problem="problem('heightMm')"
          @update:model-value="(value) => number('heightMm', value)"
        />
        <MeasureField
          label="Corners"
          quantity="length"
          unit="mm"
          :model-value="panel.drawing.cornerMm"
          :problem="problem('drawing.cornerMm')"
          @update:model-value="(cornerMm) => cornerMm !== null && draw({ cornerMm })"
        />
      </div>
      <ChoiceField
        label="Sheet"
        :model-value="panel.sheetId"
        :options="sheets"
        :hint="sheet?.measuredThicknessMm ? `measured ${sheet.measuredThicknessMm} mm` : ''"
        @update:model-value="(sheetId) => edit({ sheetId })"
      />
      <div class="trio">
        <ChoiceField
          label="Cut by"
          :model-value="panel.cutMethod"
          :options="[...METHODS]"
          @update:model-value="(cutMethod) => edit({ cutMethod })"
        />
        <ChoiceField
          label="Face"
          :model-value="panel.face"
          :options="FACES"
          @update:model-value="(face) => edit({ face })"
        />
        <MeasureField
          label="Pieces"
          unit="×"
          :model-value="panel.quantity"
          :problem="problem('quantity')"
          @update:model-value="(value) => number('quantity', value)"
        />
      </div>
      <MoneyField
        v-if="panel.cutMethod === 'OUTSIDE' && session.owner"
        label="Price outside, each"
        :model-value="panel.outsidePriceMinor"
        @update:model-value="(price) => edit({ outsidePriceMinor: price ?? 0 })"
      />
      <RecipeList
        :panel="panel"
        :picked="figure"
        :problem="problem"
        @pick="figure = $event"
        @steps="(steps) => draw({ steps })"
      />
      <template v-if="!panel.drawing.bare">
        <fieldset v-if="!panel.drawing.bent">
          <legend>
            <Checkbox
              binary
              input-id="has-window"
              :model-value="!!panel.window"
              @update:model-value="withWindow"
            />
            <label for="has-window">Window</label>
          </legend>
          <div v-if="panel.window" class="trio">
            <NumberFields
              :of="panel.window"
              :fields="OPENING"
              :problem="(field) => problem('window.' + field)"
              @change="(change) => edit({ window: { ...panel.window!, ...change } })"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>
            <Checkbox
              binary
              input-id="has-holes"
              :model-value="!!panel.holes"
              @update:model-value="withHoles"
            />
            <label for="has-holes">Border holes</label>
          </legend>
          <div v-if="panel.holes" class="trio">
            <NumberFields
              :of="panel.holes"
              :fields="HOLES"
              :problem="(field) => problem('holes.' + field)"
              @change="(change) => edit({ holes: { ...panel.holes!, ...change } })"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>
            <Checkbox
              binary
              input-id="is-bent"
              :model-value="!!panel.drawing.bent"
              @update:model-value="withBend"
            />
            <label for="is-bent">Bent after cutting</label>
          </legend>
          <BendRows
            v-if="panel.drawing.bent"
            :bent="panel.drawing.bent"
            :thickness-mm="sheet?.thicknessMm ?? 3"
            :problem="problem"
            @change="(bent) => draw({ bent })"
          />
        </fieldset>
      </template>
      <HoldFields :panel="panel" :problem="problem" @change="(hold) => draw({ hold })" />
      <p class="row checks">
        <span v-for="each in SWITCHES" :key="each.field" class="check">
          <Checkbox
            binary
            :input-id="'is-' + each.field"
            :model-value="panel.drawing[each.field]"
            @update:model-value="(on: boolean) => draw({ [each.field]: on })"
          />
          <label :for="'is-' + each.field">{{ each.label }}</label>
        </span>
      </p>
      <Button
        class="bare"
        size="small"
        :label="`Remove ${panel.name}`"
        @click="builds.remove('panels', panel.id)"
      />
    </section>
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
.form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--line);
  padding: 6px 0 0;
  margin: 0;
  min-width: 0;
}
legend {
  float: left;
  width: 100%;
  display: flex;
  gap: 7px;
  align-items: center;
  font-weight: 600;
  margin-bottom: 4px;
}
legend + * {
  clear: both;
}
.checks {
  gap: 4px 14px;
  flex-wrap: wrap;
  margin: 0;
}
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
