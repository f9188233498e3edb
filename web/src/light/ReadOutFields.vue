<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Canvas, ReadOut } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { KINDS } from './pictureWords'

/** One read-out of a canvas: what it shows, where, and from when on it is amiss. */
const props = defineProps<{ canvas: Canvas; readOut: ReadOut; names: string[] }>()
const builds = useBuild()
const build = computed(() => builds.build!)
const index = computed(() => props.canvas.readOuts.findIndex(({ id }) => id === props.readOut.id))
const measured = computed(() => ['VALUE', 'CURVE', 'DIAL', 'BAR'].includes(props.readOut.kind))
const scaled = computed(() => ['CURVE', 'DIAL', 'BAR', 'DAY_CURVE'].includes(props.readOut.kind))
const judged = computed(() => measured.value || props.readOut.kind === 'DAY_CURVE')
const sources = computed(() =>
  [...new Set([...props.names, props.readOut.source].filter(Boolean))].map((name) => ({
    value: name,
    label: name,
  })),
)
const palette = computed(() =>
  build.value.concept.look.palette.map(({ hex, name }) => ({ value: hex, label: name })),
)
const ofPalette = computed(
  () => !props.readOut.inkHex || palette.value.some(({ value }) => value === props.readOut.inkHex),
)
const inks = computed(() => [
  { value: null, label: 'what is seen best' },
  ...palette.value,
  ...(ofPalette.value ? [] : [{ value: props.readOut.inkHex!, label: props.readOut.inkHex! }]),
])
const TABLES: Partial<Record<ReadOut['kind'], string>> = {
  DAY_CURVE: 'a line each: 03:12 0.8',
  TABLE_LINE: 'a line each: 08:15 Harbour',
  STATUS_LIST: 'a line each: coolant.celsius; Coolant; 18; 45',
}
const fields = computed(() => {
  const { kind, unit } = props.readOut
  return [
    { field: 'kind', label: 'Shown as', options: KINDS },
    kind === 'WORDS'
      ? { field: 'words', label: 'It says', lines: 2 }
      : kind !== 'PICTURE' && kind !== 'STATUS_LIST' && { field: 'words', label: 'It is called' },
    measured.value && { field: 'source', label: 'Value', options: sources.value, none: 'none' },
    (measured.value || kind === 'TABLE_LINE') && {
      field: 'source',
      label: 'or by its name in the feed',
      hint: kind === 'TABLE_LINE' ? 'empty: the table below' : '',
    },
    judged.value && { field: 'unit', label: 'Unit', hint: 'written behind it' },
    scaled.value && { field: 'lowest', label: 'Scale from', unit, optional: true },
    scaled.value && { field: 'highest', label: 'to', unit, optional: true },
    judged.value && { field: 'goodFrom', label: 'Well from', unit, optional: true },
    judged.value && { field: 'goodTo', label: 'Well up to', unit, optional: true },
    kind === 'CURVE' && {
      field: 'minutes',
      label: 'Looks back',
      optional: true,
      hint: 'empty: 20',
    },
    TABLES[kind] && {
      field: 'table',
      label: 'Table',
      class: 'wide',
      lines: 4,
      hint: TABLES[kind],
    },
    kind === 'TABLE_LINE' && { field: 'nth', label: 'Which', hint: '1 is the next' },
    kind === 'DAY_CURVE' && { field: 'eased', label: 'turns softly, as tides do' },
    kind === 'PICTURE' && {
      field: 'art',
      label: 'Lines as an SVG path',
      class: 'wide',
      lines: 3,
      hint: 'mm from its upper left corner',
    },
    { field: 'xMm', label: 'From the left' },
    { field: 'yMm', label: 'From below' },
    'widthMm',
    'heightMm',
    kind !== 'PICTURE' && {
      field: 'capitalMm',
      label: 'Capitals',
      optional: true,
      hint: 'empty: what can be read',
    },
    { field: 'inkHex', label: 'Colour', options: inks.value },
  ]
})
const rest = () => props.canvas.readOuts.filter(({ id }) => id !== props.readOut.id)
</script>

<template>
  <div class="fields">
    <ThingFields kind="canvases" :thing="canvas" :within="`readOuts.${index}`" :fields="fields" />
    <div class="wide">
      <Button
        class="bare"
        size="small"
        label="Take this read-out away"
        @click="builds.edit('canvases', canvas, { readOuts: rest() })"
      />
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(116px, 1fr));
  gap: 8px 12px;
  align-items: start;
  padding: 8px 0;
}
.fields :deep(.wide),
.wide {
  grid-column: 1 / -1;
}
</style>
