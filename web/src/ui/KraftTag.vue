<script setup lang="ts">
/** A card like a tied-on tag: cut corner, eyelet, the build's palette along its edge. */
defineProps<{ palette?: { hex: string }[] }>()
</script>

<template>
  <div class="tag">
    <svg
      v-if="palette?.length"
      class="edge"
      preserveAspectRatio="none"
      viewBox="0 0 1 100"
      aria-hidden="true"
    >
      <rect
        v-for="(colour, index) in palette"
        :key="index"
        x="0"
        width="1"
        :y="(100 / palette.length) * index"
        :height="100 / palette.length"
        :fill="colour.hex"
      />
    </svg>
    <div class="words"><slot /></div>
    <span class="eyelet" aria-hidden="true" />
  </div>
</template>

<style scoped>
.tag {
  position: relative;
  display: flex;
  background: var(--paper);
  border: 1px solid var(--line);
  clip-path: polygon(
    0 0,
    calc(100% - 15px) 0,
    100% 15px,
    100% calc(100% - 15px),
    calc(100% - 15px) 100%,
    0 100%
  );
}
.edge {
  position: absolute;
  left: 0;
  top: 0;
  width: 9px;
  height: 100%;
}
.words {
  padding: 8px 30px 8px 21px;
  flex: 1;
  min-width: 0;
}
.eyelet {
  position: absolute;
  right: 10px;
  top: 50%;
  width: 9px;
  height: 9px;
  margin-top: -5px;
  border-radius: 50%;
  background: var(--ash);
  border: 1px solid var(--line);
}
</style>
