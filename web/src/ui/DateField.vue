<script setup lang="ts">
import Button from 'primevue/button'
import DatePicker from 'primevue/datepicker'
import InputText from 'primevue/inputtext'
import { usePrimeVue } from 'primevue/config'
import Popover from 'primevue/popover'
import { computed, ref, useId, watchEffect } from 'vue'
import { useBuild } from '../store/build'
import { readDay, writtenDay } from '../units/days'
import { said, writing } from '../units/writing'
import FieldFrame from './FieldFrame.vue'
import { useTyped } from './useTyped'

/** A day, typed as the workshop writes it or picked from a month. Kept as ISO text; empty for none. */
const props = defineProps<{
  label: string
  modelValue: string | null
  problem?: string
  hint?: string
  hideLabel?: boolean
  optional?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const id = useId()
const builds = useBuild()
const primevue = usePrimeVue()
/** Where the day is written first, the week begins on Monday. */
watchEffect(() => {
  primevue.config.locale!.firstDayOfWeek = writing.value.dates === 'DAY_FIRST' ? 1 : 0
})
const month = ref<InstanceType<typeof Popover>>()
const today = () => (builds.view?.now ?? new Date().toISOString()).slice(0, 10)
const reading = (text: string) => readDay(text, writing.value.dates, today())
const { text, typing, wrong, put, enter, leave } = useTyped<string>({
  value: () => props.modelValue ?? '',
  tell: (value) => emit('update:modelValue', value),
  shown: () => writtenDay(props.modelValue),
  read: (typed) => {
    if (!typed.trim()) return props.optional ? { value: '' } : { sentence: 'Give a day.' }
    const { iso, open, sentence } = reading(typed)
    return iso === null ? { sentence: sentence ?? '' } : { value: iso, open }
  },
  problem: () => props.problem ?? '',
})
/** What was read, beside what is typed, so that nobody has to wonder. */
const read = computed(() =>
  typing.value && text.value.trim() ? writtenDay(reading(text.value).iso) : '',
)
const picked = computed(() => {
  const [year, month, day] = (props.modelValue || today()).slice(0, 10).split('-').map(Number)
  return new Date(year, month - 1, day)
})
function pick(day: unknown) {
  if (!(day instanceof Date)) return
  const two = (number: number) => String(number).padStart(2, '0')
  put(`${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`)
  leave()
  month.value?.hide()
}
</script>

<template>
  <FieldFrame
    :id="id"
    :label="label"
    :problem="wrong?.sentence || said(problem)"
    :hint="read && read !== text.trim() ? read : hint"
    :hide-label="hideLabel"
  >
    <span class="day">
      <InputText
        :id="id"
        :model-value="text"
        :invalid="!!(wrong || problem)"
        autocomplete="off"
        placeholder="9 Mar 2026"
        data-unit="day"
        :data-unread="wrong ? '' : undefined"
        class="mono"
        @update:model-value="put"
        @focus="enter"
        @blur="leave"
        @keydown.enter="leave"
      />
      <Button
        class="bare"
        size="small"
        type="button"
        :aria-label="`Pick a day: ${label}`"
        @click="(event: Event) => month?.toggle(event)"
      >
        <svg width="15" height="15" viewBox="0 0 15 15" aria-hidden="true">
          <path d="M1.5 3.5h12v10h-12zM1.5 6.5h12M4.5 1v3M10.5 1v3" class="leaf" />
        </svg>
      </Button>
      <Popover ref="month">
        <DatePicker inline :model-value="picked" @update:model-value="pick" />
      </Popover>
    </span>
  </FieldFrame>
</template>

<style scoped>
.day {
  display: flex;
  align-items: center;
  gap: 2px;
}
.leaf {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.3;
}
.day :deep(input) {
  width: 100%;
  min-width: 104px;
  font-size: 13.5px;
}
</style>
