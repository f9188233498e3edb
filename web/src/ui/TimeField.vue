<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { readTime } from '../units/days'
import { clockTime } from '../units/writing'
import { useTyped } from './useTyped'

/** A time of day in a row of others: written with 24 hours or with 12, as the workshop does. */
const props = defineProps<{ label: string; modelValue: string }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const { text, wrong, put, enter, leave } = useTyped<string>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => clockTime(props.modelValue),
  read: (typed) => {
    const { iso, sentence } = readTime(typed)
    return iso === null ? { sentence: sentence ?? '' } : { value: iso }
  },
  problem: () => '',
})
</script>

<template>
  <InputText
    class="mono time"
    :model-value="text"
    :invalid="!!wrong"
    :title="wrong?.sentence ?? ''"
    :aria-label="label"
    autocomplete="off"
    data-unit="time"
    :data-unread="wrong ? '' : undefined"
    @update:model-value="put"
    @focus="enter"
    @blur="leave"
  />
</template>
