<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { NestProgress } from '../api/types'
import { fixed, said } from '../units/writing'

/** The best layout a search has found so far, and how far the search is. */
const props = defineProps<{ best: NestProgress }>()
const emit = defineEmits<{ keep: []; away: [] }>()
const tall = computed(() => Math.max(1, ...props.best.sheets.map((s) => s.heightMm)))
</script>

<template>
  <section class="best" aria-label="Best layout so far" aria-live="polite">
    <div class="row line">
      <span
        class="burning"
        role="progressbar"
        aria-label="Search"
        :aria-valuenow="Math.round(best.progress * 100)"
        :style="{ '--done': best.progress }"
      />
      <span class="mono">
        {{ best.tries }} layouts, {{ fixed(best.share * 100, 1) }} % of the sheets used,
        {{ best.sheets.length }} sheets (by area at least {{ best.leastSheets }})
      </span>
      <span v-if="best.unplaced" class="bad">{{ best.unplaced }} pieces find no place</span>
      <span v-if="best.problem" class="bad" role="alert">{{ said(best.problem) }}</span>
      <span class="grow" />
      <Button
        size="small"
        label="Keep this layout"
        :disabled="!best.sheets.length"
        @click="emit('keep')"
      />
      <Button class="bare" size="small" label="Leave it" @click="emit('away')" />
    </div>
    <div class="row shown">
      <figure v-for="(sheet, index) in best.sheets" :key="index">
        <svg
          :viewBox="`-2 -2 ${sheet.widthMm + 4} ${sheet.heightMm + 4}`"
          :style="{ height: `${(150 * sheet.heightMm) / tall}px` }"
          role="img"
          :aria-label="`${sheet.name}, ${fixed(sheet.utilisation * 100, 0)} % used`"
        >
          <g :transform="`translate(0 ${sheet.heightMm}) scale(1 -1)`">
            <path :d="sheet.blank" class="blank" fill-rule="evenodd" />
            <path :d="sheet.pieces" class="pieces" fill-rule="evenodd" />
          </g>
        </svg>
        <figcaption class="mono">
          {{ sheet.name }} {{ fixed(sheet.utilisation * 100, 0) }} %
        </figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.best {
  background: var(--paper);
  border-left: 3px solid var(--ember);
  padding: 8px 12px;
  margin-bottom: 10px;
}
.line {
  align-items: center;
  gap: 12px;
}
.burning {
  width: 120px;
  height: 3px;
  background: linear-gradient(
    to right,
    var(--ink) calc(var(--done) * 100%),
    var(--line) calc(var(--done) * 100%)
  );
}
.shown {
  align-items: flex-end;
  gap: 16px;
  margin-top: 8px;
  overflow-x: auto;
}
figure {
  margin: 0;
}
figcaption {
  font-size: 11.5px;
}
.blank {
  fill: var(--kraft);
  stroke: var(--smoke);
  vector-effect: non-scaling-stroke;
}
.pieces {
  fill: var(--ash);
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
</style>
