<script setup lang="ts">
import Button from 'primevue/button'
import type { Why, Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import ThingFields from '../ui/ThingFields.vue'

/** A worksheet: its name, its answer (null while it is not known), and its fields. */
defineProps<{ sheet: Worksheet; good: boolean | null; why?: Why; verdict: string }>()
const builds = useBuild()
</script>

<template>
  <section class="sheet" :aria-label="sheet.name">
    <div class="head">
      <ThingFields
        kind="worksheets"
        :thing="sheet"
        :fields="[{ field: 'name', label: 'Worksheet' }]"
      />
      <p class="verdict">
        <SignMark :kind="good === null ? 'wait' : good ? 'done' : 'stop'" /> {{ verdict }}
        <WhyButton v-if="why" :why="why" :of="sheet.name" />
      </p>
      <Button
        class="bare"
        size="small"
        :label="`Remove ${sheet.name}`"
        @click="builds.remove('worksheets', sheet.id)"
      />
    </div>
    <slot />
  </section>
</template>

<style scoped>
.sheet {
  border-top: 1.5px solid var(--ink);
  padding: 8px 0 14px;
  display: grid;
  gap: 8px;
}
.head {
  display: grid;
  grid-template-columns: 230px 1fr auto;
  gap: 16px;
  align-items: end;
}
.verdict {
  margin: 0 0 6px;
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
