<script setup lang="ts">
/** Meanings by shape as well as colour: stop square, risk triangle, note ring, done tick, wait line. */
defineProps<{ kind: 'stop' | 'risk' | 'note' | 'done' | 'wait' | 'now'; size?: number }>()
</script>

<template>
  <svg
    :width="size ?? 14"
    :height="size ?? 14"
    viewBox="0 0 14 14"
    :class="kind"
    aria-hidden="true"
  >
    <rect v-if="kind === 'stop'" x="1" y="1" width="12" height="12" />
    <path v-else-if="kind === 'risk'" d="M7 1 13.5 13H.5Z" />
    <circle v-else-if="kind === 'note'" cx="7" cy="7" r="5" />
    <path v-else-if="kind === 'done'" d="M1 7.5 5 11.5 13 2" />
    <path v-else-if="kind === 'wait'" d="M3 1H11L3 13H11Z" />
    <circle v-else cx="7" cy="7" r="5.5" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}
.stop {
  fill: var(--madder);
}
.risk {
  fill: #c9820e;
}
.note {
  fill: none;
  stroke: var(--slate);
  stroke-width: 2;
}
.done {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.6;
}
.wait {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.6;
}
.now {
  fill: var(--ember);
  stroke: var(--glow);
  stroke-width: 2;
}
</style>
