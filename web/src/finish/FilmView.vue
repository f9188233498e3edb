<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { CutFigure, Treatment } from '../api/types'
import PickList from '../build/PickList.vue'
import { FIGURES } from '../make/figureWords'
import { useBuild } from '../store/build'
import TreatmentForm from './TreatmentForm.vue'
import { exact, fixed } from '../units/writing'

/** Film, edge lines, badges, weathering and masks; film as it lies on the roll. */
const builds = useBuild()
const picked = ref<string | null>(null)
const all = computed(() => builds.build!.treatments)
const treatment = computed(() => all.value.find((t) => t.id === picked.value) ?? all.value[0])
const rolls = computed(() => builds.view!.finish.rolls)
const KINDS: Record<Treatment['kind'], string> = {
  DECAL: 'film',
  EDGE_LINE: 'edge line',
  BADGE: 'badge',
  WEATHERING: 'weathering',
  PART_MASK: 'mask',
}
function add() {
  const panel = builds.build!.panels[0]
  if (!panel) return
  picked.value = builds.add('treatments', {
    name: 'New lettering',
    kind: 'DECAL',
    panelId: treatment.value?.panelId || panel.id,
    face: null,
    productId: null,
    figure: { kind: 'TEXT', ...FIGURES.TEXT.start } as CutFigure,
    xMm: Math.round(panel.widthMm / 2),
    yMm: Math.round(panel.heightMm / 2),
    quantity: 1,
    widthMm: null,
    inside: false,
    laying: 'DRY',
    minutes: null,
  } satisfies Omit<Treatment, 'id'>)
}
defineExpose({ add })
const items = computed(() =>
  all.value.map((t) => ({ id: t.id, name: t.name, detail: KINDS[t.kind] })),
)
const href = (filmId: string, form: string) =>
  `/api/builds/${encodeURIComponent(builds.id)}/film/${encodeURIComponent(filmId)}.${form}`
</script>

<template>
  <p v-if="!treatment" class="soft">
    Nothing yet. Film, edge lines, badges, weathering: add one, and its time, its film and its place
    in the plan follow.
  </p>
  <template v-else>
    <PickList
      label="Film and touches"
      :items="items"
      :picked="treatment.id"
      @pick="picked = $event"
    />
    <TreatmentForm :key="treatment.id" :treatment="treatment" />
  </template>
  <section v-for="roll in rolls" :key="roll.filmId" class="roll">
    <div class="row">
      <h3>{{ roll.name }}</h3>
      <span class="mono soft"
        >roll {{ exact(roll.widthMm) }} mm wide, {{ fixed(roll.lengthMm, 0) }} mm used</span
      >
      <span class="grow" />
      <span class="soft">for a blade cutter; film is never given to a laser</span>
      <a :href="href(roll.filmId, 'svg')" download>SVG</a>
      <a :href="href(roll.filmId, 'dxf')" download>DXF</a>
    </div>
    <svg
      v-if="roll.pieces.length"
      :viewBox="`0 0 ${roll.widthMm} ${roll.lengthMm + 14}`"
      role="img"
      :aria-label="`${roll.pieces.length} pieces on ${roll.name}`"
    >
      <rect
        x="0"
        y="0"
        :width="roll.widthMm"
        :height="roll.lengthMm + 14"
        class="film"
        :fill="roll.hex"
      />
      <line :x1="-roll.widthMm" x2="0" :y1="-roll.lengthMm" :y2="-roll.lengthMm" class="end" />
      <g transform="scale(1 -1) rotate(-90)">
        <path
          v-for="(piece, at) in roll.pieces"
          :key="at"
          :d="piece.path"
          class="piece"
          :class="{ picked: piece.treatmentId === treatment?.id }"
          fill-rule="evenodd"
        />
      </g>
    </svg>
  </section>
  <Button
    v-if="treatment"
    class="bare"
    size="small"
    :label="`Remove ${treatment.name}`"
    @click="builds.remove('treatments', treatment.id)"
  />
</template>

<style scoped>
.roll {
  border-top: 1px solid var(--line);
  padding-top: 10px;
  margin-top: 14px;
}
.roll svg {
  width: 100%;
  max-height: 260px;
  display: block;
  margin-top: 6px;
}
.film {
  stroke: var(--smoke);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.end {
  stroke: var(--ember);
  stroke-width: 2px;
  stroke-dasharray: 5 4;
  vector-effect: non-scaling-stroke;
}
.piece {
  fill: none;
  stroke: color-mix(in srgb, var(--ember) 60%, var(--smoke));
  stroke-width: 1.3px;
  vector-effect: non-scaling-stroke;
}
.piece.picked {
  stroke: var(--ember);
  stroke-width: 2.4px;
}
</style>
