<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { WorksheetResult, Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import { mm } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import WorksheetFrame from './WorksheetFrame.vue'

/** Layers in a cavity, drawn as they lie, with what stays free. */
const props = defineProps<{ sheet: Worksheet; answer: WorksheetResult | null }>()
const builds = useBuild()
type Stack = NonNullable<Worksheet['stack']>
const stack = computed(() => props.sheet.stack!)
const gap = computed(() => props.answer?.stack ?? null)
const edit = (change: Partial<Stack>) =>
  builds.edit('worksheets', props.sheet, { stack: { ...stack.value, ...change } })
const add = () =>
  edit({ layers: [...stack.value.layers, { name: 'layer', nominalMm: 1, toleranceMm: 0.1 }] })
const good = computed(() => gap.value?.fitsWorst ?? null)
const verdict = computed(() =>
  gap.value
    ? `${mm(gap.value.gapMm)} free; ${mm(gap.value.worstGapMm)} at worst, ${mm(gap.value.statisticalGapMm)} statistically`
    : 'reckoning…',
)
const FIELDS = [
  'cavityMm',
  { field: 'cavityToleranceMm', label: '± cavity' },
  { field: 'wantedGapMm', label: 'Wanted free' },
]
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
  <WorksheetFrame :sheet="sheet" :good="good" :why="gap?.why" :verdict="verdict">
    <div class="inside">
      <div class="form">
        <ThingFields kind="worksheets" :thing="sheet" within="stack" :fields="FIELDS" />
        <div v-for="(each, index) in stack.layers" :key="index" class="row layer">
          <ThingFields
            kind="worksheets"
            :thing="sheet"
            :within="`stack.layers.${index}`"
            :fields="[
              { field: 'name', label: 'Layer', hideLabel: true },
              { field: 'nominalMm', label: `Height of ${each.name}`, hideLabel: true },
              {
                field: 'toleranceMm',
                label: `± ${each.name}`,
                unit: '± mm',
                hideLabel: true,
              },
            ]"
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
  </WorksheetFrame>
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
