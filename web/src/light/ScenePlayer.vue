<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { get, newId } from '../api/client'
import type { SceneModel, ScenePlay } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { fixed } from '../units/writing'

/** The simulated controller: plays a scene, paused and stepped, and hands it out as files. */
const props = defineProps<{ scene: SceneModel }>()
const builds = useBuild()
const shell = useShell()
const PER_SECOND = 5
const CHUNK = 50
const base = computed(() => `/api/builds/${encodeURIComponent(builds.id)}/light/scenes`)
const one = computed(() => `${base.value}/${encodeURIComponent(props.scene.id)}`)
const play = ref<ScenePlay | null>(null)
/** Which moment is shown, in frames from the start. */
const at = ref(0)
const seed = ref(1)
const playing = ref(false)
let from = -1
let timer: ReturnType<typeof setInterval> | undefined
const shown = computed(() => play.value?.frames[at.value - Math.max(0, from)] ?? null)
/** Frames come in pieces; what was asked of another scene or seed is thrown away. */
async function bring(frame: number) {
  const first = Math.floor(frame / CHUNK) * CHUNK
  if (first === from && play.value) return
  const asked = `${one.value}/frames?seconds=${first / PER_SECOND}&count=${CHUNK}&perSecond=${PER_SECOND}&seed=${seed.value}`
  const fresh = await get<ScenePlay>(asked).catch(() => null)
  if (!fresh) return pause()
  play.value = fresh
  from = first
}
function pause() {
  playing.value = false
  clearInterval(timer)
}
async function step() {
  const next = at.value + 1
  await bring(next)
  at.value = next
}
function start() {
  playing.value = true
  timer = setInterval(() => void step(), 1_000 / PER_SECOND)
}
const again = () => {
  from = -1
  play.value = null
  void bring(at.value)
}
function other() {
  seed.value += 1
  again()
}
watch(
  () => [props.scene.id, JSON.stringify(props.scene.lights)],
  () => again(),
  { immediate: true },
)
onBeforeUnmount(pause)
const name = (id: string) => props.scene.lights.find((light) => light.of.id === id)?.name ?? ''
const input = useTemplateRef<HTMLInputElement>('input')
async function takeIn(event: Event) {
  const picked = event.target as HTMLInputElement
  const file = picked.files?.[0]
  picked.value = ''
  if (!file) return
  try {
    const text = JSON.parse(await file.text())
    await builds.act<{ unknown: string[] }>(`light/scenes?id=${newId()}`, text).then((taken) => {
      shell.say(
        taken.unknown.length
          ? `The scene is in. This build has no ${taken.unknown.join(', ')}.`
          : 'The scene is in.',
      )
    })
  } catch (problem) {
    shell.say(
      problem instanceof SyntaxError ? 'That file is no scene.' : (problem as Error).message,
    )
  }
}
</script>

<template>
  <section class="player" aria-label="Simulated controller">
    <div class="row">
      <Button
        class="quiet"
        size="small"
        :label="playing ? 'Pause' : 'Play'"
        @click="playing ? pause() : start()"
      />
      <Button class="bare" size="small" label="Step" :disabled="playing" @click="step" />
      <Button class="bare" size="small" label="Other seed" @click="other" />
      <span class="mono">{{ fixed(at / PER_SECOND, 1) }} s</span>
      <span v-if="shown" class="mono">{{ fixed(shown.amps, 2) }} A</span>
      <span class="soft">simulated, seed {{ seed }}</span>
    </div>
    <div v-for="light in shown?.lights ?? []" :key="light.id" class="leds">
      <span class="soft">{{ name(light.id) }}</span>
      <svg
        :viewBox="`0 0 ${light.hexes.length} 1`"
        preserveAspectRatio="none"
        role="img"
        :aria-label="`LEDs of ${name(light.id)}`"
      >
        <rect
          v-for="(hex, index) in light.hexes"
          :key="index"
          :x="index"
          y="0"
          width="1.02"
          height="1"
          :fill="hex"
        />
      </svg>
    </div>
    <p class="row files">
      <a :href="`${one}.json`">Scene, JSON</a>
      <a :href="`${one}/frames.csv?seconds=10&perSecond=5&seed=${seed}`">Frames of 10 s, CSV</a>
      <Button class="bare" size="small" label="Take a scene in" @click="input?.click()" />
      <input
        ref="input"
        type="file"
        accept=".json,application/json"
        class="visually-hidden"
        tabindex="-1"
        aria-label="A scene as a file"
        @change="takeIn"
      />
    </p>
  </section>
</template>

<style scoped>
.player {
  margin-top: 10px;
}
.row {
  align-items: center;
  gap: 4px 12px;
  flex-wrap: wrap;
  font-size: 12.5px;
}
.leds {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px;
  align-items: center;
  font-size: 12.5px;
}
.leds svg {
  width: 100%;
  height: 10px;
  background: #14110f;
}
.files {
  margin: 6px 0 0;
}
</style>
