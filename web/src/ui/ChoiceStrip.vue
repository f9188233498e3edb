<script setup lang="ts" generic="T extends string | boolean">
/** One of a few, all in sight: which way something is shown. */
defineProps<{
  label: string
  modelValue: T
  options: readonly { value: T; label: string; count?: number }[]
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
</script>

<template>
  <div class="choice-strip" role="group" :aria-label="label">
    <button
      v-for="option in options"
      :key="String(option.value)"
      type="button"
      :aria-pressed="option.value === modelValue"
      @click="emit('update:modelValue', option.value)"
    >
      {{ option.label }}
      <span v-if="option.count !== undefined" class="mono">{{ option.count }}</span>
    </button>
  </div>
</template>

<style scoped>
.choice-strip {
  display: flex;
}
button {
  font: inherit;
  font-size: 13px;
  color: var(--ink);
  background: none;
  border: 0;
  border-bottom: 2px solid var(--line);
  padding: 4px 10px;
  min-height: 32px;
  cursor: pointer;
}
button:hover {
  background: var(--paper);
}
button[aria-pressed='true'] {
  border-bottom-color: var(--ember);
  font-weight: 700;
}
</style>
