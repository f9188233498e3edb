<script setup lang="ts">
import { computed } from 'vue'
import type { Stage, TaskModel } from '../api/types'
import { useBuild } from '../store/build'
import JobCard from './JobCard.vue'

/** This build's cards of some stages: open ones first, done ones behind. */
const props = defineProps<{ stages: Stage[]; empty: string }>()
const builds = useBuild()
const tasks = computed(() =>
  builds
    .view!.tasks.filter((task) => props.stages.includes(task.task.stage))
    .sort((a, b) => Number(!!a.doneAt) - Number(!!b.doneAt)),
)
const notes = (task: TaskModel) =>
  builds.build!.notes.filter((note) => note.taskKey === task.task.key)
const photos = (task: TaskModel) =>
  builds.build!.photos.filter((photo) => photo.taskKey === task.task.key)
const times = (task: TaskModel) =>
  builds.build!.times.filter((time) => time.taskKey === task.task.key)
</script>

<template>
  <p v-if="tasks.length === 0" class="soft">{{ empty }}</p>
  <div class="cards">
    <JobCard
      v-for="task in tasks"
      :key="task.task.key"
      :build-id="builds.id"
      :task="task"
      :now="builds.view!.now"
      :notes="notes(task)"
      :photos="photos(task)"
      :times="times(task)"
    />
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 370px), 1fr));
  gap: 12px;
  align-items: start;
}
</style>
