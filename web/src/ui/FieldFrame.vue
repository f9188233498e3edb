<script setup lang="ts">
import type { Offer } from '../units/reading'

/** Label above, field, sentence below. The sentence says what would be right, and offers it. */
defineProps<{
  label: string
  id: string
  problem?: string
  offers?: Offer[]
  hint?: string
  hideLabel?: boolean
}>()
defineEmits<{ take: [value: number] }>()
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <slot />
    <p v-if="problem" :id="id + '-problem'" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>
    <p v-if="problem && offers?.length" class="offers">
      <button
        v-for="offer in offers"
        :key="offer.label"
        type="button"
        class="offer"
        @click="$emit('take', offer.value)"
      >
        {{ offer.label }}
      </button>
    </p>
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
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}
.offer {
  border: 1px solid var(--rope);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  padding: 2px 8px;
  cursor: pointer;
}
</style>
