<script setup lang="ts">
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { LayerStep, Scheme } from '../api/types'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import ColourRow from './ColourRow.vue'
import CoatTimes from './CoatTimes.vue'
import CoreSamples from './CoreSamples.vue'
import FaultLines from './FaultLines.vue'
import HabitRow from './HabitRow.vue'
import LayerList from './LayerList.vue'
import PaintNeeds from './PaintNeeds.vue'
import ProposalList from './ProposalList.vue'
import SchemeHead from './SchemeHead.vue'
import ShapeList from './ShapeList.vue'
import ShownSides from './ShownSides.vue'

/** One finish at a time: its steps in order, what comes out, when it dries, what it takes. */
const builds = useBuild()
const picked = ref<string | null>(null)
const step = ref<string | null>(null)
const offered = ref(false)
const schemes = computed(() => builds.build!.schemes)
const scheme = computed(() => schemes.value.find((s) => s.id === picked.value) ?? schemes.value[0])
const model = computed(() =>
  builds.view!.finish.schemes.find((p) => p.scheme.id === scheme.value?.id),
)
const edit = (change: Partial<Scheme>) => builds.edit('schemes', scheme.value, change)
const layers = (steps: LayerStep[]) => edit({ layers: steps })
function pick(id: string) {
  picked.value = id
  step.value = null
  offered.value = false
}
function add() {
  const painted = new Set(schemes.value.map((s) => s.panelId))
  const panels = builds.build!.panels
  const panel = panels.find((p) => !painted.has(p.id)) ?? panels[0]
  if (!panel) return
  pick(
    builds.add('schemes', {
      name: `Finish of ${panel.name}`,
      panelId: panel.id,
      face: null,
      targetHex: null,
      surface: 'BARE',
      habits: {
        priming: 'WHERE_NEEDED',
        sanding: 'FAULTS',
        mounting: 'CURE',
        peeling: 'SOFT',
      },
      seenFrom: 'FRONT',
      layers: [],
      shapes: [],
      hangsWith: null,
    } satisfies Omit<Scheme, 'id'>),
  )
  offered.value = true
}
defineExpose({ add })
const art = computed(
  () => scheme.value.shapes.length > 0 || scheme.value.layers.some((s) => s.op === 'STENCIL'),
)
const items = computed(() =>
  schemes.value.map((s) => ({
    id: s.id,
    name: s.name,
    detail: s.face
      ? `${s.face.toLowerCase()} face`
      : (builds.build!.panels.find((p) => p.id === s.panelId)?.name ??
        builds.build!.prints.find((p) => p.id === s.panelId)?.name ??
        'no part'),
  })),
)
function take(steps: LayerStep[], targetHex?: string) {
  const far = scheme.value.layers.filter((s) => s.side !== scheme.value.seenFrom)
  edit({ layers: [...far, ...steps], ...(targetHex ? { targetHex } : {}) })
  offered.value = false
}
function takeOrder(steps: LayerStep[]) {
  const tag = newId().slice(0, 4)
  const name = (id: string) => `${id}-${tag}`
  layers(steps.map((s) => ({ ...s, id: name(s.id), peels: s.peels.map(name) })))
}
</script>

<template>
  <p v-if="!scheme" class="soft">
    No finishes yet. Draw a part first, then plan its coats: colours, cans, hours and waits follow.
  </p>
  <template v-else>
    <PickList label="Finishes" :items="items" :picked="scheme.id" @pick="pick" />
    <SchemeHead v-model:offered="offered" :scheme="scheme" :model="model" @change="edit" />
    <ProposalList v-if="offered" :scheme="scheme" @take="take" @close="offered = false" />
    <div class="main" :class="{ art }">
      <LayerList
        v-model:picked="step"
        :scheme="scheme"
        :model="model"
        @change="layers"
        @order="takeOrder"
      />
      <CoreSamples v-if="model" :model="model" :scheme="scheme" :picked="step" />
      <ShownSides v-if="model && art" :model="model" :scheme="scheme" />
      <ColourRow v-else-if="model" :model="model" :scheme="scheme" />
    </div>
    <CoatTimes v-if="model" :model="model" :scheme="scheme" />
    <FaultLines :scheme="scheme" />
    <HabitRow v-if="model" :scheme="scheme" :choices="model.habits" @change="edit" />
    <ShapeList :scheme="scheme" :model="model" @change="edit" />
    <PaintNeeds />
    <button type="button" class="gone" @click="builds.remove('schemes', scheme.id)">
      Remove {{ scheme.name }}
    </button>
  </template>
</template>

<style scoped>
.main {
  display: grid;
  grid-template-columns: minmax(300px, 1fr) 190px minmax(260px, 1fr);
  gap: 18px;
  align-items: start;
  margin: 10px 0 12px;
}
.main.art {
  grid-template-columns: minmax(300px, 1fr) 170px minmax(340px, 1.15fr);
}
.gone {
  font: inherit;
  font-size: 13px;
  color: var(--smoke);
  background: none;
  border: 0;
  padding: 12px 0;
  text-decoration: underline;
  cursor: pointer;
}
@media (max-width: 1200px) {
  .main,
  .main.art {
    grid-template-columns: minmax(280px, 1fr) 180px;
  }
  .main > :nth-child(3) {
    grid-column: 1 / -1;
  }
}
</style>
