<script setup lang="ts">
import RetireButton from './RetireButton.vue'

/** What was retired: it stays where it is used, and can be brought back. */
defineProps<{ kind: string; things: { id: string; name: string }[] }>()
</script>

<template>
  <details v-if="things.length">
    <summary class="soft">Retired: {{ things.length }}</summary>
    <p v-for="thing in things" :key="thing.id">
      {{ thing.name }} <RetireButton :kind="kind" :thing="thing" />
    </p>
  </details>
</template>

<style scoped>
details {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
summary {
  cursor: pointer;
  width: fit-content;
}
p {
  margin: 2px 0;
}
</style>
