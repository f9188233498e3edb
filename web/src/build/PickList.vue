<script setup lang="ts">
/** The things of a stage as a short list to pick from; the picked one is drawn and edited beside it. */
defineProps<{
  label: string
  items: { id: string; name: string; detail: string; sign?: boolean }[]
  picked: string | null
}>()
const emit = defineEmits<{ pick: [id: string] }>()
</script>

<template>
  <ul class="pick" :aria-label="label">
    <li v-for="item in items" :key="item.id">
      <button type="button" :aria-pressed="item.id === picked" @click="emit('pick', item.id)">
        <span class="name">{{ item.name }}</span>
        <span class="mono soft">{{ item.detail }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.pick {
  list-style: none;
  margin: 0 0 10px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button {
  font: inherit;
  color: var(--ink);
  background: none;
  border: 1px solid var(--line);
  border-bottom-width: 3px;
  padding: 5px 11px;
  display: flex;
  flex-direction: column;
  text-align: left;
  cursor: pointer;
}
button:hover {
  background: var(--paper);
}
button[aria-pressed='true'] {
  background: var(--paper);
  border-color: var(--ink);
  border-bottom-color: var(--ember);
}
.name {
  font-weight: 600;
}
.mono {
  font-size: 11.5px;
}
</style>
