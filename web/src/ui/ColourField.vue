<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, useId } from 'vue'
import { useBuild } from '../store/build'
import { readColour } from '../units/colours'
import { said } from '../units/writing'
import FieldFrame from './FieldFrame.vue'
import { useTyped } from './useTyped'

/** A colour by its code, or by a name of the palette; beside it the browser's picker. */
const props = defineProps<{
  label: string
  modelValue: string | null | undefined
  /** Shown in the picker while there is none. */
  instead?: string
  problem?: string
  hideLabel?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [hex: string] }>()
const id = useId()
const builds = useBuild()
const palette = computed(() => builds.build?.concept.look.palette ?? [])
const reading = (text: string) => readColour(text, palette.value)
const { text, typing, type, enter, leave, say } = useTyped<string>({
  value: () => props.modelValue ?? '',
  tell: (value) => emit('update:modelValue', value),
  shown: () => props.modelValue ?? '',
  settled: (typed) => !props.problem && reading(typed) !== null,
  problem: () => props.problem ?? '',
})
const unreadable = computed(() =>
  typing.value && reading(text.value) === null
    ? 'Write six digits such as 2E4A45, three, or a name of the palette.'
    : '',
)
function put(value: string | undefined) {
  type(value)
  // three digits may be the first of six, a name the beginning of a longer one: taken on leaving
  if (/^#?[0-9a-f]{6}$/i.test(text.value.trim())) say(reading(text.value)!)
}
function left() {
  const hex = reading(text.value)
  if (typing.value && hex && hex !== props.modelValue) say(hex)
  leave()
}
function pick(value: string | undefined) {
  put(value)
  leave()
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="unreadable || said(problem)"
    :hide-label="hideLabel"
  >
    <span class="colour">
      <InputText
        type="color"
        class="picker"
        :disabled="disabled"
        :model-value="modelValue ?? instead ?? '#808080'"
        :aria-label="`${label}: pick it`"
        @update:model-value="pick"
      />
      <InputText
        :id="id"
        class="mono code"
        :model-value="text"
        :disabled="disabled"
        :invalid="!!(unreadable || problem)"
        placeholder="none"
        autocomplete="off"
        data-unit="colour"
        @update:model-value="put"
        @focus="enter"
        @blur="left"
        @keydown.enter="left"
      />
    </span>
  </FieldFrame>
</template>

<style scoped>
.colour {
  display: flex;
  align-items: center;
  gap: 4px;
}
.picker {
  width: 34px;
  height: 34px;
  padding: 2px;
  flex: none;
}
.code {
  width: 100%;
  min-width: 84px;
  font-size: 13px;
}
</style>
