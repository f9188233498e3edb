<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useId } from 'vue'
import { dimensionOf } from '../units/dimensions'
import { written } from '../units/marks'
import { read, readWhole } from '../units/reading'
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
    /** It is kept as a whole number: a fraction is asked about, never cut off. */
    whole?: boolean
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
const { text, wrong, put, enter, leave } = useTyped<number | null>({
  value: () => props.modelValue,
  tell: (value) => emit('update:modelValue', value),
  shown: () => shown(props.modelValue),
  read: (typed) => {
    if (!typed.trim()) return props.optional ? { value: null } : { sentence: 'Give a number.' }
    const reading = (props.whole ? readWhole : read)(typed, props.unit, marks.value)
    if (reading.value === null) return { ...reading, value: undefined }
    return props.duration && reading.value < 0
      ? { sentence: 'A time can’t be below zero.' }
      : reading
  },
  problem: () => props.problem,
  own: () => props.own,
})

function shown(value: number | null): string {
  if (value === null || value === undefined) return ''
  if (props.duration) return spoken(value)
  const length = dimensionOf(props.unit) === dimensionOf('mm')
  return written(value, { ...marks.value, group: '' }, length ? 2 : 4).replace('−', '-')
}
function take(value: number) {
  put(written(value, { ...marks.value, group: '' }))
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
    @take="take"
  >
    <span class="measure">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(wrong || problem)"
        :disabled="disabled"
        inputmode="text"
        autocomplete="off"
        class="mono"
        :data-unit="unit || 'share'"
        :data-unread="wrong ? '' : undefined"
        @update:model-value="put"
        @focus="enter"
        @blur="leave"
      />
      <span v-if="unit && !duration" class="unit mono">{{ unit }}</span>
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
