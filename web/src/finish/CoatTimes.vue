<script setup lang="ts">
import { computed } from 'vue'
import type { Scheme, SchemeModel } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import TimeStrip from '../ui/TimeStrip.vue'
import { duration, weekday } from '../ui/words'
import { coatRows } from './coatRows'
import { exact } from '../units/writing'

/** The steps in time: hands-on, flash, recoat window, handle, cure; what falls outside is marked. */
const props = defineProps<{ model: SchemeModel; scheme: Scheme }>()
const builds = useBuild()
const workshop = useWorkshop()
const tasks = computed(() =>
  builds.view!.finishTasks.filter((t) => t.task.thingId === props.scheme.id),
)
const shared = computed(() => {
  const keys = new Set(props.model.coats.map((coat) => coat.key))
  return builds.view!.finishTasks.filter(
    (t) => t.task.thingId === props.scheme.id || keys.has(t.task.key),
  )
})
const rows = computed(() => coatRows(props.model, shared.value, builds.view!.now))
const handsOn = computed(() => tasks.value.reduce((sum, t) => sum + t.task.handsOnMinutes, 0))
const waiting = computed(() => tasks.value.reduce((sum, t) => sum + t.task.waitMinutes, 0))
const room = computed(() => workshop.book!.workshop.room)
const today = computed(() => builds.view!.now.slice(0, 10))
const airs = computed(() =>
  [...workshop.book!.airs]
    .filter((a) => a.date >= today.value)
    .sort((a, b) => (a.date < b.date ? -1 : 1))
    .slice(0, 4),
)
</script>

<template>
  <section class="times">
    <div class="row head">
      <h3>In time</h3>
      <span class="soft"
        >usual air {{ exact(room.temperatureC) }} °C, {{ exact(room.humidityPercent) }} %</span
      >
      <span v-for="air in airs" :key="air.id" class="mono air"
        >{{ weekday(air.date).split(' ')[0] }} {{ exact(air.temperatureC) }}°/{{
          air.humidityPercent
        }}
        %</span
      >
      <span class="grow" />
      <span class="mono">hands {{ duration(handsOn) }} · waiting {{ duration(waiting) }}</span>
    </div>
    <TimeStrip v-if="rows.length" :rows="rows" :label="`Steps of ${scheme.name} in time`" />
    <p v-else class="soft">Nothing of this is planned: add a coat, or all of it is done.</p>
  </section>
</template>

<style scoped>
.times {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.head {
  gap: 12px;
  align-items: baseline;
}
.air {
  font-size: 12px;
  color: var(--smoke);
}
</style>
