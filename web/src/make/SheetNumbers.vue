<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { LayoutResult, LaidPiece, SheetProduct } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import WhyButton from '../ui/WhyButton.vue'
import ThingFields from '../ui/ThingFields.vue'
import { useLaser } from './useLaser'
import { exact, fixed } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** What a sheet takes and what can be done with it; its picked piece by numbers. */
const props = defineProps<{ laid: LayoutResult; sheet: SheetProduct; picked: number | null }>()
const emit = defineEmits<{ change: [index: number, change: Partial<LaidPiece>] }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const laser = useLaser()
const layout = computed(() => props.laid.layout)
const piece = computed(() => (props.picked === null ? null : props.laid.pieces[props.picked]))
const machine = computed(() => workshop.book!.machines.find((m) => m.id === layout.value.machineId))
const setting = computed(
  () =>
    machine.value?.settings
      .filter((s) => s.material === props.sheet.material)
      .sort(
        (a, b) =>
          Math.abs(a.thicknessMm - props.sheet.thicknessMm) -
          Math.abs(b.thicknessMm - props.sheet.thicknessMm),
      )[0],
)
const waiting = computed(() => layout.value.pieces.filter((p) => p.state === 'PLANNED').length)
const busy = computed(() => !!laser.view && !laser.view.recorded)
const file = (form: string) =>
  `/api/builds/${encodeURIComponent(builds.id)}/layouts/${encodeURIComponent(layout.value.id)}${form}`
const at = computed(() => ({
  kind: 'layouts',
  thing: layout.value,
  within: `pieces.${props.picked}`,
  given: true,
}))
const PLACE = [
  { field: 'xMm', label: 'From left' },
  { field: 'yMm', label: 'From below' },
  { field: 'turnDegrees', label: 'Turned' },
]
const PINNED = { field: 'pinned', label: 'pinned: a new layout leaves it here' }
function changed({ pieces }: { pieces: LaidPiece[] }, more: Partial<LaidPiece> = {}) {
  emit('change', props.picked!, { ...pieces[props.picked!], ...more })
}
/** What was put somewhere by hand stays there. */
const moved = (change: { pieces: LaidPiece[] }) => changed(change, { pinned: true })
</script>

<template>
  <div class="numbers">
    <h3>{{ layout.name }}</h3>
    <dl>
      <template v-if="waiting">
        <dt>on the machine <WhyButton :why="laid.time.why" of="Machine time" /></dt>
        <dd class="mono">{{ fixed(laid.time.totalSeconds, 0) }} s</dd>
      </template>
      <dt>used length, covered</dt>
      <dd class="mono">{{ fixed(laid.utilisation * 100, 1) }} %</dd>
      <template v-if="session.owner">
        <dt>sheet and machine <WhyButton :why="laid.costWhy" of="Cost" /></dt>
        <dd class="mono"><MoneyFigure :of="laid" name="costMinor" /></dd>
      </template>
      <template v-if="laid.setUps > 1">
        <dt>shifted on the bed</dt>
        <dd class="mono">{{ laid.setUps }} set-ups</dd>
      </template>
      <template v-if="setting">
        <dt>{{ setting.confirmedBy ? 'tried by ' + setting.confirmedBy : 'try on scrap' }}</dt>
        <dd class="mono">
          {{ exact(setting.speedMmPerSecond) }} mm/s, {{ exact(setting.powerPercent) }} %,
          {{ setting.passes }} ×
        </dd>
      </template>
    </dl>
    <div v-if="piece" class="piece">
      <p>
        <b>{{ piece.title }}</b>
        <span class="soft mono">
          {{ fixed(piece.widthMm, 1) }} × {{ fixed(piece.heightMm, 1) }}</span
        >
      </p>
      <p v-if="piece.cutAs" class="soft">comes loose as number {{ piece.cutAs }}</p>
      <p v-if="piece.stale" class="bad">The part has changed since this piece was cut.</p>
      <p v-if="piece.collides" class="bad">It runs into its neighbour or off the sheet.</p>
      <template v-if="piece.piece.state === 'PLANNED'">
        <div class="trio">
          <ThingFields v-bind="at" :fields="PLACE" :edit="moved" />
        </div>
        <ThingFields v-bind="at" :fields="[PINNED]" :edit="changed" />
      </template>
    </div>
    <p class="row">
      <Button
        v-if="machine?.kind === 'LASER' && waiting"
        size="small"
        label="Cut this sheet"
        :disabled="busy"
        @click="laser.cut(layout.id)"
      />
      <a :href="file('/job-sheet.pdf')">Job sheet</a>
      <template v-if="waiting">
        <a :href="file('.svg')">SVG</a>
        <a :href="file('.dxf')">DXF</a>
        <a :href="file('.svg?kerf=false')">SVG without kerf</a>
      </template>
    </p>
    <Button
      v-if="layout.state === 'PLANNED'"
      class="bare"
      size="small"
      label="Take this sheet apart"
      @click="builds.remove('layouts', layout.id)"
    />
  </div>
</template>

<style scoped>
.numbers {
  display: grid;
  gap: 8px;
  align-content: start;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 10px;
  margin: 0;
}
dt,
dd {
  margin: 0;
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
dd {
  text-align: right;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
p {
  margin: 3px 0;
}
.row {
  align-items: center;
  gap: 12px;
}
</style>
