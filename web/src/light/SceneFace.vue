<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { Face, SceneModel } from '../api/types'
import FaceArt from '../concept/FaceArt.vue'
import { useConcept } from '../concept/useConcept'
import { useBuild } from '../store/build'
import { useFresh } from '../store/live'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import { sentence } from '../ui/words'
import { fixed } from '../units/writing'

/** A face as it is in a scene, with the places where its runs are fed. */
const props = defineProps<{ scene: SceneModel | null }>()
const builds = useBuild()
const concept = useConcept()
const HIGH = 250
useFresh(() => concept.load())
/** Whether it is known what lies on the faces. */
const known = ref(false)
onMounted(async () => {
  await concept.load().catch(() => undefined)
  known.value = true
  concept.scene = props.scene?.id ?? ''
})
watch(
  () => props.scene?.id,
  (id) => (concept.scene = id ?? ''),
)
/** Faces on which something glows first; one of them is looked at. */
const glowing = computed(() =>
  concept.faces.filter(({ elevation }) =>
    elevation.items.some((drawn) => drawn.kind === 'LIGHT_RUN' || drawn.kind === 'SCREEN'),
  ),
)
const picked = ref<Face | null>(null)
const view = computed(
  () => glowing.value.find((each) => each.elevation.face === picked.value) ?? glowing.value[0],
)
const faces = computed(() =>
  glowing.value.map(({ elevation }) => ({
    value: elevation.face,
    label: sentence(elevation.face),
  })),
)
const face = computed(() => view.value?.elevation)
/** Where current goes in, along the stretches of each run. */
const feeds = computed(() => {
  const places: { key: string; x: number; y: number }[] = []
  for (const drawn of face.value?.items ?? []) {
    const run = builds.view!.glow.runs.find((each) => each.id === drawn.of?.id)
    if (drawn.kind !== 'LIGHT_RUN' || !run) continue
    for (const feed of run.feedsMm) {
      const spot = along(drawn.lit, feed / run.lengthMm)
      if (spot) places.push({ key: `${run.id}/${feed}`, ...spot })
    }
  }
  return places
})
function along(
  lit: { fromXMm: number; fromYMm: number; toXMm: number; toYMm: number }[],
  share: number,
) {
  const long = lit.map((each) => Math.hypot(each.toXMm - each.fromXMm, each.toYMm - each.fromYMm))
  let left = share * long.reduce((sum, each) => sum + each, 0)
  for (const [i, each] of lit.entries()) {
    if (left <= long[i] + 1e-6 || i === lit.length - 1) {
      const t = long[i] ? Math.min(1, left / long[i]) : 0
      return {
        x: each.fromXMm + t * (each.toXMm - each.fromXMm),
        y: each.fromYMm + t * (each.toYMm - each.fromYMm),
      }
    }
    left -= long[i]
  }
  return null
}
const dot = computed(() =>
  face.value ? Math.max(face.value.widthMm, face.value.heightMm) / 90 : 4,
)
</script>

<template>
  <section class="seen">
    <div class="row">
      <h3>
        {{ face ? `${sentence(face.face)} face` : 'Faces' }}, {{ scene?.name ?? 'dusk' }}
        <span class="soft"
          >room <span class="mono">{{ fixed(scene?.roomLux ?? 50, 0) }} lx</span></span
        >
      </h3>
      <span class="grow" />
      <ChoiceStrip
        v-if="faces.length > 1 && face"
        label="Face"
        :model-value="face.face"
        :options="faces"
        @update:model-value="picked = $event"
      />
    </div>
    <svg
      v-if="view && face"
      :viewBox="`0 0 ${face.widthMm} ${face.heightMm}`"
      :style="{ maxHeight: HIGH + 'px' }"
      role="img"
      :aria-label="`${sentence(face.face)} face in ${scene?.name ?? 'dusk'}`"
    >
      <FaceArt :view="view" dusk />
      <circle
        v-for="feed in feeds"
        :key="feed.key"
        :cx="feed.x"
        :cy="face.heightMm - feed.y"
        :r="dot"
        :stroke-width="dot / 2"
        class="feed"
      />
    </svg>
    <p v-else-if="known" class="soft">
      Nothing that glows lies on a face yet: lay a run below, or place hardware with lights.
    </p>
    <p v-if="feeds.length" class="soft key">
      <svg width="12" height="12" aria-hidden="true">
        <circle cx="6" cy="6" r="4" class="feed" stroke-width="2" />
      </svg>
      fed here
    </p>
  </section>
</template>

<style scoped>
.seen > svg {
  width: 100%;
  background: #14110f;
}
.row {
  align-items: center;
  gap: 10px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
.feed {
  fill: #fbf8f2;
  stroke: #c8451b;
}
.key {
  display: flex;
  gap: 5px;
  align-items: center;
  font-size: 12.5px;
  margin: 2px 0 8px;
}
</style>
