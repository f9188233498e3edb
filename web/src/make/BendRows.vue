<script setup lang="ts">
import Button from 'primevue/button'
import type { Bent, Panel } from '../api/types'
import ThingFields from '../ui/ThingFields.vue'

/** Legs and bends of a strip, from left to right; its flat length follows. */
const props = defineProps<{
  panel: Panel
  bent: Bent
  thicknessMm: number
  /** Why it can't be drawn. */
  problem: (field: string) => string
}>()
const emit = defineEmits<{ change: [bent: Bent] }>()
const BEND = [
  { field: 'angleDegrees', label: 'Bend' },
  'insideRadiusMm',
  { field: 'legMm', label: 'Leg behind' },
]
function add() {
  const next = { angleDegrees: 90, insideRadiusMm: 2 * props.thicknessMm, legMm: 40 }
  emit('change', { ...props.bent, bends: [...props.bent.bends, next] })
}
function remove(index: number) {
  emit('change', { ...props.bent, bends: props.bent.bends.filter((_, i) => i !== index) })
}
</script>

<template>
  <div class="bends">
    <ThingFields
      kind="panels"
      :thing="panel"
      within="drawing.bent"
      :fields="['firstLegMm']"
      :also-wrong="problem"
    />
    <div v-for="(_, index) in bent.bends" :key="index" class="trio">
      <ThingFields
        kind="panels"
        :thing="panel"
        :within="`drawing.bent.bends.${index}`"
        :fields="BEND"
        :also-wrong="problem"
      />
      <Button
        v-if="bent.bends.length > 1"
        class="bare"
        size="small"
        :label="`Remove bend ${index + 1}`"
        @click="remove(index)"
      />
    </div>
    <Button class="quiet" size="small" label="Add a bend" @click="add" />
  </div>
</template>

<style scoped>
.bends {
  display: grid;
  gap: 6px;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
</style>
