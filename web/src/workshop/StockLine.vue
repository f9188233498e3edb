<script setup lang="ts" generic="T extends { id: string; name: string; colourHex: string }">
import Button from 'primevue/button'
import { newId } from '../api/client'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import RetireButton from '../ui/RetireButton.vue'
import SwatchChip from '../ui/SwatchChip.vue'
import ThingFields from '../ui/ThingFields.vue'

/** One product: its colour and name, and the fields of its kind in the slot. */
const props = defineProps<{
  kind: 'paints' | 'films' | 'filaments' | 'sheets'
  thing: T
  detail: string
  /** What a copy starts with: nothing on hand. */
  empty: Partial<T>
  onHand: string
}>()
const workshop = useWorkshop()
const session = useSession()
function copy() {
  const { thing } = props
  workshop.edit(
    props.kind,
    { ...thing, ...props.empty, id: newId(), name: thing.name + ' (copy)' },
    {},
  )
}
</script>

<template>
  <article class="line">
    <template v-if="session.owner">
      <ThingFields
        :kind="kind"
        :thing="thing"
        :fields="[
          { field: 'colourHex', label: 'Colour' },
          { field: 'name', label: detail },
        ]"
      />
      <slot />
      <Button
        class="bare"
        size="small"
        label="Copy"
        :aria-label="'Copy ' + thing.name"
        @click="copy"
      />
      <RetireButton class="retire" :kind="kind" :thing="thing" />
    </template>
    <p v-else class="told">
      <SwatchChip :hex="thing.colourHex" :name="thing.name" :detail="detail" />
      <span class="mono">{{ onHand }}</span>
    </p>
  </article>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 132px minmax(180px, 1.6fr) repeat(5, minmax(88px, 1fr)) 62px 68px;
  gap: 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 6px 0;
}
/* beside the fields, not beside their labels */
.line > :deep(.p-button) {
  margin-top: 20px;
}
.told {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
