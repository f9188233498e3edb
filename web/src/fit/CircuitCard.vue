<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed, ref, watch } from 'vue'
import { send } from '../api/client'
import type { Circuit, LoopHeat } from '../api/types'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import SettlingCurve from './SettlingCurve.vue'
import { exact, fixed, said } from '../units/writing'

/** One circuit: its chips with their margins, and what other fans, radiators or rooms would do. */
const props = defineProps<{ circuit: Circuit; roomC: number; warmed: boolean }>()
const SORTS = { LOOP: 'loop', SEALED: 'comes filled', AIR: 'in the air' }
const first = computed(() => props.circuit.radiators[0] ?? null)
const tried = ref(start())
const asked = ref<LoopHeat | null>(null)
const refusal = ref('')
function start() {
  const radiator = props.circuit.radiators[0]
  return {
    rpm: radiator?.rpm ?? 0,
    thicknessMm: radiator?.thicknessMm ?? 0,
    sections: radiator?.sections ?? 0,
    roomC: props.roomC,
  }
}
watch(
  () => [props.circuit, props.roomC],
  () => {
    tried.value = start()
    asked.value = null
  },
)
const changed = computed(() => JSON.stringify(tried.value) !== JSON.stringify(start()))
const heat = computed(() => (changed.value && asked.value) || props.circuit.normal || null)
let latest = 0
async function ask() {
  const mine = ++latest
  const { rpm, thicknessMm, sections, roomC } = tried.value
  try {
    const answer = await send<LoopHeat>('POST', '/api/calc/fit/loop', {
      heatW: props.circuit.heatW,
      radiators: props.circuit.radiators.map((radiator, index) => ({
        ...radiator,
        rpm,
        ...(index === 0 ? { thicknessMm, sections } : {}),
      })),
      coolantL: props.circuit.coolantL,
      copperKg: props.circuit.copperKg,
      roomC,
      airK: props.circuit.normal?.airK ?? 0,
      chips: props.circuit.chips,
    })
    if (mine === latest) {
      asked.value = answer
      refusal.value = ''
    }
  } catch (problem) {
    if (mine === latest) refusal.value = (problem as Error).message
  }
}
const SLIDERS = [
  { field: 'rpm', label: 'fans', unit: 'rpm', min: 400, max: 2400, step: 50 },
  { field: 'thicknessMm', label: 'thickness', unit: 'mm', min: 25, max: 60, step: 1 },
  { field: 'sections', label: 'sections', unit: '×', min: 1, max: 6, step: 1 },
  { field: 'roomC', label: 'room', unit: '°C', min: 10, max: 40, step: 1 },
] as const
function put(field: (typeof SLIDERS)[number]['field'], value: number | number[]) {
  tried.value = { ...tried.value, [field]: Array.isArray(value) ? value[0] : value }
  ask()
}
const sign = (margin: number) => (margin < 0 ? 'stop' : margin < 5 ? 'risk' : 'done')
</script>

