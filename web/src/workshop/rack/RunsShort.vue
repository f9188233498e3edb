<script setup lang="ts">
import type { RackThing } from '../../api/types'
import SignMark from '../../ui/SignMark.vue'
import { said } from '../../units/writing'
import { type ShortNote } from './useRack'

/** What runs short, low or dry. */
defineProps<{ notes: ShortNote[] }>()
defineEmits<{ choose: [thing: RackThing] }>()
/** Builds for which nothing, or not all, is ordered. */
const shortFor = ({ thing }: ShortNote) =>
  thing.missing > 0 ? thing.users.filter((user) => user.quantity > user.coming + 1e-9) : []
</script>

<template>
  <aside aria-label="Runs short">
    <h2>
      Runs short <span class="mono">{{ notes.length }}</span>
    </h2>
    <p v-if="!notes.length" class="soft">All that builds still want is here or on its way.</p>
    <article v-for="note in notes" :key="note.title">
      <h3><SignMark :kind="note.sign" /> {{ said(note.title) }}</h3>
      <p>{{ said(note.detail) }}</p>
      <p class="ways">
        <RouterLink
          v-for="user in shortFor(note)"
          :key="user.buildId"
          :to="`/builds/${user.buildId}/supply?show=send`"
          >Order it for {{ user.buildName }}</RouterLink
        >
        <button type="button" @click="$emit('choose', note.thing)">Look at it</button>
      </p>
    </article>
  </aside>
</template>

<style scoped>
aside {
  background: var(--watch);
  padding: 12px 14px 30px;
}
h2 {
  font-size: 17px;
  margin-bottom: 6px;
}
article {
  background: var(--paper);
  padding: 9px 11px;
  margin-bottom: 8px;
}
h3 {
  font-size: 14.5px;
}
p {
  margin: 3px 0;
  font-size: 13.5px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
}
.ways button {
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  text-decoration: underline;
  cursor: pointer;
}
</style>
