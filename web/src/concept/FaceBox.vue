<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Face, FaceView } from '../api/types'
import FaceArt from './FaceArt.vue'

/** The six drawings wrapped on a box that turns: by dragging, by arrow keys, by the buttons. */
const props = defineProps<{ faces: FaceView[]; dusk: boolean; height: number }>()
const aroundDeg = ref(35)
const tiltDeg = ref(-18)
const of = (face: Face) => props.faces.find((view) => view.elevation.face === face)!.elevation
const width = computed(() => of('FRONT').widthMm)
const tall = computed(() => of('FRONT').heightMm)
const depth = computed(() => of('LEFT').widthMm)
const scale = computed(
  () => (props.height * 0.86) / Math.hypot(width.value, tall.value, depth.value),
)
const px = (mm: number) => mm * scale.value

const TURNS: Record<Face, string> = {
  FRONT: '',
  BACK: 'rotateY(180deg)',
  LEFT: 'rotateY(-90deg)',
  RIGHT: 'rotateY(90deg)',
  TOP: 'rotateX(90deg)',
  BOTTOM: 'rotateX(-90deg)',
}
function side(view: FaceView) {
  const { face, widthMm, heightMm } = view.elevation
  const out =
    face === 'FRONT' || face === 'BACK'
      ? depth.value
      : face === 'LEFT' || face === 'RIGHT'
        ? width.value
        : tall.value
  return {
    width: px(widthMm) + 'px',
    height: px(heightMm) + 'px',
    marginLeft: -px(widthMm) / 2 + 'px',
    marginTop: -px(heightMm) / 2 + 'px',
    transform: `${TURNS[face]} translateZ(${px(out) / 2}px)`,
  }
}
let from: { x: number; y: number; around: number; tilt: number } | null = null
function grab(event: PointerEvent) {
  from = { x: event.clientX, y: event.clientY, around: aroundDeg.value, tilt: tiltDeg.value }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function pull(event: PointerEvent) {
  if (!from) return
  aroundDeg.value = from.around + (event.clientX - from.x) * 0.5
  tilt(from.tilt - (event.clientY - from.y) * 0.5)
}
function tilt(to: number) {
  tiltDeg.value = Math.max(-90, Math.min(90, to))
}
function key(event: KeyboardEvent) {
  const by = event.shiftKey ? 45 : 10
  if (event.key === 'ArrowLeft') aroundDeg.value -= by
  else if (event.key === 'ArrowRight') aroundDeg.value += by
  else if (event.key === 'ArrowUp') tilt(tiltDeg.value - by)
  else if (event.key === 'ArrowDown') tilt(tiltDeg.value + by)
  else return
  event.preventDefault()
}
function show(around: number, tiltTo: number) {
  aroundDeg.value = around
  tiltDeg.value = tiltTo
}
</script>

<template>
  <div>
    <div
      class="room"
      :class="{ dusk }"
      :style="{ height: height + 'px' }"
      tabindex="0"
      role="img"
      aria-label="The build as a box. Arrow keys turn it."
      @pointerdown="grab"
      @pointermove="pull"
      @pointerup="from = null"
      @pointercancel="from = null"
      @keydown="key"
    >
      <div class="box" :style="{ transform: `rotateX(${tiltDeg}deg) rotateY(${aroundDeg}deg)` }">
        <svg
          v-for="view in faces"
          :key="view.elevation.face"
          :viewBox="`0 0 ${view.elevation.widthMm} ${view.elevation.heightMm}`"
          :style="side(view)"
          aria-hidden="true"
        >
          <FaceArt :view="view" :dusk="dusk" />
        </svg>
      </div>
    </div>
    <p class="row turns">
      <Button class="bare" size="small" label="Front and left" @click="show(35, -18)" />
      <Button class="bare" size="small" label="Front and right" @click="show(-35, -18)" />
      <Button class="bare" size="small" label="From behind" @click="show(215, -18)" />
      <Button class="bare" size="small" label="From above" @click="show(35, -60)" />
      <span class="soft">drag it, or turn it with the arrow keys</span>
    </p>
  </div>
</template>

<style scoped>
.room {
  position: relative;
  perspective: 1400px;
  background: var(--paper);
  border: 1px solid var(--line);
  overflow: hidden;
  cursor: grab;
  touch-action: none;
}
.room.dusk {
  background: #14181b;
}
.room:focus-visible {
  outline: 2px solid var(--focus);
}
.box {
  position: absolute;
  left: 50%;
  top: 50%;
  transform-style: preserve-3d;
}
svg {
  position: absolute;
  overflow: hidden;
  background: #1e2224;
  backface-visibility: hidden;
}
.turns {
  align-items: center;
  margin: 6px 0 0;
}
</style>
