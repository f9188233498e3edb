<script setup lang="ts">
import { computed } from 'vue'
import { useBuild } from '../store/build'
import { dayHere } from '../ui/words'
import { said } from '../units/writing'

/** Steps that count as done though nobody did them: what, for which check, why, who said so. */
const builds = useBuild()
const title = (key: string) =>
  builds.view!.tasks.find((task) => task.task.key === key)?.task.title ?? key
const passed = computed(() =>
  builds.view!.tasks.flatMap((task) => {
    const said = task.log.verdict
    return said?.passedFor
      ? [
          {
            key: task.task.key,
            title: task.task.title,
            before: title(said.passedFor),
            note: said.note,
            by: said.by,
            on: dayHere(said.at),
          },
        ]
      : []
  }),
)
</script>

<template>
  <section v-if="passed.length" class="passed-over">
    <h3>Passed over, not done</h3>
    <ul>
      <li v-for="step in passed" :key="step.key">
        <strong>{{ said(step.title) }}</strong>, before “{{ said(step.before) }}”: {{ step.note }}
        <span class="soft">— {{ step.by }}, {{ step.on }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 6px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
