<script setup lang="ts">
/** The reveal: a small lantern, dark until the day. Drawn around (0, 0), 30 high. */
defineProps<{ lit: boolean }>()
</script>

<template>
  <g class="lantern" :class="{ lit }">
    <path d="M-4 -11a4 4 0 0 1 8 0" class="bow" />
    <path d="M-7 -10H7L5.5 -5H-5.5Z" />
    <path d="M-5.5 -5H5.5L7.5 13H-7.5Z" class="glass" />
    <path d="M-9 13H9V17H-9Z" />
  </g>
</template>

<style scoped>
path {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.bow {
  fill: none;
}
.lit path {
  fill: var(--glow);
}
.lit .bow {
  fill: none;
}
</style>
