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
  /** What is typed belongs to a form here and is never sent by itself. */
  own?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [hex: string] }>()
const id = useId()
const builds = useBuild()
const palette = computed(() => builds.build?.concept.look.palette ?? [])
const { text, wrong, put, enter, leave } = useTyped<string>({
  value: () => props.modelValue ?? '',
  tell: (value) => emit('update:modelValue', value),
  shown: () => props.modelValue ?? '',
  read: (typed) => {
    const value = readColour(typed, palette.value)
    // three digits may be the first of six, a name the beginning of a longer one
    return value === null
      ? { sentence: 'Write six digits such as 2E4A45, three, or a name of the palette.' }
      : { value, open: !/^#?[0-9a-f]{6}$/i.test(typed.trim()) }
  },
  problem: () => props.problem ?? '',
  own: () => props.own,
})
function pick(value: string | undefined) {
  put(value)
  leave()
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="wrong?.sentence || said(problem)"
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
        :invalid="!!(wrong || problem)"
        placeholder="none"
        autocomplete="off"
        data-unit="colour"
        :data-unread="wrong ? '' : undefined"
        @update:model-value="put"
        @focus="enter"
        @blur="leave"
        @keydown.enter="leave"
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
