<script setup lang="ts">
import { computed } from 'vue'
import type { Photo } from '../api/types'
import { usePhotos } from '../store/photos'

/** Photos of a step, those that the server has not yet among them. */
const props = defineProps<{ buildId: string; taskKey: string; photos: Photo[] }>()
const kept = usePhotos()
const waiting = computed(() => kept.of(props.buildId, props.taskKey))
</script>

<template>
  <div v-if="photos.length || waiting.length" class="photos">
    <img
      v-for="each in photos"
      :key="each.id"
      :src="`/api/pictures/${each.sha256}`"
      :alt="each.caption"
    />
    <figure v-for="each in waiting" :key="each.url">
      <img :src="each.url" alt="A photo that is not sent yet" />
      <figcaption class="soft">not sent yet</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
}
img {
  height: 72px;
}
figure {
  margin: 0;
}
figcaption {
  font-size: 12px;
}
</style>
