<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useWorkshop } from '../store/workshop'
import FieldFrame from './FieldFrame.vue'
import { readMoney } from './measure'
import { moneyDigits } from './words'

/** An amount in the workshop's currency, kept in whole minor units. */
const props = defineProps<{
  label: string
  modelValue: number | null
  problem?: string
  hint?: string
  optional?: boolean
  hideLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const workshop = useWorkshop()
const digits = computed(() => moneyDigits(workshop.currency))
const text = ref(shown())
const typing = ref(false)
watch(
  () => [props.modelValue, digits.value],
  () => {
    if (!typing.value) text.value = shown()
  },
)
function shown() {
  if (props.modelValue === null || props.modelValue === undefined) return ''
  return (props.modelValue / 10 ** moneyDigits(workshop.currency)).toFixed(
    moneyDigits(workshop.currency),
  )
}
const unreadable = computed(() =>
  text.value.trim() === '' || readMoney(text.value, digits.value) !== null
    ? ''
    : 'Can’t read this amount. Write 12.50.',
)
function typed(value: string | undefined) {
  text.value = value ?? ''
  typing.value = true
  const minor = readMoney(text.value, digits.value)
  if (minor !== null) emit('update:modelValue', minor)
  else if (props.optional && text.value.trim() === '') emit('update:modelValue', null)
}
function left() {
  if (unreadable.value || props.problem) return
  typing.value = false
  text.value = shown()
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="unreadable || problem"
    :hint="hint"
    :hide-label="hideLabel"
  >
    <span class="amount">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(unreadable || problem)"
        inputmode="decimal"
        autocomplete="off"
        @update:model-value="typed"
        @blur="left"
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
