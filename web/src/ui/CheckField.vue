<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { useId } from 'vue'

/** Yes or no, with its words beside it. */
defineProps<{ label: string; modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: boolean] }>()
const id = useId()
</script>

<template>
  <span class="check">
    <Checkbox
      binary
      :input-id="id"
      :model-value="modelValue"
      @update:model-value="(on: boolean) => emit('update:modelValue', on)"
    />
    <label :for="id">{{ label }}</label>
  </span>
</template>

<style scoped>
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
