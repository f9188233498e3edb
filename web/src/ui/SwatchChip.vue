<script setup lang="ts">
/** A colour with its name; the name is always there, colour alone says nothing. */
defineProps<{ hex: string; name: string; detail?: string }>()
</script>

<template>
  <span class="swatch">
    <svg width="26" height="26" aria-hidden="true">
      <rect x="0.5" y="0.5" width="25" height="25" :fill="hex" />
    </svg>
    <span>{{ name }}</span>
    <span v-if="detail" class="mono soft">{{ detail }}</span>
  </span>
</template>

<style scoped>
.swatch {
  display: inline-flex;
  align-items: center;
  gap: 9px;
}
rect {
  stroke: var(--line);
}
</style>
