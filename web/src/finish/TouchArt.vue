<script setup lang="ts">
import { computed } from 'vue'
import type { Treatment } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'

/** A part with all touches on it, to scale; the one that is edited stands out. */
const props = defineProps<{ treatment: Treatment }>()
const builds = useBuild()
const workshop = useWorkshop()
const part = computed(() => builds.view!.parts.find((p) => p.panel.id === props.treatment.panelId))
const shape = computed(() => part.value?.model)
const scheme = computed(() =>
  builds.view!.finish.schemes.find((s) => s.scheme.panelId === props.treatment.panelId),
)
/** What is painted under it, or the sheet. */
const ground = computed(() => {
  const field = scheme.value?.layers.regions[0]
  return field ? field.front.unlit : (part.value?.sheet.colourHex ?? '#8B8F92')
})
const touches = computed(() =>
  builds
    .build!.treatments.filter((t) => t.panelId === props.treatment.panelId)
    .map((t) => ({
      ...t,
      path: builds.view!.finish.treatments.find((each) => each.id === t.id)?.path ?? '',
      hex:
        workshop.book!.films.find((f) => f.id === t.productId)?.colourHex ??
        workshop.book!.paints.find((p) => p.id === t.productId)?.colourHex ??
        '#8E1B2B',
    })),
)
</script>

<template>
  <figure v-if="shape">
    <svg
      :viewBox="`${shape.xMm - 4} ${-shape.yMm - shape.heightMm - 4} ${shape.widthMm + 8} ${shape.heightMm + 8}`"
      role="img"
      :aria-label="`${part!.panel.name} with ${touches.length} touches`"
    >
      <g transform="scale(1 -1)">
        <path :d="shape.cut" :fill="ground" class="part" fill-rule="evenodd" />
        <template v-for="touch in touches" :key="touch.id">
          <path
            v-if="touch.kind === 'EDGE_LINE'"
            :d="shape.cut"
            fill="none"
            :stroke="touch.hex"
            :stroke-width="(touch.widthMm ?? 2) * 2"
          />
          <path
            v-else
            :d="touch.path"
            :fill="touch.kind === 'PART_MASK' ? 'none' : touch.hex"
            :opacity="touch.kind === 'WEATHERING' ? 0.45 : 1"
            fill-rule="evenodd"
            :class="{ picked: touch.id === treatment.id, mask: touch.kind === 'PART_MASK' }"
          />
        </template>
      </g>
    </svg>
    <figcaption class="soft">{{ part!.panel.name }}, seen from the front</figcaption>
  </figure>
  <p v-else class="soft">Its part is gone, or can’t be drawn.</p>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  width: 100%;
  max-height: 340px;
  display: block;
}
.part {
  stroke: var(--ink);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.picked {
  stroke: var(--ember);
  stroke-width: 1.6px;
  vector-effect: non-scaling-stroke;
}
.mask {
  stroke: var(--smoke);
  stroke-dasharray: 4 3;
  vector-effect: non-scaling-stroke;
}
figcaption {
  font-size: 12.5px;
}
</style>
