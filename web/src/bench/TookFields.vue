<script setup lang="ts">
import { computed } from 'vue'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'
import { duration } from '../ui/words'

/** How long a step took where no clock ran: as planned, typed, or nothing and why. */
export interface Took {
  how: 'planned' | 'typed' | 'none'
  minutes: number | null
  why: string
}
const props = defineProps<{ modelValue: Took; plannedMinutes: number }>()
const emit = defineEmits<{ 'update:modelValue': [value: Took] }>()
const put = (change: Partial<Took>) => emit('update:modelValue', { ...props.modelValue, ...change })
const ways = computed(() => [
  { value: 'planned' as const, label: `as planned, ${duration(props.plannedMinutes)}` },
  { value: 'typed' as const, label: 'another time' },
  { value: 'none' as const, label: 'no time' },
])
</script>

<template>
  <div class="took">
    <span class="soft">No clock ran. How long did it take?</span>
    <ChoiceStrip
      label="How long it took"
      :model-value="modelValue.how"
      :options="ways"
      @update:model-value="(how) => put({ how })"
    />
    <MeasureField
      v-if="modelValue.how === 'typed'"
      label="It took"
      own
      whole
      duration
      unit="min"
      :model-value="modelValue.minutes"
      @update:model-value="(minutes) => put({ minutes })"
    />
    <TextField
      v-if="modelValue.how === 'none'"
      label="Why it took no time"
      own
      :model-value="modelValue.why"
      @update:model-value="(why) => put({ why })"
    />
  </div>
</template>

<script lang="ts">
/** Minutes and reason as the server takes them; null while something is missing. */
export function tookAnswer(
  took: Took,
  planned: number,
): { minutes: number; timeWhy: string } | null {
  if (took.how === 'planned') return { minutes: planned, timeWhy: '' }
  if (took.how === 'none') return took.why.trim() ? { minutes: 0, timeWhy: took.why.trim() } : null
  return took.minutes && took.minutes > 0
    ? { minutes: Math.round(took.minutes), timeWhy: '' }
    : null
}
</script>

<style scoped>
.took {
  display: grid;
  gap: 6px;
}
.took :deep(button) {
  min-height: 44px;
}
</style>
