<script setup lang="ts">
import { computed } from 'vue'
import SignMark from '../ui/SignMark.vue'
import { useWidth } from '../ui/useWidth'
import { written } from '../units/marks'
import { marks } from '../units/writing'

/** Needs laid against what is there, to one scale: what is wanted past the mark is missing. */
const props = defineProps<{
  label: string
  unit: string
  there: number
  wanted: number
  pieces: { name: string; value: number; kind: string }[]
  note?: string
}>()
const { width } = useWidth('sized', 420)
const most = computed(() => Math.max(props.there, props.wanted, 1) * 1.06)
const x = (value: number) => (value / most.value) * width.value
const laid = computed(() => {
  let from = 0
  return props.pieces.map((piece) => {
    const at = from
    from += piece.value
    return { ...piece, from: at }
  })
})
const number = (value: number) =>
  `${written(value, marks.value, 1)}${props.unit ? ' ' + props.unit : ''}`
const missing = computed(() => props.wanted > props.there)
</script>

<template>
  <div class="load">
    <span class="name"><SignMark :kind="missing ? 'risk' : 'done'" /> {{ label }}</span>
    <div ref="sized">
      <svg :width="width" height="22" aria-hidden="true">
        <rect x="0" y="8" :width="x(there)" height="8" class="there" />
        <rect
          v-for="piece in laid"
          :key="piece.name + piece.from"
          :x="x(piece.from)"
          y="4"
          :width="x(piece.value)"
          height="16"
          :class="piece.kind"
        />
        <line :x1="x(there)" y1="0" :x2="x(there)" y2="22" class="mark" />
      </svg>
    </div>
    <span class="mono">{{ number(wanted) }} wanted, {{ number(there) }} there</span>
    <span v-if="note" class="soft note">{{ note }}</span>
  </div>
</template>

<style scoped>
.load {
  display: grid;
  grid-template-columns: minmax(122px, 0.36fr) 1fr 210px;
  gap: 4px 14px;
  align-items: center;
}
.name {
  display: flex;
  gap: 7px;
  align-items: center;
  font-weight: 600;
}
.note {
  grid-column: 2 / -1;
  font-size: 12px;
  margin-top: -4px;
}
.there {
  fill: var(--kraft);
}
.soot {
  fill: var(--smoke);
}
.slate {
  fill: var(--slate);
}
.glow {
  fill: var(--glow);
}
.rope {
  fill: var(--rope);
}
.mark {
  stroke: var(--ink);
  stroke-width: 2.4;
}
</style>
