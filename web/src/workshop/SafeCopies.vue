<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { Copies } from '../api/types'
import { dayHere } from '../ui/words'

/** Everything as one file, and the copies that are made by themselves. */
const copies = ref<Copies | null>(null)
const words = computed(() => {
  const { kept = 0, days = [] } = copies.value ?? {}
  if (!copies.value) return ''
  if (kept === 0) return 'No daily copies are made: the program was started without.'
  const last = days.length ? `, the last of ${dayHere(days[days.length - 1]!)}` : ''
  return `A copy of all but pictures and meshes is made each day on this machine’s disk, ${kept} are kept; ${days.length} so far${last}.`
})
onMounted(async () => {
  copies.value = await get<Copies>('/api/backup/copies').catch(() => null)
})
</script>

<template>
  <h2>Safe copies</h2>
  <p class="soft">
    {{ words }} A disk can break: now and then take everything elsewhere, pictures and meshes
    included.
  </p>
  <a href="/api/backup" download>Everything as one file</a>
</template>

<style scoped>
p {
  margin: 0;
}
a {
  display: inline-block;
  min-height: 24px;
}
</style>
