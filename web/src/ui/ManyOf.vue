<script setup lang="ts" generic="T extends string">
import Checkbox from 'primevue/checkbox'
import { useId } from 'vue'

/** Some of a few: each by itself. */
const props = defineProps<{
  legend: string
  options: readonly { value: T; label: string }[]
  modelValue: readonly T[]
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T[]] }>()
const id = useId()
const put = (value: T, on: boolean) =>
  emit('update:modelValue', [
    ...props.modelValue.filter((each) => each !== value),
    ...(on ? [value] : []),
  ])
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <span v-for="option in options" :key="option.value">
      <Checkbox
        binary
        :input-id="`${id}${option.value}`"
        :model-value="modelValue.includes(option.value)"
        @update:model-value="(on: boolean) => put(option.value, on)"
      />
      <label :for="`${id}${option.value}`">{{ option.label }}</label>
    </span>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}
span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
legend {
  float: left;
  margin-right: 12px;
  font-weight: 600;
  font-size: 13px;
}
</style>
