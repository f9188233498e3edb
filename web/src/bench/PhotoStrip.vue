<script setup lang="ts">
import { computed } from 'vue'
import { newId, upload } from '../api/client'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'

/** Photos of one thing of the build that is open, and one more. */
const props = defineProps<{ taskKey: string; caption: string }>()
const builds = useBuild()
const shell = useShell()
const photos = computed(() => builds.build!.photos.filter((each) => each.taskKey === props.taskKey))
async function take(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const form = new FormData()
  form.append('id', newId())
  form.append('taskKey', props.taskKey)
  form.append('caption', props.caption)
  form.append('file', file)
  try {
    await upload(`/api/builds/${builds.id}/photos`, form)
    await builds.reload()
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
</script>

<template>
  <span class="strip">
    <label>
      Photo
      <input
        type="file"
        accept="image/png,image/jpeg"
        class="visually-hidden"
        :aria-label="'Photo of ' + caption"
        @change="take"
      />
    </label>
    <img
      v-for="photo in photos"
      :key="photo.id"
      :src="`/api/pictures/${photo.sha256}`"
      :alt="photo.caption"
    />
  </span>
</template>

<style scoped>
.strip {
  display: inline-flex;
  gap: 8px;
  align-items: center;
}
img {
  height: 44px;
}
label {
  min-height: 44px;
  min-width: 64px;
  display: inline-grid;
  place-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
}
label:focus-within {
  outline: 2px solid var(--focus);
}
</style>
