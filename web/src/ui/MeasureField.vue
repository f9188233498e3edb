<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import FieldFrame from './FieldFrame.vue'
import { readMeasure, type Quantity } from './measure'
import { duration } from './words'

/**
 * A number with its unit. Takes sums and units; saves as soon as what stands there can be read, and
 * leaves what can't be read as it was typed.
 */
const props = withDefaults(
  defineProps<{
    label: string
    modelValue: number | null
    unit: string
    quantity?: Quantity
    optional?: boolean
    problem?: string
    hint?: string
    hideLabel?: boolean
    disabled?: boolean
  }>(),
  {
    quantity: 'number',
    optional: false,
    problem: '',
    hint: '',
    hideLabel: false,
    disabled: false,
  },
)
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const typing = ref(false)
const text = ref(shown(props.modelValue))
watch(
  () => props.modelValue,
  (value) => {
    const typed = readMeasure(text.value, props.quantity)
    if (!typing.value || (typed !== null && typed !== value)) text.value = shown(value)
  },
)

function shown(value: number | null): string {
  if (value === null || value === undefined) return ''
  if (props.quantity === 'duration') return duration(value)
  return String(Number(value.toFixed(props.quantity === 'length' ? 2 : 4)))
}
const unreadable = computed(() => {
  const empty = text.value.trim() === ''
  if (empty) return props.optional || !typing.value ? '' : 'Give a number.'
  if (readMeasure(text.value, props.quantity) !== null || !typing.value) return ''
  return props.quantity === 'duration'
    ? 'Can’t read this. Write 45, 1h30 or 3d.'
    : 'Can’t read this. Write 12+3.5, 1/4" or 2 in.'
})
function typed(value: string | undefined) {
  text.value = value ?? ''
  typing.value = true
  const read = readMeasure(text.value, props.quantity)
  if (read !== null) emit('update:modelValue', read)
  else if (props.optional && text.value.trim() === '') emit('update:modelValue', null)
}
function left() {
  if (unreadable.value || props.problem) return
  typing.value = false
  text.value = shown(props.modelValue)
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
    <span class="measure">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(unreadable || problem)"
        :disabled="disabled"
        inputmode="text"
        autocomplete="off"
        class="mono"
        @update:model-value="typed"
        @blur="left"
      />
      <span class="unit mono">{{ quantity === 'duration' ? '' : unit }}</span>
    </span>
  </FieldFrame>
</template>

<style scoped>
.measure {
  display: flex;
  align-items: center;
  gap: 6px;
}
.measure :deep(input) {
  width: 100%;
  min-width: 62px;
  text-align: right;
  font-family: var(--mono);
  font-size: 13.5px;
}
.unit {
  color: var(--smoke);
  white-space: nowrap;
}
</style>
