<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { get, newId, send } from '../api/client'
import type { LaidPiece, NestProgress, SheetLayout, SheetSize } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import { count } from '../ui/words'
import LaserPanel from './LaserPanel.vue'
import NestBest from './NestBest.vue'
import SheetArt from './SheetArt.vue'
import SizeTable from './SizeTable.vue'
import SheetNumbers from './SheetNumbers.vue'
import { useSearch } from './useSearch'
import { exact } from '../units/writing'

/** Pieces on sheets and offcuts: searched for, moved by hand, pinned, cut. */
const builds = useBuild()
const shell = useShell()
const workshop = useWorkshop()
const machined = ['LASER', 'ROUTER', 'BLADE']
const used = computed(() => {
  const ids = builds
    .build!.panels.filter((p) => machined.includes(p.cutMethod))
    .map((p) => p.sheetId)
  return workshop.book!.sheets.filter((s) => ids.includes(s.id))
})
const chosen = ref<string | null>(null)
/** Pieces of a sheet that are not cut. */
const waits = (sheetId: string) => {
  const ids = builds.build!.panels.filter((p) => p.sheetId === sheetId).map((p) => p.id)
  return builds.view!.make.pieces.some(
    (each) => ids.includes(each.panelId) && each.cut < each.wanted,
  )
}
const sheet = computed(
  () =>
    used.value.find((s) => s.id === chosen.value) ??
    used.value.find((s) => waits(s.id)) ??
    used.value[0],
)
const counts = computed(() => {
  const ids = builds.build!.panels.filter((p) => p.sheetId === sheet.value?.id).map((p) => p.id)
  return builds.view!.make.pieces.filter((each) => ids.includes(each.panelId))
})
const sum = (of: 'wanted' | 'laid' | 'cut') =>
  counts.value.reduce((total, each) => total + each[of], 0)
const layouts = computed(() =>
  builds.view!.make.layouts.filter((laid) => laid.layout.sheetId === sheet.value?.id),
)
const offcuts = computed(() =>
  workshop.book!.offcuts.filter((offcut) => offcut.sheetId === sheet.value?.id),
)
const onOffcuts = ref(true)
const seconds = ref(5)
const rotation = ref<'QUARTERS' | 'FREE' | 'NONE'>('QUARTERS')
const TURNS = [
  { value: 'QUARTERS', label: 'quarter turns' },
  { value: 'FREE', label: 'any turn' },
  { value: 'NONE', label: 'not turned' },
] as const
const picked = ref<{ layout: string; index: number } | null>(null)

const run = useSearch()
const searching = computed(() => !!run.now.value && !run.now.value.over)
const address = (what: string) => `/api/builds/${encodeURIComponent(builds.id)}/nest-runs${what}`
async function search() {
  if (!sheet.value) return
  const id = newId()
  try {
    run.follow(
      await send<NestProgress>('POST', address(''), {
        id,
        sheetId: sheet.value.id,
        onOffcuts: onOffcuts.value,
        rotation: rotation.value,
        seed: 1,
        seconds: seconds.value,
      }),
    )
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
async function stop() {
  const id = run.now.value?.id
  if (id) run.now.value = await send<NestProgress>('POST', address(`/${id}/stop`))
}
async function keep() {
  const id = run.now.value?.id
  if (!id) return
  try {
    const kept = await builds.act<{ layouts: number }>(`nest-runs/${id}/keep`)
    run.forget()
    picked.value = null
    shell.say(`${kept.layouts} sheets laid out. Ctrl+Z takes them back.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
const sizes = ref<SheetSize[]>([])
async function compare() {
  const query = `sheetId=${encodeURIComponent(sheet.value!.id)}`
  try {
    sizes.value = await get<SheetSize[]>(
      `/api/builds/${encodeURIComponent(builds.id)}/nest-runs/sizes?${query}`,
    )
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
watch(chosen, () => (sizes.value = []))
function away() {
  run.forget()
}
function change(layout: SheetLayout, index: number, with_: Partial<LaidPiece>) {
  builds.edit('layouts', layout, {
    pieces: layout.pieces.map((piece, i) => (i === index ? { ...piece, ...with_ } : piece)),
  })
}
const sheets = computed(() => used.value.map((s) => ({ value: s.id, label: s.name })))
</script>

<template>
  <p v-if="!sheet" class="soft">
    No part is cut by a machine yet. Draw one on Parts and choose the laser, the router or the blade
    cutter for it.
  </p>
  <template v-else>
    <div class="row bar">
      <ChoiceField
        label="Sheet"
        hide-label
        :model-value="sheet.id"
        :options="sheets"
        @update:model-value="chosen = $event"
      />
      <span class="mono">
        {{ count(sum('wanted'), 'pieces') }}: {{ sum('cut') }} cut, {{ sum('laid') }} laid out,
        {{ Math.max(0, sum('wanted') - sum('cut') - sum('laid')) }} open
      </span>
      <span class="soft">
        {{
          sheet.measuredThicknessMm
            ? `measured ${exact(sheet.measuredThicknessMm)} mm`
            : `not measured, sold as ${exact(sheet.thicknessMm)} mm`
        }}
        ·
        {{ sheet.onHandSheets }} whole in the rack · {{ count(offcuts.length, 'offcuts') }}
      </span>
    </div>
    <div class="row ask">
      <ChoiceField v-model="rotation" label="Turning" hide-label :options="[...TURNS]" />
      <MeasureField
        label="Search for"
        own
        whole
        unit="s"
        :model-value="seconds"
        @update:model-value="(value) => value !== null && (seconds = value)"
      />
      <CheckField v-model="onOffcuts" label="offcuts first" />
      <Button v-if="!searching" label="Lay out the pieces" @click="search" />
      <Button v-else class="quiet" label="Stop searching" @click="stop" />
      <Button class="bare" size="small" label="Would another size save?" @click="compare" />
    </div>
    <SizeTable v-if="sizes.length" :sizes="sizes" @away="sizes = []" />
    <NestBest v-if="run.now.value" :best="run.now.value" @keep="keep" @away="away" />
    <LaserPanel />
    <section v-for="laid in layouts" :key="laid.layout.id" class="sheet">
      <SheetArt
        :laid="laid"
        :sheet="sheet"
        :picked="picked?.layout === laid.layout.id ? picked.index : null"
        @pick="picked = { layout: laid.layout.id, index: $event }"
        @move="(index, xMm, yMm) => change(laid.layout, index, { xMm, yMm, pinned: true })"
      />
      <SheetNumbers
        :laid="laid"
        :sheet="sheet"
        :picked="picked?.layout === laid.layout.id ? picked.index : null"
        @change="(index, with_) => change(laid.layout, index, with_)"
      />
    </section>
    <p v-if="!layouts.length && !run.now.value" class="soft">
      Nothing is laid out on this sheet yet: until then what it needs is estimated by area at 85 %.
    </p>
  </template>
</template>

<style scoped>
.bar,
.ask {
  align-items: center;
  gap: 8px 18px;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.ask {
  padding-bottom: 2px;
}
.ask :deep(input) {
  max-width: 70px;
}
.sheet {
  display: grid;
  grid-template-columns: 1fr 292px;
  gap: 18px;
  border-top: 1px solid var(--line);
  padding-top: 10px;
  margin-top: 10px;
}
</style>
