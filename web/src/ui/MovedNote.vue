<script setup lang="ts">
import { computed } from 'vue'
import type { Moved } from '../api/types'
import { useBuild } from '../store/build'
import { said } from '../units/writing'
import SignMark from './SignMark.vue'

/** Other builds that the last change of this one moved, and why: what they share. */
const MOST = 3
const builds = useBuild()
const moved = computed<Moved[]>(() => builds.view?.moved ?? [])
</script>

<template>
  <section v-if="moved.length" class="moved" aria-label="Moved by your last change">
    <h3>Moved by your last change</h3>
    <p v-for="each in moved.slice(0, MOST)" :key="each.buildId">
      <SignMark kind="note" :size="12" />
      <RouterLink :to="`/builds/${each.buildId}/plan`">{{ said(each.sentence) }}</RouterLink>
    </p>
    <p v-if="moved.length > MOST" class="soft">and {{ moved.length - MOST }} more</p>
  </section>
</template>

<style scoped>
.moved {
  display: grid;
  gap: 5px;
  font-size: 13px;
}
h3 {
  font-size: 14px;
  margin: 0;
}
p {
  margin: 0;
}
</style>
