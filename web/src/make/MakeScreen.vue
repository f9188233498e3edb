<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Panel } from '../api/types'
import PickList from '../build/PickList.vue'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { duration } from '../ui/words'
import PanelDrawing from './PanelDrawing.vue'

/** Panels drawn to scale as they are typed; all figures come from the core. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const picked = ref<string | null>(null)
const panels = computed(() => builds.build!.panels)
const panel = computed(() => panels.value.find((p) => p.id === picked.value) ?? panels.value[0])
const part = computed(() => builds.view!.parts.find((p) => p.panel.id === panel.value?.id))
const sheet = computed(() => workshop.book!.sheets.find((s) => s.id === panel.value?.sheetId))
const findings = computed(() =>
  builds.view!.findings.filter((finding) => finding.thingId === panel.value?.id),
)
const tasks = computed(() =>
  builds.view!.tasks.filter(
    (task) => task.task.thingId === panel.value?.id && task.task.stage === 'MAKE',
  ),
)
const sheets = computed(() => workshop.book!.sheets.map((s) => ({ value: s.id, label: s.name })))
const FACES = (['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM'] as const).map((value) => ({
  value,
  label: value.toLowerCase(),
}))
const METHODS = [
  { value: 'LASER', label: 'laser' },
  { value: 'SAW', label: 'saw' },
  { value: 'SCORE_AND_SNAP', label: 'score and snap' },
  { value: 'OUTSIDE', label: 'outside work' },
] as const

const edit = (change: Partial<Panel>) => builds.edit('panels', panel.value, change)
const problem = (field: string) => builds.problem('panels', panel.value.id, field)
function number(field: 'widthMm' | 'heightMm' | 'quantity', value: number | null) {
  if (value !== null) edit({ [field]: value })
}
function hole(field: 'insetMm' | 'greatestPitchMm' | 'diameterMm', value: number | null) {
  if (value !== null && panel.value.holes) edit({ holes: { ...panel.value.holes, [field]: value } })
}
function opening(field: 'xMm' | 'yMm' | 'widthMm' | 'heightMm', value: number | null) {
  if (value !== null && panel.value.window)
    edit({ window: { ...panel.value.window, [field]: value } })
}
function add() {
  const sheetId = workshop.book!.sheets[0]?.id
  if (!sheetId) return
  picked.value = builds.add('panels', {
    name: 'New panel',
    face: 'LEFT',
    sheetId,
    widthMm: 300,
    heightMm: 200,
    quantity: 1,
    window: null,
    holes: { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 },
    cutMethod: 'LASER',
    outsidePriceMinor: 0,
  } satisfies Omit<Panel, 'id'>)
}
function withWindow(on: boolean) {
  const { widthMm: w, heightMm: h } = panel.value
  edit({ window: on ? { xMm: w / 4, yMm: h / 4, widthMm: w / 2, heightMm: h / 2 } : null })
}
function withHoles(on: boolean) {
  edit({ holes: on ? { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 } : null })
}
const items = computed(() =>
  panels.value.map((p) => ({
    id: p.id,
    name: p.name,
    detail: `${p.widthMm} × ${p.heightMm}${p.quantity > 1 ? ` × ${p.quantity}` : ''}`,
  })),
)
</script>

<template>
  <StageFrame title="Make" note="parts cut here, to scale" :capabilities="['make']" :on-new="add">
    <template #actions><Button class="quiet" label="Draw a panel" @click="add" /></template>
    <p v-if="!panel" class="soft">
      No parts yet. Draw the first panel: its cut time, mass, sheet and place in the week follow.
    </p>
    <template v-else>
      <PickList label="Panels" :items="items" :picked="panel.id" @pick="picked = $event" />
      <div class="bench">
        <section>
          <PanelDrawing :panel="panel" :part="part" :sheet="sheet" :findings="findings" />
          <p v-if="part?.problem" class="bad" role="alert">{{ part.problem }}</p>
          <dl v-if="part?.figures" class="figures">
            <div>
              <dt>area</dt>
              <dd class="mono">{{ (part.figures.areaMm2 / 100).toFixed(1) }} cm²</dd>
            </div>
            <div>
              <dt>mass <WhyButton :why="part.figures.massWhy" of="Mass" /></dt>
              <dd class="mono">{{ (part.figures.massKg * 1000).toFixed(0) }} g</dd>
            </div>
            <div>
              <dt>contour</dt>
              <dd class="mono">{{ part.figures.contourMm.toFixed(0) }} mm</dd>
            </div>
            <div v-if="panel.cutMethod === 'LASER'">
              <dt>cut <WhyButton :why="part.figures.cutWhy" of="Cut time" /></dt>
              <dd class="mono">{{ part.figures.cutSeconds.toFixed(0) }} s</dd>
            </div>
            <div v-if="part.figures.holeCount">
              <dt>holes</dt>
              <dd class="mono">
                {{ part.figures.holeCount }} at {{ part.figures.holePitchMm.toFixed(1) }} /
                {{ part.figures.sidePitchMm.toFixed(1) }} mm
              </dd>
            </div>
          </dl>
          <table v-if="tasks.length" class="ledger">
            <tbody>
              <tr v-for="task in tasks" :key="task.task.key">
                <td>{{ task.task.title }}</td>
                <td class="right mono">
                  {{ duration(task.task.handsOnMinutes) }}
                  <WhyButton :why="task.task.why" :of="task.task.title" />
                </td>
                <td class="soft">{{ task.doneAt ? 'done' : '' }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section class="form">
          <TextField
            label="Name"
            required
            :model-value="panel.name"
            :problem="problem('name')"
            @update:model-value="(name) => edit({ name })"
          />
          <div class="pair">
            <MeasureField
              label="Width"
              quantity="length"
              unit="mm"
              :model-value="panel.widthMm"
              :problem="problem('widthMm')"
              @update:model-value="(value) => number('widthMm', value)"
            />
            <MeasureField
              label="Height"
              quantity="length"
              unit="mm"
              :model-value="panel.heightMm"
              :problem="problem('heightMm')"
              @update:model-value="(value) => number('heightMm', value)"
            />
          </div>
          <ChoiceField
            label="Sheet"
            :model-value="panel.sheetId"
            :options="sheets"
            :hint="sheet?.measuredThicknessMm ? `measured ${sheet.measuredThicknessMm} mm` : ''"
            @update:model-value="(sheetId) => edit({ sheetId })"
          />
          <div class="pair three">
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
            :model-value="panel.outsidePriceMinor"
            @update:model-value="(price) => edit({ outsidePriceMinor: price ?? 0 })"
          />
          <fieldset>
            <legend>
              <Checkbox
                binary
                input-id="has-window"
                :model-value="!!panel.window"
                @update:model-value="withWindow"
              />
              <label for="has-window">Window</label>
            </legend>
            <div v-if="panel.window" class="pair">
              <MeasureField
                v-for="field in ['xMm', 'yMm', 'widthMm', 'heightMm'] as const"
                :key="field"
                :label="
                  {
                    xMm: 'From left',
                    yMm: 'From below',
                    widthMm: 'Opening width',
                    heightMm: 'Opening height',
                  }[field]
                "
                quantity="length"
                unit="mm"
                :model-value="panel.window[field]"
                :problem="problem('window.' + field)"
                @update:model-value="(value) => opening(field, value)"
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
            <div v-if="panel.holes" class="pair three">
              <MeasureField
                v-for="field in ['insetMm', 'greatestPitchMm', 'diameterMm'] as const"
                :key="field"
                :label="
                  { insetMm: 'Inset', greatestPitchMm: 'Pitch, most', diameterMm: 'Diameter' }[
                    field
                  ]
                "
                quantity="length"
                unit="mm"
                :model-value="panel.holes[field]"
                :problem="problem('holes.' + field)"
                @update:model-value="(value) => hole(field, value)"
              />
            </div>
          </fieldset>
          <Button
            class="bare"
            size="small"
            :label="`Remove ${panel.name}`"
            @click="builds.remove('panels', panel.id)"
          />
        </section>
      </div>
    </template>
  </StageFrame>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 1fr 292px;
  gap: 22px;
}
.form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
}
.three {
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
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 4px 0 10px;
}
dt {
  font-size: 12.5px;
  color: var(--smoke);
}
dd {
  margin: 0;
  font-size: 14px;
}
</style>
