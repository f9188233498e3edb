<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import ScrewWorksheet from './ScrewWorksheet.vue'
import ShelfWorksheet from './ShelfWorksheet.vue'
import StackWorksheet from './StackWorksheet.vue'
import StandoffWorksheet from './StandoffWorksheet.vue'

/** Small calculations that live with the build: stacks, screws, posts, shelves. */
const builds = useBuild()
const worked = computed(() => builds.view!.fit.worksheets)
const sheets = computed(() => builds.build!.worksheets)
const answer = (sheet: Worksheet) => worked.value.find((w) => w.sheet.id === sheet.id) ?? null
function addStack() {
  builds.add('worksheets', {
    name: 'Stack',
    stack: {
      cavityMm: 60,
      cavityToleranceMm: 0.5,
      wantedGapMm: 2,
      layers: [{ name: 'board', nominalMm: 1.6, toleranceMm: 0.2 }],
    },
  })
}
function addScrew() {
  builds.add('worksheets', {
    name: 'Screw',
    screw: { diameterMm: 3, gripMm: 4, depthMm: 9, into: 'INSERT', pieces: 4 },
  })
}
function addPosts() {
  builds.add('worksheets', {
    name: 'Posts',
    standoffs: {
      count: 4,
      coreMm: 3.141,
      heightMm: 30,
      axialN: 0,
      lateralN: 0,
      material: 'MILD_STEEL',
      person: true,
      clamped: false,
      heldBy: '',
      carrying: 3,
    },
  })
}
function addShelf() {
  builds.add('worksheets', {
    name: 'Shelf',
    shelf: {
      massKg: 0,
      spanMm: 400,
      wideMm: 300,
      thicknessMm: 6,
      of: 'BIRCH_PLY',
      spread: false,
    },
  })
}
defineExpose({ add: addStack })
</script>

<template>
  <div class="row bar">
    <span class="soft">a caliper replaces guesses; posts and shelves are estimates</span>
    <span class="grow" />
    <Button class="quiet" size="small" label="Add a stack" @click="addStack" />
    <Button class="quiet" size="small" label="Add a screw" @click="addScrew" />
    <Button class="quiet" size="small" label="Add posts" @click="addPosts" />
    <Button class="quiet" size="small" label="Add a shelf" @click="addShelf" />
  </div>
  <p v-if="!sheets.length" class="soft">
    No worksheet yet: what lies on what in a cavity, how long a screw may be, what posts bear, how
    far a shelf bends.
  </p>
  <template v-for="sheet in sheets" :key="sheet.id">
    <StackWorksheet v-if="sheet.stack" :sheet="sheet" :answer="answer(sheet)" />
    <ScrewWorksheet v-else-if="sheet.screw" :sheet="sheet" :answer="answer(sheet)" />
    <ShelfWorksheet v-else-if="sheet.shelf" :sheet="sheet" :answer="answer(sheet)" />
    <StandoffWorksheet v-else :sheet="sheet" :answer="answer(sheet)" />
  </template>
</template>

<style scoped>
.bar {
  align-items: center;
  margin-bottom: 8px;
}
</style>
