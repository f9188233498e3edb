<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { ref, useId, watch } from 'vue'
import FieldFrame from './FieldFrame.vue'

/** Words. Keeps what is typed while it can't be saved, an emptied name for example. */
const props = defineProps<{
  label: string
  modelValue: string
  problem?: string
  hint?: string
  lines?: number
  type?: string
  hideLabel?: boolean
  required?: boolean
  autocomplete?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()
const text = ref(props.modelValue)
const empty = ref(false)
watch(
  () => props.modelValue,
  (value) => {
    if (!empty.value) text.value = value
  },
)
function typed(value: string | undefined) {
  text.value = value ?? ''
  empty.value = !!props.required && text.value.trim() === ''
  if (!empty.value) emit('update:modelValue', text.value)
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="empty ? label + ' can’t be empty.' : problem"
    :hint="hint"
    :hide-label="hideLabel"
  >
    <Textarea
      v-if="lines"
      :id="id"
      :model-value="text"
      :rows="lines"
      :invalid="empty || !!problem"
      @update:model-value="typed"
    />
    <InputText
      v-else
      :id="id"
      :model-value="text"
      :type="type ?? 'text'"
      :invalid="empty || !!problem"
      :autocomplete="autocomplete ?? 'off'"
      @update:model-value="typed"
    />
  </FieldFrame>
</template>
