<script setup lang="ts">
import { computed } from 'vue'
import { layOut, type StripRow } from './timeStrip'
import { useWidth } from './useWidth'

/** Work and waits on a time axis, to scale, one row each. Kinds differ by pattern and colour. */
const props = defineProps<{ rows: StripRow[]; label: string }>()

const HATCHED = ['cure', 'wait', 'shut']
const { width } = useWidth('sized')
const strip = computed(() => layOut(props.rows, width.value))
const shut = computed(() =>
  props.rows.some((row) => row.pieces.some((piece) => piece.kind === 'shut')),
)
</script>

<template>
  <div ref="sized" class="strip">
    <svg :width="width" :height="strip.height" role="img" :aria-label="label">
      <defs>
        <pattern
          id="cure-hatch"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
        </pattern>
      </defs>
      <line
        v-for="tick in strip.ticks"
        :key="tick.text + tick.x"
        :x1="tick.x"
        y1="0"
        :x2="tick.x"
        :y2="strip.bars + 4"
        class="tick"
      />
      <text
        v-for="word in strip.axis"
        :key="word.key"
        :x="word.x"
        :y="strip.height - 6"
        class="axis"
      >
        {{ word.text }}
      </text>
      <path
        v-if="strip.fold !== null"
        class="fold"
        :d="`M${strip.fold + 5} 0l-6 ${strip.height / 5}l6 ${strip.height / 5}l-6 ${strip.height / 5}`"
      />
      <g
        v-for="(row, index) in strip.rows"
        :key="row.name + index"
        :transform="`translate(0 ${row.y})`"
      >
        <text x="0" :y="strip.top ? 13 : 14" class="name">{{ row.name }}</text>
        <template v-for="(piece, place) in row.pieces" :key="place">
          <rect
            :x="piece.x"
            :y="strip.top + 1"
            :width="piece.width"
            height="17"
            :class="piece.kind"
          />
          <rect
            v-if="HATCHED.includes(piece.kind)"
            :x="piece.x"
            :y="strip.top + 1"
            :width="piece.width"
            height="17"
            fill="url(#cure-hatch)"
          />
        </template>
      </g>
      <text
        v-for="word in strip.inside"
        :key="word.key"
        :x="word.x"
        :y="word.y + 4.5"
        class="inside"
      >
        {{ word.text }}
      </text>
      <text v-for="word in strip.notes" :key="word.key" :x="word.x" :y="word.y + 4.5" class="note">
        {{ word.text }}
      </text>
    </svg>
    <ul v-if="strip.listed.length" class="rest soft">
      <li v-for="each in strip.listed" :key="each">{{ each }}</li>
    </ul>
    <p class="legend soft" aria-hidden="true">
      <span><i class="hands" /> hands-on</span><span><i class="flash" /> flash</span
      ><span><i class="recoat" /> recoat window</span
      ><span v-if="shut"><i class="shut" /> window shut before the next coat</span
      ><span><i class="handle" /> to handle</span><span><i class="cure" /> cure</span>
    </p>
  </div>
</template>

<style scoped>
.strip {
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
.tick {
  stroke: var(--line);
  stroke-dasharray: 1.5 4;
}
text {
  font-size: 12px;
  fill: var(--ink);
}
.axis {
  font-family: var(--mono);
  text-anchor: middle;
  fill: var(--smoke);
}
.name {
  fill: var(--smoke);
}
.fold {
  fill: none;
  stroke: var(--smoke);
  stroke-width: 1.4;
}
.inside,
.note {
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--ash);
  stroke-width: 4px;
}
.inside {
  font-weight: 600;
}
.note {
  font-family: var(--mono);
  fill: var(--smoke);
}
rect.hands,
i.hands {
  fill: var(--ember);
  background: var(--ember);
}
rect.flash,
i.flash {
  fill: var(--glow);
  background: var(--glow);
}
rect.recoat,
i.recoat {
  fill: color-mix(in srgb, var(--verdigris) 32%, var(--ash));
  background: color-mix(in srgb, var(--verdigris) 32%, var(--ash));
}
rect.handle,
i.handle {
  fill: color-mix(in srgb, var(--slate) 38%, var(--ash));
  background: color-mix(in srgb, var(--slate) 38%, var(--ash));
}
rect.shut,
i.shut {
  fill: color-mix(in srgb, var(--madder) 30%, var(--ash));
  background: repeating-linear-gradient(45deg, var(--madder) 0 2px, var(--watch) 2px 5px);
}
rect.shut {
  stroke: var(--madder);
  stroke-width: 1.5;
}
rect.cure,
rect.wait,
i.cure {
  fill: var(--watch);
  background: repeating-linear-gradient(45deg, var(--watch) 0 3px, var(--smoke) 3px 4px);
}
.hatch {
  stroke: var(--smoke);
  stroke-width: 1.6;
}
.rest {
  margin: 2px 0;
  padding-left: 18px;
  font-size: 12px;
}
.legend {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  font-size: 12px;
  margin: 2px 0 0;
}
.legend span {
  display: inline-flex;
  align-items: center;
  gap: 5px;
}
i {
  width: 16px;
  height: 10px;
  display: inline-block;
}
</style>
