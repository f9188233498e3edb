<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { computed, useId } from 'vue'
import { said } from '../units/writing'
import FieldFrame from './FieldFrame.vue'
import { useTyped } from './useTyped'

/** Words. Keeps what is typed while it can't be saved, an emptied name for example. */
const props = defineProps<{
  label: string
  modelValue: string
  problem?: string
  hint?: string
  /** So many to begin with, more as they are written. With 1 it wraps and stays one line. */
  lines?: number
  type?: string
  hideLabel?: boolean
  required?: boolean
  autocomplete?: string
  /** The value belongs to a form on this screen. */
  own?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()
const { text, wrong, put, enter, leave } = useTyped<string>({
  value: () => props.modelValue ?? '',
  tell: (value) => emit('update:modelValue', value),
  shown: () => props.modelValue ?? '',
  read: (typed) =>
    props.required && typed.trim() === ''
      ? { sentence: props.label + ' can’t be empty.' }
      : { value: typed },
  problem: () => props.problem ?? '',
  own: () => props.own,
})
const ONE_LINE = /\s*[\r\n]+\s*/g
const write = (typed?: string) => put(props.lines === 1 ? typed?.replace(ONE_LINE, ' ') : typed)
const enterKey = (event: KeyboardEvent) => props.lines === 1 && event.preventDefault()
const problem = computed(() => wrong.value?.sentence || said(props.problem))
</script>

<template>
  <FieldFrame :id="id" :label="label" :problem="problem" :hint="hint" :hide-label="hideLabel">
    <Textarea
      v-if="lines"
      :id="id"
      :model-value="text"
      :rows="lines"
      auto-resize
      :invalid="!!problem"
      @keydown.enter="enterKey"
      @update:model-value="write"
      @focus="enter"
      @blur="leave"
    />
    <InputText
      v-else
      :id="id"
      :model-value="text"
      :type="props.type ?? 'text'"
      :invalid="!!problem"
      :autocomplete="autocomplete ?? 'off'"
      @update:model-value="put"
      @focus="enter"
      @blur="leave"
    />
  </FieldFrame>
</template>
