<script setup lang="ts">
import Button from 'primevue/button'
import { newId } from '../api/client'
import type { Canvas, CanvasModel } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'

/** Where the screens of a picture stand; screens that are no part of the build; each as a file. */
const props = defineProps<{ canvas: Canvas; model: CanvasModel }>()
const builds = useBuild()
const edit = (change: Partial<Canvas>) => builds.edit('canvases', props.canvas, change)
const paneOf = (id: string) => props.model.picture.panes.find((each) => each.id === id)
const file = (id: string) =>
  `/api/builds/${encodeURIComponent(builds.id)}/light/canvases/${encodeURIComponent(props.canvas.id)}/${encodeURIComponent(id)}.png`
function addOwn() {
  const own = {
    id: newId(),
    name: 'Tablet',
    pixelsWide: 1280,
    pixelsHigh: 800,
    widthMm: 216,
    heightMm: 135,
  }
  edit({ panes: [...props.canvas.panes, own] })
}
function fields(id: string, own: boolean) {
  const pane = paneOf(id)
  return [
    own && { field: 'name', label: 'Called', required: true },
    { field: 'xMm', label: 'From the left', optional: true, hint: pane?.placed ? '' : 'not known' },
    { field: 'yMm', label: 'From below', optional: true },
    own && { field: 'widthMm', label: 'Shines across', optional: true },
    own && { field: 'heightMm', label: 'and up', optional: true },
    own && { field: 'pixelsWide', label: 'Pixels across', optional: true },
    own && { field: 'pixelsHigh', label: 'and up', optional: true },
  ]
}
</script>

<template>
  <div v-for="(pane, index) in canvas.panes" :key="pane.id" class="pane">
    <details>
      <summary>
        {{ paneOf(pane.id)?.name ?? 'A screen that is gone' }}
        <span v-if="paneOf(pane.id)" class="mono soft"
          >{{ paneOf(pane.id)!.pixelsWide }} × {{ paneOf(pane.id)!.pixelsHigh }} px</span
        >
        <span v-if="paneOf(pane.id) && !paneOf(pane.id)!.measured" class="soft"
          >what shines isn’t measured</span
        >
      </summary>
      <div class="fields">
        <ThingFields
          kind="canvases"
          :thing="canvas"
          :within="`panes.${index}`"
          :fields="fields(pane.id, !!pane.name)"
        />
      </div>
      <p v-if="!pane.name" class="soft">
        Empty: as it stands on its face. What shines of it is entered with the screen, under
        Screens.
      </p>
      <Button
        v-else
        class="bare"
        size="small"
        :label="`Take ${pane.name} away`"
        @click="edit({ panes: canvas.panes.filter(({ id }) => id !== pane.id) })"
      />
    </details>
    <a v-if="paneOf(pane.id)" :href="file(pane.id)" download>PNG</a>
  </div>
  <Button class="bare" size="small" label="Add a screen outside the build" @click="addOwn" />
</template>

<style scoped>
.pane {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
summary {
  cursor: pointer;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(116px, 1fr));
  gap: 8px 12px;
  align-items: start;
  padding: 8px 0;
}
</style>
