<script setup lang="ts">
import { usePhotos } from '../store/photos'

/** Takes a photo of a step with the tablet, or picks one. */
const props = defineProps<{ buildId: string; taskKey: string; caption: string }>()
const photos = usePhotos()
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await photos.take(props.buildId, props.taskKey, props.caption, file)
  input.value = ''
}
</script>

<template>
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
</template>

<style scoped>
label {
  min-height: 44px;
  min-width: 64px;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  font-size: 14px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
}
label:focus-within {
  outline: 2px solid var(--focus);
}
</style>
