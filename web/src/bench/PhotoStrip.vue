<script setup lang="ts">
import { computed } from 'vue'
import { useBuild } from '../store/build'
import PhotoButton from './PhotoButton.vue'
import PhotoRow from './PhotoRow.vue'

/** Photos of one thing of the build that is open, and one more. */
const props = defineProps<{ taskKey: string; caption: string }>()
const builds = useBuild()
const photos = computed(() => builds.build!.photos.filter((each) => each.taskKey === props.taskKey))
</script>

<template>
  <span class="strip">
    <PhotoButton :build-id="builds.id" :task-key="taskKey" :caption="caption" />
    <PhotoRow :build-id="builds.id" :task-key="taskKey" :photos="photos" />
  </span>
</template>

<style scoped>
.strip {
  display: inline-flex;
  gap: 8px;
  align-items: center;
}
.strip :deep(img) {
  height: 44px;
}
</style>
