<script setup lang="ts">
import { onBeforeUnmount, onMounted } from 'vue'
import type { Finding } from '../api/types'
import { useShell } from '../store/shell'
import WatchPanel from '../ui/WatchPanel.vue'

/** Workspace in the middle, watch panel on the right. `n` makes something new here. */
const props = defineProps<{
  title: string
  note?: string
  capabilities: string[]
  live?: Finding[]
  onNew?: () => void
}>()
const shell = useShell()
onMounted(() => (shell.newHere = props.onNew ?? null))
onBeforeUnmount(() => (shell.newHere = null))
</script>

<template>
  <div class="frame">
    <main class="work">
      <header class="row no-print">
        <h2>{{ title }}</h2>
        <span v-if="note" class="soft">{{ note }}</span>
        <span class="grow" />
        <slot name="actions" />
      </header>
      <slot />
    </main>
    <WatchPanel :capabilities="capabilities" :live="live">
      <template #first><slot name="watch-first" /></template>
      <slot name="watch" />
    </WatchPanel>
  </div>
</template>

<style scoped>
.frame {
  display: flex;
  min-height: 0;
}
.work {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 14px 24px 40px;
  /* text that appears above must not scroll the page: an open list would close */
  overflow-anchor: none;
}
header {
  margin-bottom: 10px;
  align-items: center;
}
h2 {
  font-size: 24px;
}
@media (max-width: 640px) {
  /* the watch panel comes after the work, and both scroll as one */
  .frame {
    display: block;
    overflow-y: auto;
  }
  .work {
    overflow: visible;
    padding: 10px 12px 24px;
  }
  header {
    flex-wrap: wrap;
  }
}
@media print {
  .frame,
  .work {
    display: block;
    overflow: visible;
    padding: 0;
  }
}
</style>
