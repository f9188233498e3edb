<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { newId, upload } from '../api/client'
import type { Offcut } from '../api/types'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import { fixed, zone } from '../units/writing'
import { localOf } from '../units/zone'
import { pathBox } from './pathBox'
import ThingFields from '../ui/ThingFields.vue'

/** What jobs have left, with its true outline and where it lies; laid out before whole sheets. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const offcuts = computed(() => workshop.book!.offcuts)
const sheet = (id: string) => workshop.book!.sheets.find((each) => each.id === id)
const edit = (offcut: Offcut, change: Partial<Offcut>) => workshop.edit('offcuts', offcut, change)
function add() {
  const sheetId = workshop.offered('sheets')[0]?.id
  if (!sheetId) return
  const offcut: Offcut = {
    id: newId(),
    name: 'Offcut',
    sheetId,
    path: 'M0 0L200 0L200 150L0 150Z',
    place: '',
    sha256: '',
    fromBuildId: '',
    cutOn: localOf(new Date().toISOString(), zone.value).slice(0, 10),
  }
  workshop.edit('offcuts', offcut, {})
}
async function away(offcut: Offcut) {
  await workshop.remove('offcuts', offcut.id)
  shell.say(`${offcut.name} is off the shelf. Ctrl+Z brings it back.`)
}
const rounded = (mm: number) => Math.round(mm * 10) / 10
const WHAT = ['name', { field: 'sheetId', label: 'Of the sheet' }]
const WHERE = [
  { field: 'place', label: 'Where it lies' },
  { field: 'cutOn', label: 'Since' },
]
/** A rectangle; other outlines keep theirs until somebody types a size. */
function sides(offcut: Offcut) {
  const box = pathBox(offcut.path)
  const [w, h] = [rounded(box.w), rounded(box.h)]
  const rectangle = (wide: number, high: number) => ({
    path: `M0 0L${wide} 0L${wide} ${high}L0 ${high}Z`,
  })
  return [
    {
      field: 'path',
      label: 'Width',
      unit: 'mm',
      number: true,
      get: () => w,
      set: (wide: number) => rectangle(wide, h),
    },
    {
      field: 'path',
      label: 'Height',
      unit: 'mm',
      number: true,
      get: () => h,
      set: (high: number) => rectangle(w, high),
    },
  ]
}
const words = (offcut: Offcut) => {
  const box = pathBox(offcut.path)
  return `${fixed(box.w, 0)} × ${fixed(box.h, 0)}`
}
async function photo(offcut: Offcut, event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    const body = new FormData()
    body.append('file', file)
    const kept = await upload<{ sha256: string }>('/api/pictures', body)
    edit(offcut, { sha256: kept.sha256 })
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
</script>

<template>
  <p class="row">
    <span class="soft"
      >rests under 60 × 60 mm are not kept; typing a width or height makes a rectangle</span
    >
    <span class="grow" />
    <Button v-if="session.owner" class="quiet" size="small" label="Add an offcut" @click="add" />
  </p>
  <p v-if="!offcuts.length" class="soft">
    No offcut on the shelf. A finished job puts its rest here by itself.
  </p>
  <article v-for="offcut in offcuts" :key="offcut.id">
    <svg
      :viewBox="`-4 -4 ${pathBox(offcut.path).w + 8} ${pathBox(offcut.path).h + 8}`"
      role="img"
      :aria-label="`${offcut.name}, ${words(offcut)} mm`"
    >
      <g :transform="`translate(0 ${pathBox(offcut.path).h}) scale(1 -1)`">
        <path :d="offcut.path" :fill="sheet(offcut.sheetId)?.colourHex" fill-rule="evenodd" />
      </g>
    </svg>
    <ThingFields kind="offcuts" :thing="offcut" :fields="WHAT" />
    <div class="size">
      <ThingFields kind="offcuts" :thing="offcut" :fields="sides(offcut)" />
    </div>
    <ThingFields kind="offcuts" :thing="offcut" :fields="WHERE" />
    <span class="last">
      <img v-if="offcut.sha256" :src="`/api/pictures/${offcut.sha256}`" :alt="offcut.name" />
      <label class="photo">
        {{ offcut.sha256 ? 'another photo' : 'add a photo' }}
        <input
          type="file"
          accept="image/jpeg,image/png"
          class="visually-hidden"
          @change="photo(offcut, $event)"
        />
      </label>
      <Button
        v-if="session.owner"
        class="bare"
        size="small"
        label="used up"
        :aria-label="`${offcut.name} is used up`"
        @click="away(offcut)"
      />
    </span>
  </article>
</template>

<style scoped>
.size {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
article {
  display: grid;
  grid-template-columns: 110px 1.2fr 1.2fr 150px 1fr auto;
  gap: 12px;
  align-items: end;
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
svg {
  width: 110px;
  max-height: 74px;
}
path {
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
.last {
  display: flex;
  gap: 10px;
  align-items: center;
}
.last img {
  height: 44px;
}
.photo {
  text-decoration: underline;
  cursor: pointer;
}
.photo:focus-within {
  outline: 2px solid var(--ember);
}
</style>
