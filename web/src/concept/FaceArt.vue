<script setup lang="ts">
import { computed, useId } from 'vue'
import type { ElevationItem, FaceView, Mesh } from '../api/types'
import ItemArt from './ItemArt.vue'
import MeshFill from './MeshFill.vue'

/**
 * One face painted in mm, y downwards, from its upper left corner; the same wherever a face is
 * seen. Colours come from the core: by day, or at dusk with the lights on.
 */
const props = defineProps<{ view: FaceView; dusk: boolean; small?: boolean }>()
const id = useId()
const face = computed(() => props.view.elevation)
const mesh = (key: string): Mesh | undefined => (props.dusk ? props.view.dusk[key] : undefined)
const inFace = computed(() =>
  face.value.items.filter((drawn) => drawn.layer === 'IN' && !drawn.openTo),
)
const openings = computed(() => face.value.items.filter((drawn) => drawn.openTo))
const behind = computed(() => face.value.items.filter((drawn) => drawn.layer === 'BEHIND'))
const on = computed(() =>
  face.value.items.filter((drawn) => drawn.layer === 'ON' && drawn.kind !== 'WINDOW'),
)
const outline = computed(() => ({
  xMm: 0,
  yMm: 0,
  widthMm: face.value.widthMm,
  heightMm: face.value.heightMm,
}))
function clip(drawn: ElevationItem) {
  return `${id}-${face.value.items.indexOf(drawn)}`
}
</script>

<template>
  <g :opacity="face.shown ? 1 : 0.4">
    <MeshFill
      of=""
      :place="outline"
      :height-mm="face.heightMm"
      :hex="face.groundHex"
      :mesh="mesh('')"
      :small="small"
    />
    <ItemArt
      v-for="drawn in inFace"
      :key="drawn.id"
      :drawn="drawn"
      :face="face"
      :mesh="mesh(drawn.id)"
      :small="small"
      :picture="mesh(drawn.id + '/picture')"
      :shows="(canvas) => mesh(`${drawn.id}/shows/${canvas}`)"
    />
    <g v-for="drawn in openings" :key="drawn.id">
      <MeshFill
        :of="drawn.id"
        :place="drawn.place"
        :height-mm="face.heightMm"
        :hex="face.insideHex"
        :mesh="mesh(drawn.id)"
        :small="small"
      />
      <clipPath :id="clip(drawn)">
        <rect
          :x="drawn.place.xMm"
          :y="face.heightMm - drawn.place.yMm - drawn.place.heightMm"
          :width="drawn.place.widthMm"
          :height="drawn.place.heightMm"
        />
      </clipPath>
      <g :clip-path="`url(#${clip(drawn)})`">
        <ItemArt
          v-for="thing in behind"
          :key="thing.id"
          :drawn="thing"
          :face="face"
          :mesh="mesh(thing.id)"
          :small="small"
          :picture="mesh(thing.id + '/picture')"
          :shows="(canvas) => mesh(`${thing.id}/shows/${canvas}`)"
        />
      </g>
      <rect
        :x="drawn.place.xMm"
        :y="face.heightMm - drawn.place.yMm - drawn.place.heightMm"
        :width="drawn.place.widthMm"
        :height="drawn.place.heightMm"
        :fill="mesh(drawn.id + '/pane')?.hexes[0] ?? drawn.colourHex"
        :fill-opacity="1 - drawn.clearness"
      />
    </g>
    <ItemArt
      v-for="drawn in on"
      :key="drawn.id"
      :drawn="drawn"
      :face="face"
      :mesh="mesh(drawn.id)"
      :small="small"
      :picture="mesh(drawn.id + '/picture')"
      :shows="(canvas) => mesh(`${drawn.id}/shows/${canvas}`)"
    />
  </g>
</template>
