<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Worked, Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import MeasureField from '../ui/MeasureField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { mm } from '../ui/words'
import SheetFrame from './SheetFrame.vue'

/** Layers in a cavity, drawn as they lie, with what stays free. */
const props = defineProps<{ sheet: Worksheet; answer: Worked | null }>()
const builds = useBuild()
type Stack = NonNullable<Worksheet['stack']>
const stack = computed(() => props.sheet.stack!)
const gap = computed(() => props.answer?.stack ?? null)
const edit = (change: Partial<Stack>) =>
  builds.edit('worksheets', props.sheet, { stack: { ...stack.value, ...change } })
const problem = (field: string) => builds.problem('worksheets', props.sheet.id, 'stack.' + field)
function layer(index: number, change: Partial<Stack['layers'][number]>) {
  edit({ layers: stack.value.layers.map((l, i) => (i === index ? { ...l, ...change } : l)) })
}
const add = () =>
  edit({ layers: [...stack.value.layers, { name: 'layer', nominalMm: 1, toleranceMm: 0.1 }] })
const good = computed(() => gap.value?.fitsWorst ?? null)
const verdict = computed(() =>
  gap.value
    ? `${mm(gap.value.gapMm)} free; ${mm(gap.value.worstGapMm)} at worst, ${mm(gap.value.statisticalGapMm)} statistically`
    : 'reckoning…',
)
const FIELDS = [
  { field: 'cavityMm', label: 'Cavity', unit: 'mm' },
  { field: 'cavityToleranceMm', label: '± cavity', unit: 'mm' },
  { field: 'wantedGapMm', label: 'Wanted free', unit: 'mm' },
] as const
const laid = computed(() => {
  const high = 150 / Math.max(stack.value.cavityMm, 1)
  let from = 0
  return stack.value.layers.map((l) => {
    from += l.nominalMm
    return { name: l.name, y: 154 - from * high, height: l.nominalMm * high }
  })
})
</script>

<template>
  <SheetFrame :sheet="sheet" :good="good" :why="gap?.why" :verdict="verdict">
    <div class="inside">
      <div class="form">
        <NumberFields :of="stack" :fields="FIELDS" :problem="problem" @change="edit" />
        <div v-for="(each, index) in stack.layers" :key="index" class="row layer">
          <TextField
            label="Layer"
            hide-label
            :model-value="each.name"
            :problem="problem(`layers.${index}.name`)"
            @update:model-value="(name) => layer(index, { name })"
          />
          <MeasureField
            :label="`Height of ${each.name}`"
            hide-label
            unit="mm"
            :model-value="each.nominalMm"
            :problem="problem(`layers.${index}.nominalMm`)"
            @update:model-value="(nominalMm) => nominalMm !== null && layer(index, { nominalMm })"
          />
          <MeasureField
            :label="`± ${each.name}`"
            hide-label
            unit="± mm"
            :model-value="each.toleranceMm"
            :problem="problem(`layers.${index}.toleranceMm`)"
            @update:model-value="
              (toleranceMm) => toleranceMm !== null && layer(index, { toleranceMm })
            "
          />
          <Button
            class="bare"
            size="small"
            label="Take out"
            :aria-label="`Take out ${each.name}`"
            @click="edit({ layers: stack.layers.filter((_, i) => i !== index) })"
          />
        </div>
        <Button class="bare start" size="small" label="Add a layer" @click="add" />
      </div>
      <svg width="250" height="162" role="img" :aria-label="`${sheet.name}: ${verdict}`">
        <rect x="4" y="4" width="150" height="150" class="cavity" />
        <g v-for="(each, index) in laid" :key="index">
          <rect
            x="4"
            :y="each.y"
            width="150"
            :height="each.height"
            :class="index % 2 ? 'odd' : 'even'"
          />
          <text v-if="each.height > 9" x="162" :y="each.y + each.height / 2 + 4">
            {{ each.name }}
          </text>
        </g>
      </svg>
    </div>
  </SheetFrame>
</template>

<style scoped>
.inside {
  display: grid;
  grid-template-columns: 1fr 250px;
  gap: 18px;
}
.form {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 150px));
  gap: 6px 14px;
}
.layer {
  grid-column: 1 / -1;
  align-items: center;
}
.layer :deep(.measure) {
  width: 142px;
}
.start {
  justify-self: start;
}
.cavity {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.even {
  fill: var(--kraft);
}
.odd {
  fill: color-mix(in srgb, var(--verdigris) 45%, var(--paper));
}
.even,
.odd {
  stroke: var(--ink);
  stroke-width: 0.8;
}
text {
  font-size: 12px;
  fill: var(--ink);
}
</style>
