<script setup lang="ts">
import { computed } from 'vue'
import type { Face, FaceView } from '../api/types'
import { placeLabels, room } from '../ui/labels'
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
/** Names above their faces: said whole where there is room, else the face alone. */
const names = computed(() => {
  const wide = sheet.value.widthMm * scale.value
  const drawing = { x: 0, y: -20, width: wide, height: sheet.value.heightMm * scale.value + 20 }
  const label = ({ view, at }: (typeof placed.value)[number], text: string) => ({
    key: view.elevation.face,
    text,
    places: [
      {
        x: at.xMm * scale.value + room(text, { x: 0, y: 0 }).width / 2,
        y: at.yMm * scale.value - 9,
      },
    ],
  })
  const whole = placeLabels(
    placed.value.map((each) => label(each, say(each.view))),
    drawing,
  )
  const left = placed.value.filter((each) => whole.listed.includes(each.view.elevation.face))
  const short = left.map((each) => label(each, each.view.elevation.face.toLowerCase()))
  const taken = whole.shown.map((each) => room(each.text, each))
  return [...whole.shown, ...placeLabels(short, drawing, taken).shown]
})
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
    </g>
    <template v-if="named">
      <text v-for="name in names" :key="name.key" :x="name.x" :y="name.y + 4" class="name">
        {{ name.text }}
      </text>
    </template>
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
  font-size: 12px;
  text-anchor: middle;
}
</style>
