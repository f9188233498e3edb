<script setup lang="ts">
/** One thing of Light: what it looks like, and its fields beside it. */
</script>

<template>
  <article class="thing">
    <slot name="picture" />
    <div class="fields"><slot /></div>
  </article>
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 12px;
  align-items: start;
}
.fields > :deep(.whole),
.fields > :deep(h3) {
  grid-column: 1 / -1;
}
.fields > :deep(.twice) {
  grid-column: span 2;
}
.fields > :deep(h3) {
  font-size: 15px;
  margin-top: 6px;
}
@media (max-width: 640px) {
  .thing {
    grid-template-columns: 1fr;
  }
}
</style>
