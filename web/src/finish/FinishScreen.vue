<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Coats, Scheme, Workshop } from '../api/types'
import PickList from '../build/PickList.vue'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import SwatchChip from '../ui/SwatchChip.vue'
import TextField from '../ui/TextField.vue'
import TimeStrip from '../ui/TimeStrip.vue'
import WhyButton from '../ui/WhyButton.vue'
import { count, duration, plain } from '../ui/words'
import { coatRows } from './coatRows'

/** A scheme for a part: key, primer, colour, clear; drawn as a strip in time. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const picked = ref<string | null>(null)
const schemes = computed(() => builds.build!.schemes)
const scheme = computed(() => schemes.value.find((s) => s.id === picked.value) ?? schemes.value[0])
const plan = computed(() => builds.view!.schemes.find((p) => p.scheme.id === scheme.value?.id))
const tasks = computed(() =>
  builds.view!.tasks.filter((task) => task.task.thingId === scheme.value?.id),
)
const rows = computed(() => (plan.value ? coatRows(plan.value, tasks.value, builds.view!.now) : []))
const panels = computed(() => builds.build!.panels.map((p) => ({ value: p.id, label: p.name })))
const handsOn = computed(() => tasks.value.reduce((sum, t) => sum + t.task.handsOnMinutes, 0))
const waiting = computed(() => tasks.value.reduce((sum, t) => sum + t.task.waitMinutes, 0))
const cans = computed(() => builds.view!.needs.filter((line) => line.need.key.startsWith('paint:')))
const ml = computed(() => plan.value?.coats.reduce((sum, coat) => sum + coat.ml, 0) ?? 0)
const room = computed(() => workshop.book!.workshop.room)
const LAYERS = [
  { layer: 'primer', label: 'Primer', kinds: ['PRIMER'] },
  { layer: 'colour', label: 'Colour', kinds: ['COLOUR', 'METALLIC', 'CANDY', 'STAIN'] },
  { layer: 'clear', label: 'Clear', kinds: ['CLEAR'] },
] as const
type Layer = (typeof LAYERS)[number]['layer']

const edit = (change: Partial<Scheme>) => builds.edit('schemes', scheme.value, change)
const problem = (field: string) => builds.problem('schemes', scheme.value.id, field)
const paints = (kinds: readonly string[]) => [
  { value: '', label: 'none' },
  ...workshop
    .book!.paints.filter((paint) => kinds.includes(paint.kind))
    .map((paint) => ({ value: paint.id, label: paint.name })),
]
const paint = (id?: string) => workshop.book!.paints.find((each) => each.id === id)
function layer(name: Layer, change: Partial<Coats>) {
  const now = scheme.value[name] ?? { paintId: '', count: 2 }
  const next = { ...now, ...change }
  edit({ [name]: next.paintId ? next : null })
}
function add() {
  const panel = builds.build!.panels[0]
  if (!panel) return
  picked.value = builds.add('schemes', {
    name: `Finish of ${panel.name}`,
    panelId: panel.id,
    bothSides: false,
    primer: null,
    colour: null,
    clear: null,
  } satisfies Omit<Scheme, 'id'>)
}
function air(change: Partial<Workshop['room']>) {
  const settings = workshop.book!.workshop
  workshop.edit('workshops', settings, { room: { ...settings.room, ...change } })
}
const items = computed(() =>
  schemes.value.map((s) => ({
    id: s.id,
    name: s.name,
    detail: builds.build!.panels.find((p) => p.id === s.panelId)?.name ?? 'no part',
  })),
)
</script>

<template>
  <StageFrame title="Finish" note="coats and their waits" :capabilities="['finish']" :on-new="add">
    <template #actions>
      <Button
        class="quiet"
        label="Plan a finish"
        :disabled="builds.build!.panels.length === 0"
        @click="add"
      />
    </template>
    <p v-if="!scheme" class="soft">
      No finishes yet. Draw a part first, then plan its coats: cans, hours and waits follow.
    </p>
    <template v-else>
      <PickList label="Finishes" :items="items" :picked="scheme.id" @pick="picked = $event" />
      <section class="form">
        <TextField
          label="Name"
          required
          :model-value="scheme.name"
          @update:model-value="(name) => edit({ name })"
        />
        <ChoiceField
          label="On part"
          :model-value="scheme.panelId"
          :options="panels"
          @update:model-value="(panelId) => edit({ panelId })"
        />
        <span class="check">
          <Checkbox
            binary
            input-id="both"
            :model-value="scheme.bothSides"
            @update:model-value="(bothSides: boolean) => edit({ bothSides })"
          /><label for="both">both sides, back first</label>
        </span>
      </section>
      <ol class="coats" aria-label="Layers in order">
        <li v-for="each in LAYERS" :key="each.layer">
          <ChoiceField
            :label="each.label"
            :model-value="scheme[each.layer]?.paintId ?? ''"
            :options="paints(each.kinds)"
            @update:model-value="(paintId) => layer(each.layer, { paintId: paintId ?? '' })"
          />
          <MeasureField
            v-if="scheme[each.layer]"
            :label="`${each.label} coats`"
            unit="coats"
            :model-value="scheme[each.layer]!.count"
            :problem="problem(each.layer + '.count')"
            @update:model-value="(count) => count !== null && layer(each.layer, { count })"
          />
          <SwatchChip
            v-if="paint(scheme[each.layer]?.paintId)"
            :hex="paint(scheme[each.layer]?.paintId)!.colourHex"
            :name="paint(scheme[each.layer]?.paintId)!.base.toLowerCase().replace('_', '-')"
          />
        </li>
      </ol>
      <div class="row head">
        <h3>Coats in time</h3>
        <span class="soft">{{ room.temperatureC }} °C, {{ room.humidityPercent }} %</span>
        <span class="grow" />
        <span class="mono">hands {{ duration(handsOn) }} · waiting {{ duration(waiting) }}</span>
      </div>
      <TimeStrip v-if="rows.length" :rows="rows" :label="`Coats of ${scheme.name} in time`" />
      <p v-else class="soft">Choose a primer, a colour or a clear; the strip is drawn here.</p>
      <table v-if="cans.length" class="ledger cans">
        <thead>
          <tr>
            <th>Cans for the whole build</th>
            <th class="right">needed</th>
            <th class="right">on the shelf</th>
            <th>state</th>
            <th><span class="visually-hidden">Why</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in cans" :key="line.need.key">
            <td>{{ line.need.title }}</td>
            <td class="right mono">{{ count(line.need.quantity, line.need.unit) }}</td>
            <td class="right mono">{{ line.need.onHand }}</td>
            <td>{{ plain(line.state) }}</td>
            <td><WhyButton :why="line.need.why" :of="line.need.title" /></td>
          </tr>
        </tbody>
      </table>
      <Button
        class="bare"
        size="small"
        :label="`Remove ${scheme.name}`"
        @click="builds.remove('schemes', scheme.id)"
      />
    </template>
    <template #watch>
      <section class="air">
        <h3>Air of the spray corner</h3>
        <div v-if="session.owner" class="pair">
          <MeasureField
            label="Temperature"
            unit="°C"
            :model-value="room.temperatureC"
            :problem="workshop.problem('workshops', 'workshop', 'room.temperatureC')"
            @update:model-value="(value) => value !== null && air({ temperatureC: value })"
          />
          <MeasureField
            label="Humidity"
            unit="%"
            :model-value="room.humidityPercent"
            :problem="workshop.problem('workshops', 'workshop', 'room.humidityPercent')"
            @update:model-value="(value) => value !== null && air({ humidityPercent: value })"
          />
        </div>
        <p v-if="plan" class="mono soft">
          {{ ml.toFixed(0) }} ml wet on {{ plan.areaM2.toFixed(3) }} m² a side
        </p>
        <p class="soft">
          Product times are generic starting values; the can’s data sheet comes first.
        </p>
      </section>
    </template>
  </StageFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 14px;
  align-items: end;
}
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 36px;
}
.coats {
  list-style: none;
  padding: 0;
  margin: 12px 0 16px;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 16px;
}
.coats li {
  border-left: 3px solid var(--kraft);
  padding-left: 12px;
  display: grid;
  gap: 6px;
  align-content: start;
}
.head {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
.cans {
  margin: 14px 0 8px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
