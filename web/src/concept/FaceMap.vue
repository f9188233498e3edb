<script setup lang="ts">
import { computed } from 'vue'
import type { Face, FaceView } from '../api/types'
import FaceArt from './FaceArt.vue'
import { unfolded } from './unfolded'

/** The six faces unfolded, small or filling the place; a press takes one up. */
const props = defineProps<{
  faces: FaceView[]
  dusk: boolean
  picked: Face | null
  width: number
  height?: number
  named?: boolean
}>()
const emit = defineEmits<{ pick: [face: Face] }>()
/** Names want room between the faces. */
const sheet = computed(() =>
  unfolded(
    props.faces.map((view) => view.elevation),
    props.named ? largest.value / 8 : 24,
  ),
)
const largest = computed(() =>
  Math.max(1, ...props.faces.map(({ elevation }) => elevation.widthMm)),
)
const scale = computed(() =>
  Math.min(props.width / sheet.value.widthMm, (props.height ?? Infinity) / sheet.value.heightMm),
)
const placed = computed(() =>
  props.faces.map((view) => ({ view, at: sheet.value.at[view.elevation.face] })),
)
const say = (view: FaceView) =>
  `${view.elevation.face.toLowerCase()} face${view.elevation.shown ? '' : ', not seen'}`
</script>

<template>
  <svg
    :width="sheet.widthMm * scale"
    :height="sheet.heightMm * scale"
    role="group"
    aria-label="All six faces, unfolded"
  >
    <g
      v-for="{ view, at } in placed"
      :key="view.elevation.face"
      :transform="`scale(${scale}) translate(${at.xMm} ${at.yMm})`"
    >
      <clipPath :id="`map-${named}-${view.elevation.face}`">
        <rect :width="view.elevation.widthMm" :height="view.elevation.heightMm" />
      </clipPath>
      <g :clip-path="`url(#map-${named}-${view.elevation.face})`">
        <FaceArt :view="view" :dusk="dusk" :small="!named" />
      </g>
      <rect
        :width="view.elevation.widthMm"
        :height="view.elevation.heightMm"
        class="face"
        :class="{ picked: view.elevation.face === picked }"
        role="button"
        tabindex="0"
        :aria-label="say(view)"
        :aria-pressed="view.elevation.face === picked"
        @click="emit('pick', view.elevation.face)"
        @keydown.enter="emit('pick', view.elevation.face)"
        @keydown.space.prevent="emit('pick', view.elevation.face)"
      />
      <text v-if="named" :y="-5 / scale" :font-size="12 / scale" class="name">
        {{ say(view) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}
.face {
  fill: transparent;
  stroke: var(--line);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
  cursor: pointer;
}
.face:hover {
  stroke: var(--ink);
}
.face.picked {
  stroke: var(--ember);
  stroke-width: 3;
}
.face:focus-visible {
  outline: none;
  stroke: var(--focus);
  stroke-width: 3;
}
.name {
  fill: var(--smoke);
  font-family: var(--text);
}
</style>
