<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { MadePart, Panel, PartDrawing, SheetProduct } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { exact } from '../units/writing'
import BendRows from './BendRows.vue'
import HoldFields from './HoldFields.vue'
import RecipeList from './RecipeList.vue'

/** All that is typed about one flat part: size, sheet, recipe, bends, how it is held. */
const props = defineProps<{ panel: Panel; part?: MadePart; sheet?: SheetProduct }>()
const figure = defineModel<string | null>('figure', { required: true })
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
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

const edit = (change: Partial<Panel>) => builds.edit('panels', props.panel, change)
const draw = (change: Partial<PartDrawing>) =>
  edit({ drawing: { ...props.panel.drawing, ...change } })
const problem = (field: string) =>
  builds.problem('panels', props.panel.id, field) ||
  (props.part?.problemField === field ? props.part.problem : '')
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
function withWindow(on: boolean) {
  const { widthMm: w, heightMm: h } = props.panel
  edit({
    window: on ? { xMm: w / 4, yMm: h / 4, widthMm: w / 2, heightMm: h / 2, radiusMm: 3 } : null,
  })
}
function withHoles(on: boolean) {
  edit({ holes: on ? { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 } : null })
}
function withBend(on: boolean) {
  const thickness = props.sheet?.thicknessMm ?? 3
  const bend = { angleDegrees: 90, insideRadiusMm: 2 * thickness, legMm: 40 }
  draw({ bent: on ? { firstLegMm: 60, bends: [bend] } : null })
}
const SWITCHES = [
  { field: 'keepGrain', label: 'keep the grain upright' },
  { field: 'first', label: 'lay it first' },
  { field: 'stencil', label: 'a stencil' },
  { field: 'inside', label: 'inside, on no face' },
] as const
</script>

<template>
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
        unit="mm"
        :model-value="panel.widthMm"
        :problem="problem('widthMm')"
        @update:model-value="(value) => number('widthMm', value)"
      />
      <MeasureField
        label="Height"
        unit="mm"
        :model-value="panel.heightMm"
        :problem="problem('heightMm')"
        @update:model-value="(value) => number('heightMm', value)"
      />
      <MeasureField
        label="Corners"
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
      :hint="sheet?.measuredThicknessMm ? `measured ${exact(sheet.measuredThicknessMm)} mm` : ''"
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
      :problem="problem('outsidePriceMinor')"
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
      <CheckField
        v-for="each in SWITCHES"
        :key="each.field"
        :label="each.label"
        :model-value="panel.drawing[each.field]"
        @update:model-value="(on: boolean) => draw({ [each.field]: on })"
      />
    </p>
    <Button
      class="bare"
      size="small"
      :label="`Remove ${panel.name}`"
      @click="builds.remove('panels', panel.id)"
    />
  </section>
</template>

<style scoped>
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
</style>
