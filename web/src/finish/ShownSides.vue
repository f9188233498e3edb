<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Scheme, SchemeModel, Appearance } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import { differenceWords, stepWords } from './layerWords'
import SideArt from './SideArt.vue'
import WhyButton from '../ui/WhyButton.vue'
import { fixed } from '../units/writing'

/** What both sides show, by day or dusk, lit or not; leafed through step by step; beside the wish. */
const props = defineProps<{ model: SchemeModel; scheme: Scheme }>()
const builds = useBuild()
const workshop = useWorkshop()
const LIGHTS = [
  { value: 'unlit', label: 'no light' },
  { value: 'edge', label: 'edge-lit' },
  { value: 'back', label: 'back-lit' },
] as const
/** By day, at dusk, or in the scenes of the build: those say themselves what shines. */
const looks = computed(() => props.model.layers.looks)
const HOURS = computed(() => [
  { value: 'day', label: 'day' },
  { value: 'dusk', label: 'dusk' },
  ...looks.value
    .filter((look) => look.sceneId)
    .map((look) => ({ value: look.sceneId, label: look.name })),
])
const WHY = {
  formula:
    'layers from the viewer to the ground: each film by Kubelka–Munk, clears, candies and the sheet by what they let pass, laid on each other per channel',
  inputs: [
    'hiding of each paint: from its latest test card, else as listed',
    'ground behind: #1E2224, the dark inside (default)',
    'edge light sends 80 %, a frosted face adds 22 % white (defaults)',
    'ΔE00: CIEDE2000 to the wanted colour, by day, no light',
  ],
}
const light = ref<(typeof LIGHTS)[number]['value']>('unlit')
const hour = ref('day')
const scene = computed(() =>
  looks.value.find((look) => look.sceneId && look.sceneId === hour.value),
)
const dusk = computed(() => hour.value !== 'day')
const frames = computed(() => props.model.layers.frames)
const at = ref(frames.value.length - 1)
watch(
  () => [props.model.scheme.id, frames.value.length],
  () => (at.value = frames.value.length - 1),
)
const leafing = computed(() => at.value < frames.value.length - 1)
const regions = computed(() => props.model.layers.regions)
const FIELD: Record<string, [keyof Appearance, keyof Appearance]> = {
  unlit: ['unlit', 'dusk'],
  edge: ['edgeLit', 'edgeLitDusk'],
  back: ['backLit', 'backLitDusk'],
}
const field = computed(() => FIELD[light.value][dusk.value ? 1 : 0])
function side(back: boolean) {
  if (leafing.value) return back ? frames.value[at.value].back : frames.value[at.value].front
  if (scene.value) return back ? scene.value.back : scene.value.front
  return regions.value.map((region) => (back ? region.back : region.front)[field.value])
}
const seenBack = computed(() => props.scheme.seenFrom === 'BACK')
const wished = computed(() => regions.value.some((region) => region.wantedHex))
const wanted = computed(() => regions.value.map((region) => region.wantedHex ?? '#CFC6B8'))
const worst = computed(() => props.model.layers.worstDeltaE00 ?? null)
const findings = computed(() =>
  builds.view!.findings.filter((f) => f.thingId === props.scheme.id && f.place),
)
const done = computed(() => {
  const step = props.scheme.layers[at.value - 1]
  return step
    ? `${at.value}. ${stepWords(step, props.scheme.shapes, workshop.book!)}`
    : 'bare sheet'
})
</script>

<template>
  <section class="sides" aria-label="What it shows">
    <div class="row bar">
      <ChoiceStrip v-if="!scene" v-model="light" label="Light" :options="LIGHTS" />
      <ChoiceStrip v-model="hour" label="Time of day or scene" :options="HOURS" />
    </div>
    <div class="pictures">
      <SideArt
        :model="model"
        :colours="side(seenBack)"
        :back="seenBack"
        :dark="dusk && !leafing"
        :findings="leafing ? [] : findings"
        :label="`Seen from the ${scheme.seenFrom.toLowerCase()}, ${leafing ? done : (scene?.name ?? light)}`"
      >
        <strong
          >{{ leafing ? 'after' : 'as listed,' }}
          {{ leafing ? done : 'seen from the ' + scheme.seenFrom.toLowerCase() }}</strong
        >
        <template v-if="!leafing && worst !== null">
          <WhyButton :why="WHY" of="What it shows" />
          <br /><span class="mono">worst ΔE00 {{ fixed(worst, 1) }}</span
          ><span class="soft"> to what is wanted: {{ differenceWords(worst) }}</span>
        </template>
      </SideArt>
      <div class="small">
        <SideArt
          :model="model"
          :colours="side(!seenBack)"
          :back="!seenBack"
          :dark="dusk && !leafing"
          :label="`Seen from the ${seenBack ? 'front' : 'back'}`"
          >from the {{ seenBack ? 'front' : 'back' }}</SideArt
        >
        <SideArt v-if="wished" :model="model" :colours="wanted" :back="seenBack" label="Wanted"
          >wanted</SideArt
        >
      </div>
    </div>
    <p v-if="light === 'back' || scene" class="through">
      <span class="soft">light that passes:</span>
      <span v-for="region in regions" :key="region.shapes.join('+')"
        >{{ region.name }} <span class="mono">{{ fixed(100 * region.transmittance, 1) }} %</span
        ><template v-if="region.unevennessPercent > 15"
          >, ±½ coat <span class="mono">{{ fixed(region.unevennessPercent, 0) }} %</span></template
        ></span
      >
    </p>
    <label class="leaf">
      <span class="soft">leaf through the steps</span>
      <input
        v-model.number="at"
        type="range"
        min="0"
        :max="frames.length - 1"
        step="1"
        :aria-valuetext="done"
      />
    </label>
  </section>
</template>

<style scoped>
.bar {
  gap: 8px;
  margin-bottom: 6px;
}
.leaf {
  display: grid;
  font-size: 12.5px;
  margin: 4px 0;
}
input[type='range'] {
  width: 100%;
  accent-color: var(--ember);
}
.pictures {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
  align-items: start;
}
.small {
  display: grid;
  gap: 6px;
}
.small :deep(svg) {
  max-height: 100px;
}
.through {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: 12.5px;
  margin: 4px 0 0;
}
</style>
