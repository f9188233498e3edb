<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Canvas, LightStrip, Program, Screen } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ViewTabs from '../ui/ViewTabs.vue'
import { count } from '../ui/words'
import GlowView from './GlowView.vue'
import PicturesView from './PicturesView.vue'
import ProgramsView from './ProgramsView.vue'
import ScreensView from './ScreensView.vue'
import WiringView from './WiringView.vue'

/** Every screen lights: what feeds it, what it is, light runs, what it shows, programs. */
const builds = useBuild()
const workshop = useWorkshop()
const route = useRoute()
const router = useRouter()
/** What was added is typed where its fields are. */
const show = (view: View) => router.replace({ query: { show: view } })
const build = computed(() => builds.build!)
const VIEWS = [
  { value: 'wiring', label: 'Wiring' },
  { value: 'screens', label: 'Screens' },
  { value: 'runs', label: 'Glow' },
  { value: 'pictures', label: 'Pictures' },
  { value: 'programs', label: 'Programs' },
] as const
type View = (typeof VIEWS)[number]['value']
const shown = computed<View>(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'wiring',
)
const wiring = computed(() => builds.view!.wiring)
const note = computed(() => {
  const { shown: all, shownLit, devices, devicesFed } = wiring.value
  const screens = all
    ? `${shownLit} of ${count(all, 'screens')} ${all === 1 ? 'lights' : 'light'}`
    : ''
  const fed = devices ? `${devicesFed} of ${count(devices, 'devices')} fed` : ''
  return [screens, fed].filter(Boolean).join(', ')
})
function addScreen() {
  void show('screens')
  builds.add('screens', {
    name: 'New screen',
    widthMm: 200,
    heightMm: 60,
    pixelsWide: 1920,
    pixelsHigh: 480,
    input: 'HDMI',
    watts: 6,
    rail: 'V5',
    priceMinor: 0,
    supplierId: workshop.offered('suppliers')[0]?.id ?? '',
    productId: '',
    sameAs: '',
    confirmedWith: '',
    massKg: 0,
  } satisfies Omit<Screen, 'id'>)
}
function addStrip() {
  void show('runs')
  const glow = build.value.concept.look.palette.find((c) => c.role === 'GLOW')
  builds.add('strips', {
    name: 'New light strip',
    lengthMm: 500,
    ledsPerMetre: 60,
    rail: 'V5',
    milliampsPerLed: 60,
    feed: 'BOARD_HEADER',
    colourHex: glow?.hex ?? '#FFFFFF',
    pricePerMetreMinor: 0,
    supplierId: workshop.offered('suppliers')[0]?.id ?? '',
    productId: '',
    shape: 'STRIP',
  } satisfies Omit<LightStrip, 'id'>)
}
function addProgram() {
  void show('programs')
  builds.add('programs', {
    name: 'New program',
    processorPercent: 0,
    memoryMb: 0,
    graphicsPercent: 0,
    startsItself: true,
    readsSensors: false,
    claims: '',
    drives: [],
    version: '',
  } satisfies Omit<Program, 'id'>)
}
function addCanvas() {
  void show('pictures')
  const taken = new Set(build.value.canvases.flatMap((each) => each.panes.map(({ id }) => id)))
  const first = build.value.screens.find(({ id }) => !taken.has(id)) ?? build.value.screens[0]
  builds.add('canvases', {
    name: 'New picture',
    panes: first ? [{ id: first.id, name: '' }] : [],
    readOuts: [],
  } satisfies Omit<Canvas, 'id'>)
}
function addHere() {
  if (shown.value === 'runs') addStrip()
  else if (shown.value === 'programs') addProgram()
  else if (shown.value === 'pictures') addCanvas()
  else addScreen()
}
</script>

<template>
  <StageFrame title="Light" :note="note" :capabilities="['light']" :on-new="addHere">
    <template #actions>
      <ViewTabs label="Parts of Light" :views="VIEWS" :shown="shown" />
    </template>
    <div class="row add no-print">
      <Button class="quiet" label="Add a screen" @click="addScreen" />
      <Button class="quiet" label="Add a light strip" @click="addStrip" />
      <Button class="quiet" label="Add a picture" @click="addCanvas" />
      <Button class="quiet" label="Add a program" @click="addProgram" />
    </div>
    <WiringView v-if="shown === 'wiring'" />
    <ScreensView v-else-if="shown === 'screens'" />
    <GlowView v-else-if="shown === 'runs'" />
    <PicturesView v-else-if="shown === 'pictures'" />
    <ProgramsView v-else />
  </StageFrame>
</template>

<style scoped>
.add {
  margin-bottom: 12px;
}
</style>
