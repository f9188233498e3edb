<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { get } from '../api/client'
import type { LayerStep, Proposal, Scheme } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import ColourField from '../ui/ColourField.vue'
import { count, duration } from '../ui/words'
import { differenceWords } from './layerWords'
import { fixed, said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Schemes from the stock for a colour, fewest hours first. */
const props = defineProps<{ scheme: Scheme }>()
const emit = defineEmits<{ take: [steps: LayerStep[], target: string]; close: [] }>()
const builds = useBuild()
const session = useSession()
const target = ref(
  props.scheme.targetHex ?? builds.build!.concept.look.palette[0]?.hex ?? '#808080',
)
const found = ref<Proposal[]>([])
const problem = ref('')
let asked = 0
async function look() {
  const mine = ++asked
  try {
    const answer = await get<Proposal[]>(
      `/api/builds/${encodeURIComponent(builds.id)}/schemes/${encodeURIComponent(props.scheme.id)}/proposals?target=${encodeURIComponent(target.value)}`,
    )
    if (mine !== asked) return
    found.value = answer
    problem.value = ''
  } catch (refusal) {
    if (mine === asked) problem.value = (refusal as Error).message
  }
}
watch([target, () => builds.view?.revision], look, { immediate: true })
const cans = (proposal: Proposal) =>
  Object.entries(proposal.cans)
    .map(([name, n]) => `${n} ${name}`)
    .join(', ')
</script>

<template>
  <section class="offers" aria-label="Schemes from stock">
    <div class="row">
      <span class="soft">for</span>
      <ColourField v-model="target" own label="Colour to come to" hide-label />
      <button
        v-for="colour in builds.build!.concept.look.palette"
        :key="colour.name"
        type="button"
        class="chip"
        :aria-pressed="colour.hex === target"
        @click="target = colour.hex"
      >
        <i :style="{ background: colour.hex }" />{{ colour.name }}
      </button>
      <span class="grow" />
      <Button class="bare" size="small" label="Close" @click="emit('close')" />
    </div>
    <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
    <table v-if="found.length" class="ledger">
      <thead>
        <tr>
          <th>Scheme</th>
          <th>Coat by coat</th>
          <th class="right">ΔE00</th>
          <th class="right">hands-on</th>
          <th class="right">until cured</th>
          <th>cans</th>
          <th v-if="session.owner" class="right">cost</th>
          <th>risk</th>
          <th><span class="visually-hidden">Take</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in found" :key="each.label + each.way + each.coats">
          <td>
            {{ each.label }}<br /><span class="soft"
              >{{ said(each.way) }}, {{ count(each.coats, 'coats') }}</span
            >
          </td>
          <td>
            <span class="swatches"
              ><i
                v-for="(swatch, at) in each.swatches"
                :key="at"
                :style="{ background: swatch.colour }"
                :title="`ΔE00 ${fixed(swatch.deltaE00, 1)}`"
            /></span>
          </td>
          <td class="right mono" :title="differenceWords(each.deltaE00)">
            {{ fixed(each.deltaE00, 1) }}
          </td>
          <td class="right mono">{{ duration(each.handsOnMinutes) }}</td>
          <td class="right mono">{{ fixed(each.elapsedMinutes / 1440, 1) }} days</td>
          <td>{{ cans(each) }}</td>
          <td v-if="session.owner" class="right mono">
            <MoneyFigure :of="each" name="costMinor" />
          </td>
          <td>{{ said(each.risks.join(' ') || 'none known') }}</td>
          <td>
            <Button
              size="small"
              class="quiet"
              label="Take"
              :aria-label="`Take ${each.label}, ${each.way}`"
              @click="emit('take', each.layers, target)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.offers {
  background: var(--paper);
  padding: 10px 14px;
  margin: 10px 0;
  overflow-x: auto;
}
.chip {
  font: inherit;
  font-size: 13px;
  display: inline-flex;
  gap: 6px;
  align-items: center;
  border: 1px solid transparent;
  background: none;
  color: var(--ink);
  padding: 3px 6px;
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  border-color: var(--ink);
}
.chip i {
  width: 16px;
  height: 16px;
  box-shadow: inset 0 0 0 1px var(--line);
}
table {
  font-size: 13px;
  margin-top: 6px;
}
.swatches {
  display: inline-flex;
}
.swatches i {
  width: 17px;
  height: 26px;
}
td {
  vertical-align: middle;
}
</style>
