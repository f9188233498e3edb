<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { MadePart, Panel, PartDrawing, SheetProduct } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { exact } from '../units/writing'
import BendRows from './BendRows.vue'
import HoldFields from './HoldFields.vue'
import RecipeList from './RecipeList.vue'

/** All that is typed about one flat part: size, sheet, recipe, bends, how it is held. */
const props = defineProps<{ panel: Panel; part?: MadePart; sheet?: SheetProduct }>()
const figure = defineModel<string | null>('figure', { required: true })
const builds = useBuild()
const METHODS = [
  { value: 'LASER', label: 'laser' },
  { value: 'ROUTER', label: 'router' },
  { value: 'BLADE', label: 'blade cutter' },
  { value: 'SAW', label: 'saw' },
  { value: 'SCORE_AND_SNAP', label: 'score and snap' },
  { value: 'OUTSIDE', label: 'outside work' },
]

const edit = (change: Partial<Panel>) => builds.edit('panels', props.panel, change)
const draw = (change: Partial<PartDrawing>) =>
  edit({ drawing: { ...props.panel.drawing, ...change } })
/** Why it can't be drawn, at the field that is to blame. */
const undrawn = (field: string) =>
  props.part?.problemField === field ? (props.part.problem ?? '') : ''
const SIZE = computed(() => [
  { field: 'widthMm', label: props.panel.drawing.bent ? 'On its face' : 'Width' },
  'heightMm',
  { field: 'drawing.cornerMm', label: 'Corners', optional: false },
])
const SHEET = computed(() => {
  const measured = props.sheet?.measuredThicknessMm
  return { field: 'sheetId', hint: measured ? `measured ${exact(measured)} mm` : '' }
})
const HOW = [
  { field: 'cutMethod', label: 'Cut by', options: METHODS },
  'face',
  { field: 'quantity', label: 'Pieces' },
]
const QUOTE = [{ field: 'outsidePriceMinor', label: 'Price outside, each' }]
const HOLES = ['insetMm', { field: 'greatestPitchMm', label: 'Pitch, most' }, 'diameterMm']
const OPENING = [
  { field: 'xMm', label: 'From left' },
  { field: 'yMm', label: 'From below' },
  { field: 'radiusMm', label: 'Corners' },
  { field: 'widthMm', label: 'Opening width' },
  { field: 'heightMm', label: 'Opening height' },
]
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
]
</script>

<template>
  <section class="form">
    <ThingFields kind="panels" :thing="panel" :fields="['name']" />
    <div class="trio">
      <ThingFields kind="panels" :thing="panel" :fields="SIZE" :also-wrong="undrawn" />
    </div>
    <ThingFields kind="panels" :thing="panel" :fields="[SHEET]" />
    <div class="trio">
      <ThingFields kind="panels" :thing="panel" :fields="HOW" :also-wrong="undrawn" />
    </div>
    <ThingFields
      v-if="panel.cutMethod === 'OUTSIDE'"
      kind="panels"
      :thing="panel"
      :fields="QUOTE"
    />
    <RecipeList
      :panel="panel"
      :picked="figure"
      :problem="undrawn"
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
          <ThingFields
            kind="panels"
            :thing="panel"
            within="window"
            given
            :fields="OPENING"
            :also-wrong="undrawn"
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
          <ThingFields
            kind="panels"
            :thing="panel"
            within="holes"
            given
            :fields="HOLES"
            :also-wrong="undrawn"
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
          :panel="panel"
          :bent="panel.drawing.bent"
          :thickness-mm="sheet?.thicknessMm ?? 3"
          :problem="undrawn"
          @change="(bent) => draw({ bent })"
        />
      </fieldset>
    </template>
    <HoldFields :panel="panel" :problem="undrawn" @change="(hold) => draw({ hold })" />
    <p class="row checks">
      <ThingFields kind="panels" :thing="panel" within="drawing" :fields="SWITCHES" />
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
