<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, useId } from 'vue'
import { dimensionOf } from '../units/dimensions'
import { written } from '../units/marks'
import { read } from '../units/reading'
import { marks, said } from '../units/writing'
import FieldFrame from './FieldFrame.vue'
import { useTyped } from './useTyped'
import { duration as spoken } from './words'

/**
 * A number with its unit. Takes sums and units of its dimension; saves as soon as what stands there
 * can be read, and leaves what can't be read, or was refused, as it was typed.
 */
const props = withDefaults(
  defineProps<{
    label: string
    modelValue: number | null
    unit: string
    /** Minutes written as "1 h 30". */
    duration?: boolean
    optional?: boolean
    problem?: string
    hint?: string
    hideLabel?: boolean
    disabled?: boolean
    /** The value belongs to a form on this screen. */
    own?: boolean
  }>(),
  { problem: '', hint: '' },
)
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const reading = (text: string) => read(text, props.unit, marks.value)
const { text, typing, type, enter, leave, say } = useTyped<number | null>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => shown(props.modelValue),
  settled: (typed) =>
    !props.problem && (typed.trim() ? reading(typed).value !== null : !!props.optional),
  problem: () => props.problem,
  own: () => props.own,
})

function shown(value: number | null): string {
  if (value === null || value === undefined) return ''
  if (props.duration) return spoken(value)
  const length = dimensionOf(props.unit) === dimensionOf('mm')
  return written(value, { ...marks.value, group: '' }, length ? 2 : 4).replace('−', '-')
}
const unreadable = computed(() => {
  if (!typing.value) return null
  if (text.value.trim()) return reading(text.value)
  return props.optional ? null : { value: null, sentence: 'Give a number.', offers: [] }
})
function put(value: string | undefined) {
  type(value)
  const { value: number } = reading(text.value)
  say(number ?? (props.optional && text.value.trim() === '' ? null : undefined))
}
function take(value: number) {
  put(written(value, { ...marks.value, group: '' }))
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
    @take="take"
  >
    <span class="measure">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(unreadable?.sentence || problem)"
        :disabled="disabled"
        inputmode="text"
        autocomplete="off"
        class="mono"
        :data-unit="unit || 'share'"
        @update:model-value="put"
        @focus="enter"
        @blur="leave"
      />
      <span class="unit mono">{{ duration ? '' : unit }}</span>
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
