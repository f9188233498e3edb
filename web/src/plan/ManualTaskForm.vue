<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { ManualTask } from '../api/types'
import { STOPS } from '../stops'
import { useBuild } from '../store/build'
import { useDraft } from '../store/draft'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'

/** Work that the design does not say: how long, behind what, and what waits for it. */
const builds = useBuild()
const title = useDraft(`task:${builds.id}:title`, '')
const handsOn = useDraft<number | null>(`task:${builds.id}:hands-on`, 60)
const wait = useDraft<number | null>(`task:${builds.id}:wait`, 0)
const stage = ref<ManualTask['stage']>('MAKE')
const after = ref('')
const before = ref('')
const stages = STOPS.map((stop) => ({ value: stop.stage, label: stop.label }))
const tasks = computed(() =>
  builds.view!.tasks.map((t) => ({ value: t.task.key, label: t.task.title })),
)
const afters = computed(() => [
  { value: '', label: 'the concept' },
  ...tasks.value.filter((t) => !t.value.startsWith('reveal/')),
])
const befores = computed(() => [
  { value: '', label: 'closing up, or the photographs' },
  ...tasks.value.filter((t) => t.value !== after.value),
])

function add() {
  if (!title.value.trim()) return
  builds.add('manual-tasks', {
    title: title.value.trim(),
    stage: stage.value,
    handsOnMinutes: handsOn.value ?? 0,
    waitMinutes: wait.value ?? 0,
    after: after.value ? [after.value] : [],
    before: before.value ? [before.value] : [],
    station: null,
  } satisfies Omit<ManualTask, 'id'>)
  title.value = ''
  handsOn.value = 60
  wait.value = 0
}
</script>

<template>
  <form class="new-task" @submit.prevent="add">
    <TextField v-model="title" own label="Work the design does not say" class="wide" />
    <ChoiceField v-model="stage" label="Stage" :options="stages" />
    <MeasureField v-model="handsOn" own whole label="Hands-on" duration unit="min" />
    <MeasureField v-model="wait" own whole label="Then waits" duration unit="min" />
    <ChoiceField v-model="after" label="After" :options="afters" filter class="half" />
    <ChoiceField v-model="before" label="Before" :options="befores" filter class="half" />
    <Button type="submit" class="quiet" label="Add this task" :disabled="!title.trim()" />
  </form>
</template>

<style scoped>
.new-task {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 8px;
  align-items: end;
  margin-top: 14px;
}
.wide {
  grid-column: span 3;
}
.half {
  grid-column: span 2;
}
</style>
