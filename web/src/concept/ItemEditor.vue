<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Drawn, Face, FaceItem } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import ColourField from '../ui/ColourField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'
import { LAYERS, MATERIALS } from './faceWords'
import { isOpeningOfPart, moved, PLAIN, sized, type Placed } from './placing'
import { useConcept } from './useConcept'

/** The chosen thing in numbers and words, beside its drawing. */
const props = defineProps<{ drawn: Drawn; face: Face; beside: Drawn[] }>()
const builds = useBuild()
const concept = useConcept()
const workshop = useWorkshop()
const build = computed(() => builds.build!)
const opening = computed(() => isOpeningOfPart(props.drawn))
const part = computed(() => props.drawn.of?.kind === 'panels')
const screen = computed(() => props.drawn.of?.kind === 'screens')
const light = computed(() => props.drawn.kind === 'LIGHT_RUN')
const own = computed(() => props.drawn.item ?? null)

function keep(placed: Placed | null) {
  if (placed?.kind === 'items') concept.editItem(placed.value, {})
  else if (placed) concept.editPanel(placed.value, {})
}
function move(change: { xMm?: number; yMm?: number }) {
  const { xMm, yMm } = props.drawn.place
  keep(moved(props.drawn, props.face, { xMm, yMm, ...change }, build.value.panels, props.beside))
}
function size(change: { widthMm?: number; heightMm?: number }) {
  keep(sized(props.drawn, change, build.value.panels))
}
/** A part's opening gets its pane when something is said about it. */
function edit(change: Partial<FaceItem>) {
  if (own.value) concept.editItem(own.value, change)
  else if (props.drawn.of)
    concept.editItem(
      {
        ...PLAIN,
        id: opening.value ? props.drawn.of.id + '-pane' : props.drawn.of.id,
        face: props.face,
        kind: props.drawn.kind,
        name: props.drawn.name,
        layer: props.drawn.layer,
        ofId: props.drawn.of.id,
        xMm: props.drawn.place.xMm,
        yMm: props.drawn.place.yMm,
      },
      change,
    )
}
const problem = (field: string) =>
  builds.problem('items', own.value?.id ?? '', field) ||
  (part.value
    ? builds.problem('panels', props.drawn.of!.id, (opening.value ? 'window.' : '') + field)
    : '')

const colours = computed(() => [
  { value: '', label: 'own colour' },
  ...workshop.book!.paints.map((p) => ({ value: p.id, label: p.name })),
  ...workshop.book!.films.map((f) => ({ value: f.id, label: f.name })),
  ...workshop.book!.filaments.map((f) => ({ value: f.id, label: f.name })),
  ...workshop.book!.sheets.map((s) => ({ value: s.id, label: s.name })),
])
const materials = [{ value: null, label: 'not said' }, ...MATERIALS]
const stops: Record<string, [string, string]> = {
  panels: ['make', 'Make'],
  screens: ['light', 'Light'],
  strips: ['light', 'Light'],
  components: ['fit', 'Fit'],
}
const home = computed(() => (props.drawn.of ? stops[props.drawn.of.kind] : null))
const sizedElsewhere = computed(() => screen.value || (light.value && !own.value?.widthMm))
function lieRound(on: boolean) {
  const strip = build.value.strips.find((each) => each.id === own.value?.ofId)
  const side = (strip?.lengthMm ?? 400) / 4
  edit(on ? { widthMm: side, heightMm: side } : { widthMm: null, heightMm: null })
}
async function takeAway() {
  const { drawn } = props
  concept.picked = null
  if (opening.value) {
    const panel = build.value.panels.find((p) => p.id === drawn.of!.id)
    if (panel) concept.editPanel(panel, { window: null })
  } else if (drawn.item) await builds.remove('items', drawn.item.id)
  else if (part.value) await builds.remove('panels', drawn.of!.id)
}
const takeAwayWords = computed(() =>
  opening.value
    ? 'Close this opening'
    : !own.value && part.value
      ? 'Take the part out of the build'
      : props.drawn.of
        ? 'Take it off this face'
        : 'Take it away',
)
</script>

