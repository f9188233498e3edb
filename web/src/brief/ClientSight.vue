<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '../api/client'
import type { ClientView } from '../api/types'
import { useBuild } from '../store/build'
import SignMark from '../ui/SignMark.vue'

/** What the client may see today: asked of the server, which hides the rest. */
const builds = useBuild()
const view = ref<ClientView | null>(null)
watch(
  () => builds.view?.revision,
  async () => {
    view.value = await get<ClientView>(`/api/builds/${encodeURIComponent(builds.id)}/client`).catch(
      () => null,
    )
  },
  { immediate: true },
)
const lines = computed(() => {
  const v = view.value
  if (!v) return []
  return [
    { words: 'whether we are on time', shown: true },
    { words: 'name and theme', shown: v.name != null },
    { words: 'pictures and palette', shown: v.palette != null },
    { words: 'what was asked for', shown: v.requirements != null },
    { words: 'the day it is ready', shown: v.readyOn != null },
    { words: 'price', shown: v.priceMinor != null },
    { words: 'specification', shown: v.specification != null },
    { words: 'hours', shown: v.minutes != null },
  ]
})
</script>

<template>
  <ul aria-label="What the client may see today">
    <li v-for="line in lines" :key="line.words">
      <SignMark :kind="line.shown ? 'done' : 'stop'" :size="11" />
      <span class="visually-hidden">{{ line.shown ? 'shown' : 'hidden' }}: </span>
      {{ line.words }}
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 3px 14px;
  font-size: 12.5px;
}
li {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
</style>
