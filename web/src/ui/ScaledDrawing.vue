<script setup lang="ts">
import { computed } from 'vue'
import DimensionLine from './DimensionLine.vue'
import { useWidth } from './useWidth'
import { fixed } from '../units/writing'

/**
 * A drawing to scale in a frame of its own, with its outer dimensions. The slot gets the scale:
 * `x(mm)` from the left edge, `y(mm)` up from the lower edge, `s(mm)` for lengths.
 */
const props = defineProps<{
  widthMm: number
  heightMm: number
  height: number
  label: string
  /** Things in it can be picked: not one picture but a group. */
  group?: boolean
  /** Scaled as if it were this wide, and no higher than it needs: to draw several to one scale. */
  roomMm?: number
  /** Pixels a millimetre, where somebody else knows; no larger than it needs. */
  scale?: number
}>()
const { width } = useWidth('sized', 500)
const MARGIN = { left: 66, top: 34, right: 20, bottom: 40 }
const scale = computed(
  () =>
    props.scale ??
    Math.min(
      (width.value - MARGIN.left - MARGIN.right) / (props.roomMm ?? props.widthMm),
      (props.height - MARGIN.top - MARGIN.bottom) / props.heightMm,
    ),
)
const tall = computed(() =>
  props.roomMm || props.scale
    ? MARGIN.top + MARGIN.bottom + scale.value * props.heightMm
    : props.height,
)
const s = (millimetres: number) => millimetres * scale.value
const x = (millimetres: number) => MARGIN.left + s(millimetres)
const y = (millimetres: number) => MARGIN.top + s(props.heightMm - millimetres)
</script>

<template>
  <div ref="sized" class="drawing">
    <svg :width="width" :height="tall" :role="group ? 'group' : 'img'" :aria-label="label">
      <slot :x="x" :y="y" :s="s" />
      <DimensionLine :x1="x(0)" :y1="18" :x2="x(widthMm)" :y2="18" :text="fixed(widthMm, 1)" />
      <DimensionLine :x1="32" :y1="y(heightMm)" :x2="32" :y2="y(0)" :text="fixed(heightMm, 1)" />
    </svg>
  </div>
</template>

<style scoped>
.drawing {
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
</style>
