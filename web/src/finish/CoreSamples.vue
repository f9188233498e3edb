<script setup lang="ts">
import { computed } from 'vue'
import type { Scheme, SchemeModel } from '../api/types'
import { placeLabels } from '../ui/labels'

/** Cores drilled through the finish, one for each of the largest regions, the front on top. */
const props = defineProps<{ model: SchemeModel; scheme: Scheme; picked: string | null }>()
const MOST = 4
const WIDE = 172
const SHEET = 52
const COAT = 7
const cores = computed(() => {
  const found = [...props.model.layers.regions]
    .sort(
      (a, b) =>
        Number(b.shapes.length === 0) - Number(a.shapes.length === 0) || b.areaMm2 - a.areaMm2,
    )
    .slice(0, MOST)
  const width = (WIDE - 8 * (found.length - 1)) / Math.max(1, found.length)
  return found.map((region, index) => {
    const sheet = region.pile.findIndex((slice) => slice.name === 'sheet')
    const heights = region.pile.map((slice) =>
      slice.name === 'sheet' ? SHEET : slice.name === 'engraved' ? 4 : 6 + COAT * slice.coats,
    )
    const above = heights.slice(0, sheet).reduce((sum, h) => sum + h, 0)
    let y = -above
    const slices = region.pile.map((slice, at) => {
      const placed = { ...slice, y, height: heights[at], sheet: at === sheet }
      y += heights[at]
      return placed
    })
    return { region, x: index * (width + 8), width, slices, above, below: y }
  })
})
const above = computed(() => Math.max(0, ...cores.value.map((core) => core.above)))
const below = computed(() => Math.max(SHEET, ...cores.value.map((core) => core.below)))
const height = computed(() => above.value + below.value + (front.value ? 54 : 80))
const top = computed(() => 34 + above.value)
const front = computed(() => props.scheme.seenFrom === 'FRONT')
/** Names under the cores; where they don't all fit, numbers, said in the list below. */
const names = computed(() => {
  const y = below.value + 9
  const labels = cores.value.map((core, index) => ({
    key: String(index),
    text: core.region.name,
    places: [{ x: core.x + core.width / 2, y }],
  }))
  const { listed } = placeLabels(labels, { x: 0, y: y - 20, width: WIDE, height: 40 })
  const numbered = listed.length > 0
  return {
    numbered,
    shown: labels.map(({ text, places }, index) => ({
      text: numbered ? `${index + 1}` : text,
      x: places[0].x,
    })),
  }
})
</script>

<template>
  <section class="cores">
    <h3>Cores through it</h3>
    <svg :width="WIDE" :height="height" role="img" :aria-label="`Layers of ${model.partName}`">
      <g :transform="`translate(${WIDE / 2} ${front ? 14 : height - 16})`" class="eye">
        <path d="M-15 0Q0 -11 15 0Q0 11 -15 0Z" />
        <circle r="4" />
        <text x="22" y="4">seen</text>
      </g>
      <g v-for="core in cores" :key="core.x" :transform="`translate(${core.x} ${top})`">
        <g v-for="(slice, at) in core.slices" :key="at">
          <rect
            x="0.5"
            :y="slice.y + 0.5"
            :width="core.width - 1"
            :height="slice.height - 1"
            :fill="slice.sheet && model.clear ? '#E4EEF0' : slice.hex"
            :class="{ picked: slice.stepId && slice.stepId === picked, sheet: slice.sheet }"
          />
          <path
            v-if="slice.sheet && model.clear"
            :d="`M${core.width * 0.3} ${slice.y + 6}l-6 ${SHEET - 12}M${core.width * 0.75} ${slice.y + 6}l-6 ${SHEET - 12}`"
            class="gleam"
          />
        </g>
      </g>
      <text
        v-for="name in names.shown"
        :key="name.x"
        :x="name.x"
        :y="top + below + 14"
        class="name"
        :class="{ mono: names.numbered }"
      >
        {{ name.text }}
      </text>
    </svg>
    <ol v-if="names.numbered" class="names" aria-label="The cores from the left">
      <li v-for="core in cores" :key="core.x">{{ core.region.name }}</li>
    </ol>
    <ol class="soft" :aria-label="`Layers of the field, front first`">
      <li v-for="(slice, at) in cores[0]?.slices ?? []" :key="at">
        {{ slice.name
        }}<template v-if="slice.coats"
          >, <span class="mono">{{ slice.coats }} ×</span></template
        >
      </li>
    </ol>
  </section>
</template>

<style scoped>
svg {
  display: block;
  margin-top: 6px;
}
rect {
  stroke: var(--smoke);
  stroke-width: 0.8;
}
rect.sheet {
  stroke: var(--slate);
}
rect.picked {
  stroke: var(--ember);
  stroke-width: 2.4;
}
.gleam {
  stroke: #fff;
  stroke-width: 2;
  fill: none;
}
.eye path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.eye circle {
  fill: var(--ink);
}
text {
  font-size: 12px;
  fill: var(--smoke);
}
.name {
  text-anchor: middle;
}
ol.names {
  margin-bottom: 6px;
}
ol {
  margin: 2px 0 0;
  padding-left: 18px;
  font-size: 12.5px;
}
</style>
