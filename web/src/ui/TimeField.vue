<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { readTime } from '../units/days'
import { clockTime } from '../units/writing'
import { useTyped } from './useTyped'

/** A time of day in a row of others: written with 24 hours or with 12, as the workshop does. */
const props = defineProps<{ label: string; modelValue: string }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const { text, typing, type, enter, leave, say } = useTyped<string>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => clockTime(props.modelValue),
  settled: (typed) => readTime(typed).iso !== null,
  problem: () => '',
})
function put(value: string | undefined) {
  type(value)
  say(readTime(text.value).iso ?? undefined)
}
</script>

<template>
  <InputText
    class="mono time"
    :model-value="text"
    :invalid="typing && readTime(text).iso === null"
    :title="typing ? (readTime(text).sentence ?? '') : ''"
    :aria-label="label"
    autocomplete="off"
    data-unit="time"
    @update:model-value="put"
    @focus="enter"
    @blur="leave"
  />
</template>
