<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { ElevationItem, Face, FaceItem } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { LAYERS, MATERIALS } from './faceWords'
import { isOpeningOfPart, moved, PLAIN, sized, type Placed } from './placing'
import RunPath from './RunPath.vue'
import { useConcept } from './useConcept'
import ThingFields from '../ui/ThingFields.vue'

/** The chosen thing in numbers and words, beside its drawing. */
const props = defineProps<{ drawn: ElevationItem; face: Face; beside: ElevationItem[] }>()
const builds = useBuild()
const concept = useConcept()
const workshop = useWorkshop()
const build = computed(() => builds.build!)
const opening = computed(() => isOpeningOfPart(props.drawn))
const part = computed(() => props.drawn.of?.kind === 'panels')
const screen = computed(() => props.drawn.of?.kind === 'screens')
const light = computed(() => props.drawn.kind === 'LIGHT_RUN')
const own = computed(() => props.drawn.item ?? null)
/** Along edges: where and how long follows from them. */
const laid = computed(() => !!own.value?.along)

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
/** Stands for what has nothing of its own yet: a part's opening gets its pane when something is said. */
const shown = computed<FaceItem>(() => {
  const { drawn } = props
  const of = drawn.of?.id ?? ''
  return (
    own.value ?? {
      ...PLAIN,
      id: opening.value ? of + '-pane' : of,
      face: props.face,
      kind: drawn.kind,
      name: drawn.name,
      layer: drawn.layer,
      ofId: of,
      xMm: drawn.place.xMm,
      yMm: drawn.place.yMm,
    }
  )
})
function edit(change: Partial<FaceItem>) {
  if (own.value || props.drawn.of) concept.editItem(shown.value, change)
}
function put(change: Partial<FaceItem>) {
  if ('xMm' in change || 'yMm' in change) move(change)
  else if ('widthMm' in change || 'heightMm' in change)
    size(change as { widthMm?: number; heightMm?: number })
  else edit(change)
}
const ofPart = (field: string) =>
  part.value
    ? builds.problem('panels', props.drawn.of!.id, (opening.value ? 'window.' : '') + field)
    : ''
const at = computed(() => ({
  kind: 'items',
  thing: shown.value,
  given: true,
  edit: put,
  alsoWrong: ofPart,
}))
const colours = computed(() => [
  ...workshop.book!.paints.map((p) => ({ value: p.id, label: p.name })),
  ...workshop.book!.films.map((f) => ({ value: f.id, label: f.name })),
  ...workshop.book!.filaments.map((f) => ({ value: f.id, label: f.name })),
  ...workshop.book!.sheets.map((s) => ({ value: s.id, label: s.name })),
])
const materials = [{ value: null, label: 'not said' }, ...MATERIALS]
const PLACE = computed(() => {
  const { place, layer } = props.drawn
  const pane = !part.value || opening.value
  return [
    !opening.value && own.value && { field: 'name' },
    { field: 'xMm', label: 'From the left', disabled: laid.value, get: () => place.xMm },
    { field: 'yMm', label: 'From below', disabled: laid.value, get: () => place.yMm },
    { field: 'widthMm', disabled: sizedElsewhere.value, get: () => place.widthMm },
    { field: 'heightMm', disabled: sizedElsewhere.value, get: () => place.heightMm },
    !opening.value && { field: 'layer', label: 'Lies', options: LAYERS, get: () => layer },
    pane && { field: 'material', label: 'Made of', options: materials, optional: true },
    pane &&
      !opening.value &&
      !screen.value && {
        field: 'stockId',
        label: 'Colour from stock',
        options: colours.value,
        none: 'own colour',
        optional: true,
      },
  ]
})
const COLOUR = computed(() => ({
  field: 'colourHex',
  label: 'A colour of its own',
  instead: props.drawn.colourHex,
  set: (colourHex: string) => ({ colourHex, stockId: null }),
}))
const LIGHT = computed(() => [
  props.drawn.openTo && {
    field: 'clearness',
    label: 'Light that passes',
    unit: '%',
    times: 100,
    get: () => props.drawn.clearness,
  },
  light.value &&
    own.value && {
      field: 'reachMm',
      instead: 90,
      hint: own.value.reachMm ? '' : 'a default',
    },
])
const WORDS = computed(() => [
  { field: 'words', label: 'Words on it' },
  {
    field: 'art',
    label: 'Lines, as an SVG path in mm',
    hint: 'from its upper left corner; empty for a plain area',
    class: 'mono wide',
  },
  own.value?.art && {
    field: 'strokeMm',
    label: 'Width of the lines',
    hint: '0 fills the shape',
    instead: 0,
  },
])
const stops: Record<string, [string, string]> = {
  panels: ['make', 'Make'],
  screens: ['light', 'Light'],
  strips: ['light', 'Light'],
  components: ['fit', 'Fit'],
}
const home = computed(() => (props.drawn.of ? stops[props.drawn.of.kind] : null))
const sizedElsewhere = computed(
  () => laid.value || screen.value || (light.value && !own.value?.widthMm),
)
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
    <ThingFields v-bind="at" :fields="PLACE" />
    <template v-if="!part || opening">
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
      <ThingFields v-bind="at" :fields="[COLOUR]" />
    </template>
    <ThingFields v-bind="at" :fields="LIGHT" />
    <template v-if="light && own">
      <span v-if="own.ofId && !laid" class="check">
        <Checkbox
          binary
          :input-id="'round' + own.id"
          :model-value="!!own.widthMm"
          @update:model-value="lieRound"
        /><label :for="'round' + own.id">lies round a box</label>
      </span>
    </template>
    <RunPath v-if="light && own?.ofId" class="all" :item="own" :edit="edit" />
    <ThingFields v-if="own && !part && !light" v-bind="at" :fields="WORDS" />
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
.editor :deep(.wide) {
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
.all,
.acts {
  grid-column: 1 / -1;
}
.acts {
  margin: 2px 0 0;
  align-items: center;
}
</style>
