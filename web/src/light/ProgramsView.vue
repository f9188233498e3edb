<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Program } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { count } from '../ui/words'
import { written } from '../units/marks'
import { marks } from '../units/writing'
import ManyOf from '../ui/ManyOf.vue'

/** Programs that run for screens and lights: what they take, what they claim, what they serve. */
const builds = useBuild()
const build = computed(() => builds.build!)
const PROGRAM = [
  'name',
  { field: 'processorPercent', label: 'Of the processor' },
  { field: 'memoryMb', label: 'Memory', unit: 'MB' },
  { field: 'graphicsPercent', label: 'Of the graphics' },
  { field: 'claims', label: 'Wants for itself', hint: 'buses, apart by commas' },
  { field: 'version', label: 'Version', hint: 'frozen at acceptance' },
  { field: 'startsItself', label: 'starts with the machine' },
  { field: 'readsSensors', label: 'reads sensors' },
]
const LIMIT = [
  {
    field: 'programPercent',
    label: 'The brief allows of the processor',
    unit: '%',
    hint: 'empty: 10 %',
    optional: true,
  },
]
const served = computed(() => [
  ...build.value.screens.map(({ id, name }) => ({ value: id, label: name })),
  ...build.value.components
    .filter((each) => each.display || each.kind === 'CONTROLLER')
    .map(({ id, name }) => ({ value: id, label: name })),
  ...build.value.strips.map(({ id, name }) => ({ value: id, label: name })),
])
const sum = (of: (program: Program) => number) =>
  build.value.programs.reduce((all, program) => all + of(program), 0)
const number = (value: number) => written(value, marks.value, 1)
</script>

<template>
  <p v-if="build.programs.length" class="sums mono">
    {{ count(build.programs.length, 'programs') }} to keep up to date:
    {{ number(sum((each) => each.processorPercent)) }} % of the processor,
    {{ number(sum((each) => each.memoryMb)) }} MB,
    {{ number(sum((each) => each.graphicsPercent)) }} % of the graphics
  </p>
  <div v-if="build.programs.length" class="limit">
    <ThingFields kind="briefs" :thing="build.brief" :fields="LIMIT" />
  </div>
  <article v-for="thing in build.programs" :key="thing.id" class="thing">
    <ThingFields kind="programs" :thing="thing" :fields="PROGRAM" />
    <ManyOf
      class="whole"
      legend="Serves"
      :options="served"
      :model-value="thing.drives"
      @update:model-value="(drives) => builds.edit('programs', thing, { drives })"
    />
    <div class="whole">
      <Button
        class="bare"
        size="small"
        :label="`Remove ${thing.name}`"
        @click="builds.remove('programs', thing.id)"
      />
    </div>
  </article>
  <p v-if="!build.programs.length" class="soft">
    No program yet. A screen that is no second monitor, and every light that moves, has one: what it
    takes of the machine, and which two fight over one bus, is said here.
  </p>
</template>

<style scoped>
.sums {
  margin: 0 0 10px;
}
.limit {
  max-width: 260px;
  margin-bottom: 12px;
}
.thing {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
.whole {
  grid-column: 1 / -1;
}
</style>
