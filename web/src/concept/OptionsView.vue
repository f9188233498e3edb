<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import type { Face, FaceView, OptionModel } from '../api/types'
import { useDraft } from '../store/draft'
import { useFresh } from '../store/live'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, duration, money, plain } from '../ui/words'
import FaceArt from './FaceArt.vue'
import { useConcept } from './useConcept'
import { said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Up to four concepts of one brief side by side, with numbers derived from each one's own parts. */
const builds = useBuild()
const concept = useConcept()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const options = computed(() => concept.options)
const table = computed(() => options.value.find((option) => option.onTheTable))
const loading = ref(true)
async function refresh() {
  await concept.loadOptions().catch((refusal) => shell.say(refusal.message))
  loading.value = false
}
onMounted(refresh)
useFresh(() => concept.loadOptions())

const seen = ref<Face>('LEFT')
function view(option: OptionModel): FaceView | null {
  const face = option.faces.find((each) => each.face === seen.value)
  return face ? { elevation: face, dusk: {} } : null
}
async function act(what: string, body: unknown, said: string) {
  try {
    await builds.act(what, body)
    await refresh()
    shell.say(said)
    return true
  } catch (refusal) {
    shell.say((refusal as Error).message)
    return false
  }
}
const name = useDraft(`option:${builds.id}`, '')
async function copy(option: OptionModel) {
  const made = await act(
    'options',
    { ofLetter: option.letter, name: name.value.trim() || `Like ${option.letter}` },
    `A copy of ${option.letter} lies beside it now: bring it to the table and change it.`,
  )
  if (made) name.value = ''
}
const bring = (option: OptionModel) =>
  act('table', { letter: option.letter }, `Option ${option.letter} is on the table.`)
async function drop(option: OptionModel) {
  const id = builds.view!.putAside[option.letter]
  if (!id) return
  await builds.remove('options', id)
  await refresh()
  shell.say(`Option ${option.letter} is taken away. Ctrl+Z brings it back.`)
}
const signed = (value: number, words: string) => (value < 0 ? '−' : '+') + words
function against(option: OptionModel): string {
  if (!table.value || option.onTheTable) return ''
  const minutes = option.minutes.likely - table.value.minutes.likely
  const price = option.offer.likelyMinor - table.value.offer.likelyMinor
  const parts = session.owner ? [signed(price, money(Math.abs(price), workshop.currency))] : []
  return [...parts, signed(minutes, duration(Math.abs(minutes)))].join(', ')
}
const sheet = (option: OptionModel) => `${concept.base}/concept-sheet.pdf?letter=${option.letter}`
const FACES = (['LEFT', 'FRONT', 'RIGHT', 'TOP'] as Face[]).map((value) => ({
  value,
  label: plain(value),
}))
</script>

<template>
  <p v-if="loading" class="soft" role="status">Working the options out…</p>
  <template v-else>
    <div class="row bar">
      <ChoiceStrip v-model="seen" label="Face shown" :options="FACES" />
      <span class="soft"
        >the same brief; what differs is said below. Ranges: rough ±40 %, sized ±20 %, detailed ±10
        % (defaults)</span
      >
    </div>
    <table class="side">
      <thead>
        <tr>
          <td />
          <th v-for="option in options" :key="option.letter" scope="col">
            <span class="letter">{{ option.letter }}</span> {{ option.name || 'no name yet' }}
            <span v-if="option.onTheTable" class="here">on the table</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr class="pictures">
          <th scope="row">{{ plain(seen) }} face</th>
          <td v-for="option in options" :key="option.letter">
            <svg
              v-if="view(option)"
              :viewBox="`0 0 ${view(option)!.elevation.widthMm} ${view(option)!.elevation.heightMm}`"
              role="img"
              :aria-label="`${plain(seen)} face of option ${option.letter}`"
            >
              <FaceArt :view="view(option)!" :dusk="false" />
            </svg>
            <span v-else class="soft">no outer size yet</span>
          </td>
        </tr>
        <tr>
          <th scope="row">palette</th>
          <td v-for="option in options" :key="option.letter">
            <span class="strip" :title="option.palette.map((c) => c.name).join(', ')">
              <i v-for="c in option.palette" :key="c.name" :style="{ background: c.hex }" />
            </span>
            <span class="visually-hidden">{{ option.palette.map((c) => c.name).join(', ') }}</span>
          </td>
        </tr>
        <tr v-if="session.owner">
          <th scope="row">price with tax</th>
          <td v-for="option in options" :key="option.letter" class="mono">
            <MoneyFigure :of="option.offer" name="lowMinor" /> –
            <MoneyFigure :of="option.offer" name="highMinor" />
            <WhyButton :why="option.offer.why" :of="`Price of option ${option.letter}`" />
          </td>
        </tr>
        <tr>
          <th scope="row">hours</th>
          <td v-for="option in options" :key="option.letter" class="mono">
            {{ duration(option.minutes.low) }} – {{ duration(option.minutes.high) }}
          </td>
        </tr>
        <tr>
          <th scope="row">worked out</th>
          <td v-for="option in options" :key="option.letter">{{ plain(option.detail) }}</td>
        </tr>
        <tr>
          <th scope="row">planned finish</th>
          <td v-for="option in options" :key="option.letter" class="mono">
            {{ option.finish ? day(option.finish) : '—' }}
          </td>
        </tr>
        <tr>
          <th scope="row">asked for</th>
          <td v-for="option in options" :key="option.letter">
            <span class="mono"
              >{{ option.coverage.answered }} answered · {{ option.coverage.failed }} failed ·
              {{ option.coverage.open }} open</span
            >
            <span v-if="option.openMusts.length" class="small"
              >musts open: {{ said(option.openMusts.join(', ')) }}</span
            >
          </td>
        </tr>
        <tr>
          <th scope="row">findings</th>
          <td v-for="option in options" :key="option.letter" class="mono">
            {{ option.stops }} stops · {{ option.risks }} risks
          </td>
        </tr>
        <tr>
          <th scope="row">outside work</th>
          <td v-for="option in options" :key="option.letter">
            {{ option.outside.length ? option.outside.join(', ') : 'none' }}
          </td>
        </tr>
        <tr>
          <th scope="row">against {{ table?.letter }}</th>
          <td v-for="option in options" :key="option.letter">
            <template v-if="!option.onTheTable">
              <strong class="mono">{{ against(option) }}</strong>
              <ul>
                <li v-for="line in option.differences.slice(0, 6)" :key="line">{{ said(line) }}</li>
              </ul>
              <details v-if="option.differences.length > 6">
                <summary>{{ option.differences.length - 6 }} more</summary>
                <ul>
                  <li v-for="line in option.differences.slice(6)" :key="line">{{ said(line) }}</li>
                </ul>
              </details>
            </template>
          </td>
        </tr>
        <tr class="acts">
          <td />
          <td v-for="option in options" :key="option.letter">
            <Button
              v-if="!option.onTheTable && session.owner"
              class="quiet"
              size="small"
              label="Bring to the table"
              :aria-label="`Bring option ${option.letter} to the table`"
              @click="bring(option)"
            />
            <Button
              v-if="options.length < 4"
              class="bare"
              size="small"
              label="Copy"
              :aria-label="`Copy option ${option.letter}`"
              @click="copy(option)"
            />
            <Button
              v-if="!option.onTheTable"
              class="bare"
              size="small"
              label="Take away"
              :aria-label="`Take option ${option.letter} away`"
              @click="drop(option)"
            />
            <a v-if="session.owner" :href="sheet(option)">Sheet for the client, PDF</a>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="options.length < 4" class="name">
      <TextField v-model="name" own label="Name of the next copy" />
    </p>
  </template>
</template>

<style scoped>
.bar {
  align-items: center;
  margin-bottom: 8px;
  font-size: 13px;
}
.side {
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
}
.side th,
.side td {
  text-align: left;
  vertical-align: top;
  padding: 5px 16px 5px 0;
  border-bottom: 1px solid var(--line);
}
.side thead th {
  font-family: var(--head);
  font-size: 17px;
  font-variation-settings: 'wdth' 84;
  border-bottom: 1.5px solid var(--ink);
}
.side tbody th {
  font-weight: 600;
  color: var(--smoke);
  font-size: 13px;
}
.side th:first-child,
.side td:first-child {
  width: 104px;
}
.letter {
  color: var(--ember);
}
.here {
  font-family: var(--text);
  font-size: 12px;
  font-weight: 600;
  background: var(--ink);
  color: var(--paper);
  padding: 1px 7px;
}
.pictures svg {
  max-width: 100%;
  height: 168px;
}
.strip {
  display: inline-flex;
  border: 1px solid var(--line);
}
.strip i {
  width: 30px;
  height: 16px;
}
.small {
  display: block;
  font-size: 12.5px;
  color: var(--smoke);
}
ul {
  margin: 2px 0;
  padding-left: 15px;
  font-size: 12.5px;
}
details {
  font-size: 12.5px;
}
.acts a {
  display: block;
  font-size: 13px;
  margin-top: 5px;
}
.name {
  max-width: 280px;
}
</style>
