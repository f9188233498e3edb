<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref, useId } from 'vue'
import type { Enclosure, Opening } from '../api/types'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import ScaledDrawing from '../ui/ScaledDrawing.vue'
import ThingFields from '../ui/ThingFields.vue'
import { FACES } from './fitWords'
import { exact } from '../units/writing'

/** One opening with its hole field, to scale; turned into a part for cutting. */
const props = defineProps<{ enclosure: Enclosure; opening: Opening }>()
const emit = defineEmits<{
  change: [change: Partial<Opening>]
  remove: []
  part: [sheetId: string]
}>()
const workshop = useWorkshop()
type Field = NonNullable<Opening['field']>
const field = computed(() => props.opening.field ?? null)
const START: Field = { pattern: 'STAGGERED', holeMm: 5, pitchMm: 6.5, slotMm: 0 }
const PATTERNS = [
  { value: 'NONE', label: 'open, no field' },
  { value: 'STAGGERED', label: 'round holes, staggered' },
  { value: 'SQUARE', label: 'round holes, square' },
  { value: 'SLOTS', label: 'slots' },
] as const
function pattern(value: (typeof PATTERNS)[number]['value']) {
  if (value === 'NONE') emit('change', { field: undefined })
  else {
    const from = field.value ?? START
    const slotMm = value === 'SLOTS' ? Math.max(from.slotMm, from.holeMm * 5) : 0
    emit('change', { field: { ...from, pattern: value, slotMm } })
  }
}
const place = computed(() => `openings.${props.enclosure.openings.indexOf(props.opening)}`)
const OPENING = [
  { field: 'name', label: 'Name of the opening', required: true },
  { field: 'face', options: FACES },
  { field: 'xMm', label: 'From the left' },
  { field: 'yMm', label: 'From below' },
  'widthMm',
  'heightMm',
]
const HOLES = computed(() => {
  const slots = field.value?.pattern === 'SLOTS'
  return [
    { field: 'holeMm', label: slots ? 'Slot width' : 'Hole' },
    'pitchMm',
    slots && { field: 'slotMm', label: 'Slot length' },
  ]
})
const sheets = computed(() =>
  workshop.offered('sheets').map((sheet) => ({ value: sheet.id, label: sheet.name })),
)
const sheetId = ref(workshop.offered('sheets')[0]?.id ?? '')
const fill = useId()
/** One tile of the pattern in mm, with its holes. */
const tile = computed(() => {
  const f = field.value
  if (!f) return null
  if (f.pattern === 'SLOTS')
    return { width: f.slotMm + f.pitchMm - f.holeMm, height: f.pitchMm, holes: [[0, 0]] }
  const row = f.pattern === 'STAGGERED' ? (f.pitchMm * Math.sqrt(3)) / 2 : f.pitchMm
  return f.pattern === 'SQUARE'
    ? { width: f.pitchMm, height: row, holes: [[f.pitchMm / 2, row / 2]] }
    : {
        width: f.pitchMm,
        height: 2 * row,
        holes: [
          [f.pitchMm / 2, row / 2],
          [0, row * 1.5],
          [f.pitchMm, row * 1.5],
        ],
      }
})
</script>

<template>
  <div class="opening">
    <div class="form">
      <ThingFields kind="enclosures" :thing="enclosure" :within="place" :fields="OPENING" />
      <ChoiceField
        label="Holes"
        :model-value="field?.pattern ?? 'NONE'"
        :options="[...PATTERNS]"
        @update:model-value="pattern"
      />
      <template v-if="field">
        <ThingFields
          kind="enclosures"
          :thing="enclosure"
          :within="`${place}.field`"
          :fields="HOLES"
        />
      </template>
      <label class="one">
        <Checkbox
          binary
          :model-value="opening.sealed"
          @update:model-value="(sealed: boolean) => emit('change', { sealed })"
        />
        sealed
      </label>
      <template v-if="field">
        <ChoiceField v-model="sheetId" label="Cut it from" :options="sheets" />
        <Button class="quiet end" label="Make it a part" @click="emit('part', sheetId)" />
      </template>
      <Button class="bare end" size="small" label="Close this opening" @click="emit('remove')" />
    </div>
    <ScaledDrawing
      :width-mm="opening.widthMm"
      :height-mm="opening.heightMm"
      :height="290"
      :label="`${opening.name}, ${exact(opening.widthMm)} by ${exact(opening.heightMm)} mm`"
    >
      <template #default="{ x, y, s }">
        <defs v-if="tile && field">
          <pattern
            :id="fill"
            patternUnits="userSpaceOnUse"
            :x="x(0)"
            :y="y(opening.heightMm)"
            :width="s(tile.width)"
            :height="s(tile.height)"
          >
            <rect
              v-for="(hole, index) in tile.holes"
              :key="index"
              :x="
                s(
                  field.pattern === 'SLOTS'
                    ? (tile.width - field.slotMm) / 2
                    : hole[0] - field.holeMm / 2,
                )
              "
              :y="
                s(
                  field.pattern === 'SLOTS'
                    ? (tile.height - field.holeMm) / 2
                    : hole[1] - field.holeMm / 2,
                )
              "
              :width="s(field.pattern === 'SLOTS' ? field.slotMm : field.holeMm)"
              :height="s(field.holeMm)"
              :rx="field.pattern === 'SLOTS' ? 0 : s(field.holeMm / 2)"
              class="hole"
            />
          </pattern>
        </defs>
        <rect
          :x="x(0)"
          :y="y(opening.heightMm)"
          :width="s(opening.widthMm)"
          :height="s(opening.heightMm)"
          :class="['plate', { sealed: opening.sealed, open: !field }]"
        />
        <rect
          v-if="field && !opening.sealed"
          :x="x(0)"
          :y="y(opening.heightMm)"
          :width="s(opening.widthMm)"
          :height="s(opening.heightMm)"
          :fill="`url(#${fill})`"
        />
      </template>
    </ScaledDrawing>
  </div>
</template>

<style scoped>
.opening {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 16px;
  align-items: start;
  margin-top: 8px;
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 8px 14px;
  align-items: start;
}
.one {
  display: flex;
  gap: 6px;
  align-items: center;
  align-self: center;
}
.end {
  align-self: end;
}
.plate {
  fill: var(--kraft);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.plate.open {
  fill: var(--ash);
}
.plate.sealed {
  fill: var(--smoke);
}
.hole {
  fill: var(--soot);
}
</style>
