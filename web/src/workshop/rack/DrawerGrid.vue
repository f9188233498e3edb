<script setup lang="ts">
import type { RackThing } from '../../api/types'
import { amount } from './useRack'

/** Small things: how many lie there, and how many all builds want. */
defineProps<{ things: RackThing[]; chosen: string }>()
defineEmits<{ choose: [thing: RackThing] }>()
</script>

<template>
  <p v-if="!things.length" class="soft">
    No small things are wanted yet: screws, inserts, magnets, tape and abrasives come from the
    builds by themselves.
  </p>
  <ul class="drawers">
    <li v-for="thing in things" :key="thing.id">
      <button
        type="button"
        :aria-pressed="chosen === thing.id"
        :class="{ short: thing.missing > 0 || thing.low }"
        @click="$emit('choose', thing)"
      >
        <strong>{{ thing.name }}</strong>
        <span class="mono"
          >{{ amount(thing, thing.have) }} / {{ amount(thing, thing.wanted) }}</span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.drawers {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px;
  margin: 8px 0 0;
  padding: 0;
}
button {
  width: 100%;
  min-height: 52px;
  border: 1px solid var(--line);
  border-bottom: 4px solid var(--kraft);
  background: var(--paper);
  font: inherit;
  font-size: 13px;
  text-align: left;
  padding: 4px 8px;
  cursor: pointer;
  display: grid;
}
.short {
  border-color: var(--madder);
}
.short .mono {
  color: var(--madder);
}
button[aria-pressed='true'] {
  outline: 2px solid var(--ember);
}
</style>