<template>
  <div class="editor">
    <TextField
      v-if="!opening && own"
      label="Name"
      required
      :model-value="own.name"
      :problem="problem('name')"
      @update:model-value="(name) => edit({ name })"
    />
    <MeasureField
      label="From the left"
      unit="mm"
      :model-value="drawn.place.xMm"
      :problem="problem('xMm')"
      @update:model-value="(v) => v !== null && move({ xMm: v })"
    />
    <MeasureField
      label="From below"
      unit="mm"
      :model-value="drawn.place.yMm"
      :problem="problem('yMm')"
      @update:model-value="(v) => v !== null && move({ yMm: v })"
    />
    <MeasureField
      label="Width"
      unit="mm"
      :disabled="sizedElsewhere"
      :model-value="drawn.place.widthMm"
      :problem="problem('widthMm')"
      @update:model-value="(v) => v !== null && size({ widthMm: v })"
    />
    <MeasureField
      label="Height"
      unit="mm"
      :disabled="sizedElsewhere"
      :model-value="drawn.place.heightMm"
      :problem="problem('heightMm')"
      @update:model-value="(v) => v !== null && size({ heightMm: v })"
    />
    <ChoiceField
      v-if="!opening"
      label="Lies"
      :model-value="drawn.layer"
      :options="LAYERS"
      @update:model-value="(layer) => edit({ layer })"
    />
    <ChoiceField
      v-if="!part || opening"
      label="Made of"
      :model-value="own?.material ?? null"
      :options="materials"
      @update:model-value="(material) => edit({ material })"
    />
    <template v-if="!part || opening">
      <ChoiceField
        v-if="!opening && !screen"
        label="Colour from stock"
        :model-value="own?.stockId ?? ''"
        :options="colours"
        @update:model-value="(stockId) => edit({ stockId: stockId || null })"
      />
      <div class="swatches" role="group" aria-label="Colour of the palette">
        <button
          v-for="colour in build.concept.look.palette"
          :key="colour.name"
          type="button"
          :style="{ background: colour.hex }"
          :aria-label="`Give it ${colour.name}`"
          :title="colour.name"
          :aria-pressed="own?.colourHex === colour.hex && !own?.stockId"
          @click="edit({ colourHex: colour.hex, stockId: null })"
        />
      </div>
      <ColourField
        label="A colour of its own"
        :model-value="own?.colourHex"
        :instead="drawn.colourHex"
        :problem="problem('colourHex')"
        @update:model-value="(colourHex) => edit({ colourHex, stockId: null })"
      />
    </template>
    <MeasureField
      v-if="drawn.openTo"
      label="Light that passes"
      unit="%"
      :model-value="drawn.clearness * 100"
      :problem="problem('clearness')"
      @update:model-value="(v) => v !== null && edit({ clearness: v / 100 })"
    />
    <template v-if="light && own">
      <MeasureField
        label="Reach"
        unit="mm"
        :model-value="own.reachMm ?? 90"
        :hint="own.reachMm ? '' : 'a default'"
        :problem="problem('reachMm')"
        @update:model-value="(v) => v !== null && edit({ reachMm: v })"
      />
      <span v-if="own.ofId" class="check">
        <Checkbox
          binary
          :input-id="'round' + own.id"
          :model-value="!!own.widthMm"
          @update:model-value="lieRound"
        /><label :for="'round' + own.id">lies round a box</label>
      </span>
    </template>
    <template v-if="own && !part && !light">
      <TextField
        label="Words on it"
        :model-value="own.words"
        :problem="problem('words')"
        @update:model-value="(words) => edit({ words })"
      />
      <TextField
        label="Lines, as an SVG path in mm"
        class="mono wide"
        :model-value="own.art"
        :problem="problem('art')"
        hint="from its upper left corner; empty for a plain area"
        @update:model-value="(art) => edit({ art })"
      />
      <MeasureField
        v-if="own.art"
        label="Width of the lines"
        unit="mm"
        hint="0 fills the shape"
        :model-value="own.strokeMm ?? 0"
        :problem="problem('strokeMm')"
        @update:model-value="(v) => v !== null && edit({ strokeMm: v })"
      />
    </template>
    <p class="row acts">
      <RouterLink v-if="home" :to="home[0]">
        {{ part ? 'Its sheet, holes and price are in' : 'The thing itself is in' }} {{ home[1] }}
      </RouterLink>
      <span class="grow" />
      <Button class="bare" size="small" :label="takeAwayWords" @click="takeAway" />
    </p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(122px, 1fr));
  gap: 8px 14px;
  align-items: end;
  background: var(--paper);
  border-left: 3px solid var(--ember);
  padding: 10px 14px;
}
.wide {
  grid-column: span 2;
}
.swatches {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
  min-height: 34px;
}
.swatches button {
  width: 24px;
  height: 24px;
  border: 1px solid var(--field-line);
  cursor: pointer;
  padding: 0;
}
.swatches button[aria-pressed='true'] {
  outline: 2px solid var(--ember);
  outline-offset: 1px;
}
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 34px;
}
.acts {
  grid-column: 1 / -1;
  margin: 2px 0 0;
  align-items: center;
}
</style>
