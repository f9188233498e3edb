<script setup lang="ts">
import { useRouter } from 'vue-router'

/** The parts of one stop; which is shown stands in the address. */
defineProps<{
  label: string
  views: readonly { value: string; label: string }[]
  shown: string
}>()
const router = useRouter()
</script>

<template>
  <nav class="views" :aria-label="label">
    <button
      v-for="view in views"
      :key="view.value"
      type="button"
      :aria-current="shown === view.value ? 'page' : undefined"
      @click="router.replace({ query: { show: view.value } })"
    >
      {{ view.label }}
    </button>
  </nav>
</template>

<style scoped>
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
button {
  font: inherit;
  font-weight: 600;
  color: var(--smoke);
  background: none;
  border: 0;
  padding: 4px 11px;
  min-height: 32px;
  cursor: pointer;
}
button:hover {
  color: var(--ink);
  text-decoration: underline;
}
button[aria-current] {
  background: var(--ink);
  color: var(--paper);
}
</style>
