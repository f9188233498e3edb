<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Scene } from '../api/types'
import { useBuild } from '../store/build'
import { useDraft } from '../store/draft'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import LightLoads from './LightLoads.vue'
import RunCard from './RunCard.vue'
import SceneFace from './SceneFace.vue'
import ScenePlayer from './ScenePlayer.vue'
import SceneLights from './SceneLights.vue'
import ToldApart from './ToldApart.vue'
import { USES } from './glowWords'

/** What glows: a face in a scene, what each light does in it, what is left of each run's volts. */
const builds = useBuild()
const build = computed(() => builds.build!)
const glow = computed(() => builds.view!.glow)
const scenes = computed(() => glow.value.scenes)
/** The scene looked at last, found again when one comes back. */
const chosen = useDraft<string>(`scene:${builds.id}`, '')
const scene = computed(
  () => scenes.value.find((each) => each.id === chosen.value) ?? scenes.value[0] ?? null,
)
const shown = computed({
  get: () => scene.value?.id ?? '',
  set: (id: string) => (chosen.value = id),
})
const choices = computed(() => scenes.value.map(({ id, name }) => ({ value: id, label: name })))
const missing = computed(() =>
  USES.filter((use) => !build.value.scenes.some((each) => each.use === use.value)),
)
const runOf = (id: string) => glow.value.runs.find((each) => each.id === id)
function add(use: Scene['use'], name: string) {
  chosen.value = builds.add('scenes', {
    name,
    use,
    roomLux: null,
    runs: [],
    screens: [],
  } satisfies Omit<Scene, 'id'>)
}
const lit = computed(() => build.value.strips.length || scene.value?.lights.length)
</script>

<template>
  <div class="row scenes">
    <ChoiceStrip v-if="choices.length" v-model="shown" label="Scene" :options="choices" />
    <span v-else class="soft">No scene yet: runs are judged at full white. Add one:</span>
    <span v-if="choices.length && missing.length" class="soft">add</span>
    <Button
      v-for="use in missing"
      :key="use.value"
      class="bare"
      size="small"
      :label="use.label"
      :aria-label="`Add the scene ${use.label}`"
      @click="add(use.value, use.label)"
    />
  </div>
  <div class="sides">
    <div>
      <SceneFace :scene="scene" />
      <ScenePlayer v-if="scene" :key="scene.id" :scene="scene" />
      <ToldApart v-if="scene" :scene="scene" />
    </div>
    <SceneLights v-if="scene" :key="scene.id" :scene="scene" />
    <p v-else class="soft first">
      A scene says what each light does: its colour, how bright it is, how it moves. With the first
      one, runs, headers and fuses are judged by what is really asked of them, and the faces and
      finishes can be seen in it. Begin with the one the client will see most.
    </p>
  </div>
  <RunCard
    v-for="(thing, index) in build.strips"
    :key="thing.id"
    :thing="thing"
    :run="runOf(thing.id)"
    :scene="shown"
    :open="!index"
  />
  <LightLoads class="loads" />
  <p v-if="!lit" class="soft">
    Nothing glows yet. Add a strip, or hardware with lights: watts, volts, parcels and fitting
    follow.
  </p>
</template>

<style scoped>
.scenes {
  align-items: center;
  gap: 6px;
  margin-bottom: 8px;
  flex-wrap: wrap;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 22px;
  margin-bottom: 10px;
}
.first {
  max-width: 44ch;
  margin: 0;
}
.loads {
  margin-top: 12px;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
