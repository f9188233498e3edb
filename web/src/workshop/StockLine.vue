<script setup lang="ts" generic="T extends { id: string; name: string; colourHex: string }">
import Button from 'primevue/button'
import { newId } from '../api/client'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ColourField from '../ui/ColourField.vue'
import SwatchChip from '../ui/SwatchChip.vue'
import TextField from '../ui/TextField.vue'

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
const edit = (change: Partial<T>) => workshop.edit(props.kind, props.thing, change)
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
      <ColourField
        label="Colour"
        :model-value="thing.colourHex"
        :problem="workshop.problem(kind, thing.id, 'colourHex')"
        @update:model-value="(colourHex) => edit({ colourHex } as Partial<T>)"
      />
      <TextField
        :label="detail"
        required
        :model-value="thing.name"
        :problem="workshop.problem(kind, thing.id, 'name')"
        @update:model-value="(name) => edit({ name } as Partial<T>)"
      />
      <slot :edit="edit" :problem="(field: string) => workshop.problem(kind, thing.id, field)" />
      <Button
        class="bare"
        size="small"
        label="Copy"
        :aria-label="'Copy ' + thing.name"
        @click="copy"
      />
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
  grid-template-columns: 132px minmax(180px, 1.6fr) repeat(5, minmax(88px, 1fr)) 62px;
  gap: 12px;
  align-items: end;
  border-top: 1px solid var(--line);
  padding: 6px 0;
}
.told {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
