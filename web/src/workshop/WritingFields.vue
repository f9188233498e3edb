<script setup lang="ts">
import { computed } from 'vue'
import type { Writing } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import { written } from '../units/marks'
import { marksOf } from '../units/writing'

/** How numbers, times and days are written and read here, each choice shown as it looks. */
const props = defineProps<{ modelValue: Writing }>()
const emit = defineEmits<{ 'update:modelValue': [value: Writing] }>()

const MARKS: Pick<Writing, 'decimal' | 'group'>[] = [
  { decimal: 'POINT', group: 'COMMA' },
  { decimal: 'POINT', group: 'BLANK' },
  { decimal: 'POINT', group: 'APOSTROPHE' },
  { decimal: 'POINT', group: 'NONE' },
  { decimal: 'COMMA', group: 'POINT' },
  { decimal: 'COMMA', group: 'BLANK' },
  { decimal: 'COMMA', group: 'APOSTROPHE' },
  { decimal: 'COMMA', group: 'NONE' },
]
const key = (of: Pick<Writing, 'decimal' | 'group'>) => `${of.decimal} ${of.group}`
const numbers = computed(() =>
  MARKS.map((marks) => ({
    value: key(marks),
    label: written(1234.5, marksOf({ ...props.modelValue, ...marks }), 2, 2),
  })),
)
const CLOCKS = [
  { value: 'HOURS_24', label: '14:05' },
  { value: 'HOURS_12', label: '2:05 pm' },
] as const
const DATES = [
  { value: 'DAY_FIRST', label: '9/3 is 9 March' },
  { value: 'MONTH_FIRST', label: '3/9 is 9 March' },
] as const
const put = (change: Partial<Writing>) =>
  emit('update:modelValue', { ...props.modelValue, ...change })
const pick = (value: string) => put(MARKS.find((marks) => key(marks) === value)!)
</script>

<template>
  <ChoiceField
    label="Numbers"
    :model-value="key(modelValue)"
    :options="numbers"
    @update:model-value="pick"
  />
  <ChoiceField
    label="Time of day"
    :model-value="modelValue.clock"
    :options="[...CLOCKS]"
    @update:model-value="(clock) => put({ clock })"
  />
  <ChoiceField
    label="Days in digits"
    :model-value="modelValue.dates"
    :options="[...DATES]"
    @update:model-value="(dates) => put({ dates })"
  />
</template>
