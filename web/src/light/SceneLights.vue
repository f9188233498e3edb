<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { RunGlow, Scene, SceneModel } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { fixed } from '../units/writing'
import { MOVEMENTS, USES } from './glowWords'

/** What each light and screen does in a scene, and what that draws. */
const props = defineProps<{ scene: SceneModel }>()
const builds = useBuild()
const build = computed(() => builds.build!)
const stored = computed(() => build.value.scenes.find((each) => each.id === props.scene.id))
/** All of the build's lights, those that the scene says something of first, in its order. */
const whole = computed<Scene | undefined>(() => {
  const scene = stored.value
  if (!scene) return undefined
  const said = new Set(scene.runs.map((each) => each.runId))
  const unsaid = props.scene.lights
    .filter((light) => !said.has(light.of.id))
    .map((light): RunGlow => ({
      runId: light.of.id,
      colourHex: null,
      brightnessPercent: light.brightnessPercent,
      movement: 'STILL',
      periodSeconds: 6,
    }))
  const bright = new Set(scene.screens.map((each) => each.screenId))
  const screens = build.value.screens
    .filter((screen) => !bright.has(screen.id))
    .map((screen) => ({
      screenId: screen.id,
      brightnessPercent: scene.use === 'ASLEEP' ? 0 : 100,
      canvasId: '',
    }))
  return { ...scene, runs: [...scene.runs, ...unsaid], screens: [...scene.screens, ...screens] }
})
/** What is said of one is kept with what is shown of the others: nothing jumps. */
const edit = (change: Partial<Scene>) => builds.edit('scenes', stored.value!, change)
const lightOf = (runId: string) => props.scene.lights.find((each) => each.of.id === runId)
const rows = computed(() =>
  (whole.value?.runs ?? [])
    .map((run, index) => ({ run, index, light: lightOf(run.runId) }))
    .filter((row) => row.light),
)
const screens = computed(() =>
  (whole.value?.screens ?? [])
    .map((shown, index) => ({
      index,
      canvasId: shown.canvasId,
      screen: build.value.screens.find((each) => each.id === shown.screenId),
    }))
    .filter((row) => row.screen),
)
const fields = (row: (typeof rows.value)[number]) => {
  const { light, run } = row
  const named = light!.name
  return [
    light!.coloured && {
      field: 'colourHex',
      class: 'colour',
      label: `Colour of ${named}`,
      hideLabel: true,
      get: () => run.colourHex ?? light!.colourHex,
    },
    light!.dims && {
      field: 'brightnessPercent',
      class: 'number',
      label: `Brightness of ${named}`,
      hideLabel: true,
    },
    light!.coloured && {
      field: 'movement',
      class: 'moves',
      label: `Movement of ${named}`,
      hideLabel: true,
      options: MOVEMENTS,
    },
    run.movement !== 'STILL' && {
      field: 'periodSeconds',
      class: 'number',
      label: `Period of ${named}`,
      hideLabel: true,
      unit: 's',
    },
  ]
}
/** What a screen may show, where there is a choice. */
const shows = (screenId: string) =>
  build.value.canvases
    .filter((canvas) => canvas.panes.some((pane) => pane.id === screenId))
    .map(({ id, name }) => ({ value: id, label: name }))
const screenFields = (screen: { id: string; name: string }, canvasId: string) => [
  {
    field: 'brightnessPercent',
    class: 'number',
    label: `Brightness of ${screen.name}`,
    hideLabel: true,
  },
  shows(screen.id).length > 1 && {
    field: 'canvasId',
    class: 'shows',
    label: `What ${screen.name} shows`,
    hideLabel: true,
    options: shows(screen.id),
    get: () => canvasId || shows(screen.id)[0].value,
  },
]
const HEAD = [
  'name',
  { field: 'use', label: 'For', options: USES },
  {
    field: 'roomLux',
    label: 'Light in the room',
    unit: 'lx',
    hint: 'empty: as usual with its use',
    optional: true,
  },
]
</script>

<template>
  <section v-if="stored && whole" class="scene">
    <div class="head">
      <ThingFields kind="scenes" :thing="stored" :fields="HEAD" />
    </div>
    <div v-for="row in rows" :key="row.run.runId" class="light">
      <i class="lamp" :style="{ background: row.light!.colourHex }" />
      <strong>{{ row.light!.name }}</strong>
      <span class="mono draws"
        >{{ fixed(row.light!.amps, 2) }} A · {{ fixed(row.light!.watts, 1) }} W</span
      >
      <div class="does">
        <ThingFields
          kind="scenes"
          :thing="whole"
          :within="`runs.${row.index}`"
          :edit="edit"
          :fields="fields(row)"
        />
        <span v-if="!row.light!.dims" class="soft">can’t be dimmed</span>
      </div>
    </div>
    <div v-for="row in screens" :key="row.screen!.id" class="light">
      <i class="lamp glass" />
      <strong>{{ row.screen!.name }}</strong>
      <span />
      <div class="does">
        <ThingFields
          kind="scenes"
          :thing="whole"
          :within="`screens.${row.index}`"
          :edit="edit"
          :fields="screenFields(row.screen!, row.canvasId)"
        />
      </div>
    </div>
    <p class="row sum">
      <span class="mono">{{ fixed(scene.watts, 1) }} W</span> all lights
      <span v-for="header in scene.headers" :key="header.rail" class="soft">
        {{ header.rail === 'V5' ? '5 V' : '12 V' }} headers
        <span class="mono" :class="{ bad: header.amps > header.mostAmps }"
          >{{ fixed(header.amps, 2) }} of {{ fixed(header.mostAmps, 1) }} A</span
        >
      </span>
      <span class="grow" />
      <Button
        class="bare"
        size="small"
        :label="`Remove scene ${scene.name}`"
        @click="builds.remove('scenes', scene.id)"
      />
    </p>
    <p v-if="scene.camera" class="soft">
      On camera the base has
      <span class="mono">{{ fixed(scene.camera.baseCandelas, 1) }} cd/m²</span>; what shines may
      have <span class="mono">{{ fixed(scene.camera.mostCandelas, 0) }}</span>, three stops more.
      <template v-if="scene.camera.unmeasured.length"
        >Nobody has measured {{ scene.camera.unmeasured.join(', ') }}.</template
      >
    </p>
  </section>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: 1fr 1fr 1.2fr;
  gap: 8px 12px;
  align-items: start;
  margin-bottom: 6px;
}
.light {
  display: grid;
  grid-template-columns: 14px 1fr auto;
  gap: 2px 8px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
.lamp {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  border: 1px solid var(--field-line);
}
.glass {
  border-radius: 1px;
  background: var(--soot);
}
.draws {
  font-size: 12.5px;
}
.does {
  grid-column: 2 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
}
.does > :deep(.colour) {
  flex: 0 0 124px;
}
.does > :deep(.number) {
  flex: 0 0 78px;
}
.does > :deep(.moves) {
  flex: 0 0 98px;
}
.does > :deep(.shows) {
  flex: 1 1 140px;
}
.sum {
  gap: 4px 14px;
  flex-wrap: wrap;
  align-items: center;
  margin: 4px 0;
  border-top: 1px solid var(--line);
  padding-top: 4px;
}
@media (max-width: 640px) {
  .head {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