<template>
  <article class="circuit" :aria-label="circuit.name">
    <header class="row">
      <h3>{{ circuit.name }}</h3>
      <span class="soft"
        >{{ SORTS[circuit.sort] }}, {{ fixed(circuit.heatW, 0) }} W in, air from
        {{ said(circuit.airFrom) }}</span
      >
      <WhyButton v-if="heat" :why="heat.why" :of="`Heat of ${circuit.name}`" />
      <span v-if="warmed && circuit.radiators.some((r) => r.factor < 1)" class="soft">
        breathes warmed air or through a panel
      </span>
    </header>
    <p v-if="circuit.problem" class="bad">{{ said(circuit.problem) }}</p>
    <p v-if="refusal" class="bad" role="alert">{{ said(refusal) }}</p>
    <p v-if="circuit.breathesCase && circuit.normal && circuit.hot" class="soft">
      The air it breathes is
      <span class="mono" data-figure="case-air">{{ fixed(circuit.normal.airK, 1) }} K</span> warmer
      than the room, on a hot day <span class="mono">{{ fixed(circuit.hot.airK, 1) }} K</span>: see
      Air.
    </p>
    <p v-if="heat?.remark" class="bad">{{ said(heat.remark) }}</p>
    <div class="inside">
      <table v-if="circuit.normal && circuit.hot && heat">
        <thead>
          <tr>
            <th scope="col">chip</th>
            <th scope="col">{{ changed ? 'as tried' : `at ${exact(circuit.normal.roomC)} °C` }}</th>
            <th scope="col">at {{ exact(circuit.hot.roomC) }} °C</th>
            <th scope="col">slows down</th>
            <th scope="col">left, hot room</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(chip, index) in circuit.hot.chips" :key="chip.name">
            <td><SignMark :kind="sign(chip.marginK)" /> {{ chip.name }}</td>
            <td class="mono">{{ fixed(heat.chips[index].temperatureC, 1) }} °C</td>
            <td class="mono">{{ fixed(chip.temperatureC, 1) }} °C</td>
            <td class="mono">{{ exact(chip.limitC) }} °C</td>
            <td class="mono">{{ fixed(chip.marginK, 1) }} K</td>
          </tr>
        </tbody>
      </table>
      <dl v-if="heat && first" class="figures">
        <dt>conductance</dt>
        <dd class="mono">{{ fixed(heat.conductance, 1) }} W/K</dd>
        <dt>coolant above that air</dt>
        <dd class="mono" data-figure="rise">{{ fixed(heat.riseK, 1) }} K</dd>
        <dt>settled after</dt>
        <dd class="mono">{{ fixed(heat.settleMinutes, 1) }} min</dd>
        <dt>coolant</dt>
        <dd class="mono">
          {{ fixed(circuit.coolantL, 2) }} l<template v-if="circuit.orderL"
            >, order {{ fixed(circuit.orderL, 1) }} l</template
          >
        </dd>
      </dl>
      <div v-if="first" class="tries">
        <label v-for="slider in SLIDERS" :key="slider.field">
          <span>{{ slider.label }}</span>
          <Slider
            :model-value="tried[slider.field]"
            :min="slider.min"
            :max="slider.max"
            :step="slider.step"
            :aria-label="`What if: ${slider.label} of ${circuit.name}`"
            @update:model-value="(value) => put(slider.field, value)"
          />
          <span class="mono">{{ exact(tried[slider.field]) }} {{ slider.unit }}</span>
        </label>
        <p class="soft">what if: nothing here is kept; a larger reservoir is slower, not cooler</p>
      </div>
      <SettlingCurve v-if="heat && first && heat.settling.length" :heat="heat" />
    </div>
  </article>
</template>

<style scoped>
.circuit {
  border-top: 1.5px solid var(--ink);
  padding: 8px 0 14px;
}
header {
  align-items: baseline;
}
h3 {
  font-size: 16px;
}
.inside {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 10px 28px;
  align-items: start;
}
table {
  grid-column: 1 / -1;
  border-collapse: collapse;
}
th {
  text-align: right;
  font-weight: 500;
  color: var(--smoke);
  font-size: 12.5px;
}
th:first-child,
td:first-child {
  text-align: left;
}
td {
  text-align: right;
  border-top: 1px solid var(--line);
  padding: 3px 0 3px 12px;
}
td:first-child {
  padding-left: 0;
}
.figures {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  margin: 0;
  grid-column: 1;
}
.figures dd {
  margin: 0;
  text-align: right;
}
.tries {
  grid-column: 1;
  display: grid;
  gap: 9px;
}
.tries label {
  display: grid;
  grid-template-columns: 76px 1fr 86px;
  gap: 14px;
  align-items: center;
}
.tries .mono {
  text-align: right;
}
p {
  margin: 0;
  font-size: 12.5px;
}
.inside > :deep(.settling) {
  grid-column: 2;
  grid-row: 2 / span 2;
}
</style>
