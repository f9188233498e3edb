<script setup lang="ts">
import MeasureField from './MeasureField.vue'

/** Several numbers of one thing, a field each; what is optional may be left empty. */
interface NumberField {
  field: string
  label: string
  unit: string
  duration?: boolean
  optional?: boolean
  hint?: string
}
defineProps<{
  of: object
  fields: readonly NumberField[]
  problem?: (field: string) => string
}>()
defineOptions({ inheritAttrs: false })
const emit = defineEmits<{ change: [change: Record<string, number | undefined>] }>()
const valueOf = (of: object, field: string) =>
  ((of as Record<string, unknown>)[field] as number | null | undefined) ?? null
function put(number: NumberField, value: number | null) {
  if (value !== null || number.optional) emit('change', { [number.field]: value ?? undefined })
}
</script>

<template>
  <MeasureField
    v-for="number in fields"
    v-bind="$attrs"
    :key="number.field"
    :label="number.label"
    :unit="number.unit"
    :duration="number.duration"
    :optional="number.optional"
    :hint="number.hint"
    :model-value="valueOf(of, number.field)"
    :problem="problem?.(number.field)"
    @update:model-value="(value) => put(number, value)"
  />
</template>
