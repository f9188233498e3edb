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
const missing = (typed: string) => !!props.required && typed.trim() === ''
const { text, typing, type, enter, leave, say } = useTyped<string>({
  value: () => props.modelValue ?? '',
  tell: (value) => emit('update:modelValue', value),
  shown: () => props.modelValue ?? '',
  settled: (typed) => !props.problem && !missing(typed),
  problem: () => props.problem ?? '',
  own: () => props.own,
})
const wrong = computed(() =>
  typing.value && missing(text.value) ? props.label + ' can’t be empty.' : said(props.problem),
)
function put(value: string | undefined) {
  type(value)
  say(missing(text.value) ? undefined : text.value)
}
</script>

<template>
  <FieldFrame :id="id" :label="label" :problem="wrong" :hint="hint" :hide-label="hideLabel">
    <Textarea
      v-if="lines"
      :id="id"
      :model-value="text"
      :rows="lines"
      :invalid="!!wrong"
      @update:model-value="put"
      @focus="enter"
      @blur="leave"
    />
    <InputText
      v-else
      :id="id"
      :model-value="text"
      :type="props.type ?? 'text'"
      :invalid="!!wrong"
      :autocomplete="autocomplete ?? 'off'"
      @update:model-value="put"
      @focus="enter"
      @blur="leave"
    />
  </FieldFrame>
</template>
