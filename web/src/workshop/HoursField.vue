<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import type { OpenHours } from '../api/types'
import TimeField from '../ui/TimeField.vue'
import { sentence } from '../ui/words'

/** Weekly working time, one stretch a day. */
const props = defineProps<{ label: string; modelValue: OpenHours[]; problem?: string }>()
const emit = defineEmits<{ 'update:modelValue': [value: OpenHours[]] }>()
const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
type Day = (typeof DAYS)[number]

const of = (day: Day) => props.modelValue.find((open) => open.day === day)
function put(day: Day, hours: OpenHours | null) {
  const rest = props.modelValue.filter((open) => open.day !== day)
  const all = hours ? [...rest, hours] : rest
  emit(
    'update:modelValue',
    all.sort((a, b) => DAYS.indexOf(a.day) - DAYS.indexOf(b.day)),
  )
}
function change(day: Day, part: 'from' | 'to', value: string | undefined) {
  const open = of(day)
  if (open && /^\d\d:\d\d$/.test(value ?? '')) put(day, { ...open, [part]: value })
}
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <div v-for="day in DAYS" :key="day" class="day">
      <Checkbox
        :model-value="!!of(day)"
        binary
        :input-id="label + day"
        @update:model-value="
          (on: boolean) => put(day, on ? { day, from: '09:00', to: '17:00' } : null)
        "
      />
      <label :for="label + day">{{ sentence(day) }}</label>
      <template v-if="of(day)">
        <TimeField
          :model-value="of(day)!.from"
          :label="`${sentence(day)} from`"
          @update:model-value="(value) => change(day, 'from', value)"
        />
        <TimeField
          :model-value="of(day)!.to"
          :label="`${sentence(day)} to`"
          @update:model-value="(value) => change(day, 'to', value)"
        />
      </template>
      <span v-else class="soft">closed</span>
    </div>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
.day {
  display: grid;
  grid-template-columns: 24px 100px 108px 108px;
  align-items: center;
  gap: 6px;
  min-height: 36px;
}
.day :deep(input.time) {
  font-family: var(--mono);
  font-size: 13px;
  padding: 3px 6px;
}
</style>
