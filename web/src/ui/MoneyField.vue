<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, useId } from 'vue'
import { useWorkshop } from '../store/workshop'
import { written } from '../units/marks'
import { readMoney } from '../units/reading'
import { marks, said } from '../units/writing'
import FieldFrame from './FieldFrame.vue'
import { useTyped } from './useTyped'
import { moneyDigits } from './words'

/** An amount in the workshop's currency, kept in whole minor units. */
const props = defineProps<{
  label: string
  modelValue: number | null
  problem?: string
  hint?: string
  optional?: boolean
  hideLabel?: boolean
  /** The value belongs to a form on this screen. */
  own?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const workshop = useWorkshop()
const digits = computed(() => moneyDigits(workshop.currency))
const reading = (text: string) => readMoney(text, digits.value, workshop.currency, marks.value)
const { text, typing, type, enter, leave, say } = useTyped<number | null>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => shown(props.modelValue),
  settled: (typed) =>
    !props.problem && (typed.trim() ? reading(typed).value !== null : !!props.optional),
  problem: () => props.problem ?? '',
  own: () => props.own,
})
function shown(minor: number | null) {
  if (minor === null || minor === undefined) return ''
  return written(
    minor / 10 ** digits.value,
    { ...marks.value, group: '' },
    digits.value,
    digits.value,
  )
}
const unreadable = computed(() => {
  if (!typing.value) return null
  if (text.value.trim()) return reading(text.value)
  return props.optional ? null : { value: null, sentence: 'Give an amount.', offers: [] }
})
function put(value: string | undefined) {
  type(value)
  const { value: minor } = reading(text.value)
  say(minor ?? (props.optional && text.value.trim() === '' ? null : undefined))
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="unreadable?.sentence || said(problem)"
    :offers="unreadable?.offers"
    :hint="hint"
    :hide-label="hideLabel"
    @take="(minor) => put(shown(minor))"
  >
    <span class="amount">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(unreadable?.sentence || problem)"
        inputmode="text"
        autocomplete="off"
        data-unit="money"
        @update:model-value="put"
        @focus="enter"
        @blur="leave"
      />
      <span class="mono soft">{{ workshop.currency }}</span>
    </span>
  </FieldFrame>
</template>

<style scoped>
.amount {
  display: flex;
  align-items: center;
  gap: 6px;
}
.amount :deep(input) {
  width: 100%;
  min-width: 76px;
  text-align: right;
  font-family: var(--mono);
  font-size: 13.5px;
}
</style>
