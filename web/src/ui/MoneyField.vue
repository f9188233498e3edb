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
  /** Key of the figure it holds. */
  figure?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const workshop = useWorkshop()
const digits = computed(() => moneyDigits(workshop.currency))
const { text, wrong, put, enter, leave } = useTyped<number | null>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => shown(props.modelValue),
  read: (typed) => {
    if (!typed.trim()) return props.optional ? { value: null } : { sentence: 'Give an amount.' }
    const reading = readMoney(typed, digits.value, workshop.currency, marks.value)
    return reading.value === null ? { ...reading, value: undefined } : reading
  },
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
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="wrong?.sentence || said(problem)"
    :offers="wrong?.offers"
    :hint="hint"
    :hide-label="hideLabel"
    @take="(minor) => put(shown(minor))"
  >
    <span class="amount">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(wrong || problem)"
        inputmode="text"
        autocomplete="off"
        data-unit="money"
        :data-figure="figure"
        :data-unread="wrong ? '' : undefined"
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
