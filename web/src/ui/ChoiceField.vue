<script setup lang="ts" generic="T extends string | null">
import Select from 'primevue/select'
import { useId } from 'vue'
import { said } from '../units/writing'
import FieldFrame from './FieldFrame.vue'

/** One of a few. */
defineProps<{
  label: string
  modelValue: T
  options: readonly { value: T; label: string }[]
  problem?: string
  hint?: string
  hideLabel?: boolean
  disabled?: boolean
  /** Long lists are searched by typing. */
  filter?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
</script>

<template>
  <FieldFrame :id="id" :label="label" :problem="said(problem)" :hint="hint" :hide-label="hideLabel">
    <Select
      :label-id="id"
      :model-value="modelValue"
      :options="options as { value: T; label: string }[]"
      option-label="label"
      option-value="value"
      :disabled="disabled"
      :filter="filter"
      :reset-filter-on-hide="true"
      :placeholder="options.find((option) => !option.value)?.label"
      :aria-label="label"
      @update:model-value="(value: T) => emit('update:modelValue', value)"
    />
  </FieldFrame>
</template>
