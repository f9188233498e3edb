<script setup lang="ts">
/** Label above, field, sentence below. The sentence says what would be right. */
defineProps<{ label: string; id: string; problem?: string; hint?: string; hideLabel?: boolean }>()
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <slot />
    <p v-if="problem" :id="id + '-problem'" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
}
label {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
p {
  margin: 0;
  font-size: 12.5px;
}
.problem {
  color: var(--madder);
  font-weight: 600;
}
.hint {
  color: var(--smoke);
}
</style>
