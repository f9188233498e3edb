<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { upload } from '../api/client'
import type { KeptMesh, PrintPart } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import WhyButton from '../ui/WhyButton.vue'
import { duration } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import { exact, fixed, said } from '../units/writing'

/** Parts printed from a mesh: measured, drawn, and planned with one reprint in five. */
const builds = useBuild()
const workshop = useWorkshop()
const input = ref<HTMLInputElement | null>(null)
const problem = ref('')
const busy = ref(false)
const prints = computed(() => builds.view!.make.prints)
const filaments = computed(() =>
  workshop.book!.filaments.map((f) => ({ value: f.id, label: f.name })),
)
const hex = (id: string) =>
  (workshop.book!.filaments.find((f) => f.id === id)?.colourHex ?? '#8A8F94').slice(1)
const DOWN = ['−z', '+z', '−x', '+x', '−y', '+y'].map((label, index) => ({
  value: String(index),
  label: `${label} down`,
}))
const how = (print: PrintPart) => [
  { field: 'filamentId', label: 'Filament', options: filaments.value },
  {
    field: 'down',
    label: 'Lies on',
    options: DOWN,
    get: () => String(print.down),
    set: (down: string) => ({ down: Number(down) }),
  },
]
const NUMBERS = [
  { field: 'quantity', label: 'Pieces' },
  'infillPercent',
  { field: 'wallMm', label: 'Walls' },
  { field: 'inserts', label: 'Inserts in one', unit: '×' },
  { field: 'insertMm', label: 'Their thread M' },
]
const GUESSES = [
  'widthMm',
  'depthMm',
  'heightMm',
  { field: 'hours', label: 'Guess of hours', optional: true, hint: 'empty: as a box' },
  { field: 'grams', label: 'Guess of grams', optional: true, hint: 'empty: as a box' },
]
const USUAL = {
  face: 'FRONT',
  quantity: 1,
  infillPercent: 20,
  wallMm: 1.2,
  down: 0,
  inserts: 0,
  insertMm: 3,
} as const
const filament = () => workshop.offered('filaments')[0]?.id ?? 'none'
/** A part whose file comes later counts by its size until then. */
function plan() {
  builds.add('prints', {
    ...USUAL,
    name: 'New print',
    sha256: '',
    fileName: '',
    mesh: NO_MESH,
    filamentId: filament(),
    planned: { widthMm: 100, depthMm: 100, heightMm: 50 },
  } satisfies Omit<PrintPart, 'id'>)
}
const NO_MESH: PrintPart['mesh'] = {
  volumeMm3: 0,
  areaMm2: 0,
  sizeMm: [0, 0, 0],
  triangles: 0,
  closed: true,
  overhangShares: [0, 0, 0, 0, 0, 0],
}
/** The planned part that a file is brought in for; null for a new one. */
const awaited = ref<PrintPart | null>(null)
function bringIn(part: PrintPart | null) {
  awaited.value = part
  input.value?.click()
}
async function choose(event: Event) {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (!file) return
  busy.value = true
  problem.value = ''
  try {
    const body = new FormData()
    body.append('file', file)
    const kept = await upload<KeptMesh>('/api/meshes', body)
    const { sha256, fileName, mesh } = kept
    const brought = { sha256, fileName, mesh, planned: null }
    if (awaited.value) builds.edit('prints', awaited.value, brought)
    else
      builds.add('prints', {
        ...USUAL,
        ...brought,
        name: kept.fileName.replace(/\.stl$/i, '') || 'Print',
        filamentId: filament(),
      } satisfies Omit<PrintPart, 'id'>)
  } catch (refusal) {
    problem.value = (refusal as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <p class="row bar">
    <span class="soft">mass and time are ±30 %; one reprint in five is planned</span>
    <span class="grow" />
    <Button class="quiet" size="small" label="Plan one before its file" @click="plan" />
    <Button
      class="quiet"
      size="small"
      label="Bring in an STL"
      :disabled="busy"
      @click="bringIn(null)"
    />
  </p>
  <input
    ref="input"
    type="file"
    accept=".stl"
    class="visually-hidden"
    aria-label="Mesh to print"
    tabindex="-1"
    @change="choose"
  />
  <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
  <p v-if="!prints.length" class="soft">
    No print yet. Bring in a mesh (STL, up to 12 MB): its volume, whether it is closed, what
    overhangs, filament and hours follow. Or plan one by its size before its file is there.
  </p>
  <article v-for="{ part, figures } in prints" :key="part.id">
    <div v-if="part.planned" class="unseen">
      <p class="soft">Its file isn’t here yet: reckoned by size and guesses.</p>
      <Button
        class="quiet"
        size="small"
        label="Bring in its STL"
        :disabled="busy"
        @click="bringIn(part)"
      />
    </div>
    <img
      v-else
      :src="`/api/meshes/${part.sha256}/picture.png?size=240&hex=${hex(part.filamentId)}`"
      :alt="`${part.name}, seen from above at a slant`"
      width="240"
      height="240"
    />
    <section>
      <dl>
        <div>
          <dt>box</dt>
          <dd class="mono">{{ part.mesh.sizeMm.map((size) => fixed(size, 1)).join(' × ') }} mm</dd>
        </div>
        <div>
          <dt>volume</dt>
          <dd class="mono">{{ fixed(part.mesh.volumeMm3 / 1000, 1) }} cm³</dd>
        </div>
        <div v-if="!part.planned">
          <dt>closed</dt>
          <dd class="mono">{{ part.mesh.closed ? 'yes' : 'no' }}</dd>
        </div>
        <div>
          <dt>filament <WhyButton :why="figures.gramsWhy" of="Filament" /></dt>
          <dd class="mono">{{ fixed(figures.grams, 0) }} g ± 30 %</dd>
        </div>
        <div>
          <dt>printing <WhyButton :why="figures.minutesWhy" of="Printing time" /></dt>
          <dd class="mono">{{ duration(Math.round(figures.minutes)) }} ± 30 %</dd>
        </div>
        <div v-if="!part.planned">
          <dt>overhangs</dt>
          <dd class="mono">{{ fixed(figures.overhangShare * 100, 0) }} %</dd>
        </div>
        <div>
          <dt>shrinks</dt>
          <dd class="mono">{{ exact(figures.shrinkPercent) }} %</dd>
        </div>
        <div v-if="figures.insertHoleMm">
          <dt>insert hole</dt>
          <dd class="mono">{{ exact(figures.insertHoleMm) }} mm, walls ≥ {{ exact(1.5) }}</dd>
        </div>
        <div v-if="figures.cuts > 1">
          <dt>fits the printer in</dt>
          <dd class="mono">{{ figures.cuts }} pieces</dd>
        </div>
      </dl>
    </section>
    <section class="form">
      <ThingFields kind="prints" :thing="part" :fields="['name']" />
      <div v-if="part.planned" class="trio">
        <ThingFields kind="prints" :thing="part" within="planned" :fields="GUESSES" />
      </div>
      <div class="pair">
        <ThingFields kind="prints" :thing="part" :fields="how(part)" />
      </div>
      <div class="trio">
        <ThingFields kind="prints" :thing="part" given :fields="NUMBERS" />
      </div>
      <Button
        class="bare"
        size="small"
        :label="`Remove ${part.name}`"
        @click="builds.remove('prints', part.id)"
      />
    </section>
  </article>
</template>

<style scoped>
.bar {
  align-items: center;
  margin: 0 0 8px;
}
article {
  display: grid;
  grid-template-columns: 240px 1fr 300px;
  gap: 20px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  margin: 0;
}
dt {
  font-size: 12.5px;
  color: var(--smoke);
}
dd {
  margin: 0;
}
.unseen {
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 8px;
  padding: 16px;
  border: 1px dashed var(--line);
  min-height: 160px;
}
.form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
@media (max-width: 640px) {
  article {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
