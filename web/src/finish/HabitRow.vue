<script setup lang="ts">
import type { FinishHabits, HabitChoice, Scheme } from '../api/types'
import ChoiceField from '../ui/ChoiceField.vue'
import { duration } from '../ui/words'
import { said } from '../units/writing'

/** Where good painters differ: which way is taken, and what the other would change. */
const props = defineProps<{ scheme: Scheme; choices: HabitChoice[] }>()
const emit = defineEmits<{ change: [change: Partial<Scheme>] }>()
const HABITS = [
  {
    habit: 'priming',
    label: 'Primer',
    options: [
      { value: 'ALWAYS', label: 'always' },
      { value: 'WHERE_NEEDED', label: 'where needed' },
    ],
  },
  {
    habit: 'sanding',
    label: 'Sanding',
    options: [
      { value: 'BETWEEN_COATS', label: 'between coats' },
      { value: 'FAULTS', label: 'only faults' },
    ],
  },
  {
    habit: 'mounting',
    label: 'Mounting',
    options: [
      { value: 'HANDLE', label: 'when it can be handled' },
      { value: 'CURE', label: 'when it is cured' },
    ],
  },
  {
    habit: 'peeling',
    label: 'Peeling',
    options: [
      { value: 'SOFT', label: 'soft' },
      { value: 'DRY', label: 'dry, edge scored' },
    ],
  },
] as const
const other = (habit: string) => props.choices.find((choice) => choice.habit === habit)
function effect(choice: HabitChoice) {
  const parts = [
    choice.steps ? `${signed(choice.steps)} steps` : '',
    choice.handsOnMinutes ? `${signedTime(choice.handsOnMinutes)} hands-on` : '',
    choice.waitMinutes ? `${signedTime(choice.waitMinutes)} waiting` : '',
  ].filter(Boolean)
  return parts.length ? parts.join(', ') : 'same time'
}
const signed = (value: number) => (value > 0 ? `+${value}` : `−${-value}`)
const signedTime = (minutes: number) => (minutes > 0 ? '+' : '−') + duration(Math.abs(minutes))
function put(habit: string, value: string) {
  emit('change', { habits: { ...props.scheme.habits, [habit]: value } as FinishHabits })
}
</script>

<template>
  <section class="habits" aria-label="Ways of working">
    <div v-for="each in HABITS" :key="each.habit">
      <ChoiceField
        :label="each.label"
        :model-value="scheme.habits[each.habit] as string"
        :options="[...each.options] as { value: string; label: string }[]"
        @update:model-value="(value) => put(each.habit, value)"
      />
      <p v-if="other(each.habit)" class="soft">
        the other way: <span class="mono">{{ effect(other(each.habit)!) }}</span>.
        {{ said(other(each.habit)!.risk) }}
      </p>
      <p v-else-if="each.habit === 'priming'" class="soft">
        “Schemes from stock” compares with and without.
      </p>
      <p v-else class="soft">no stencil here</p>
    </div>
  </section>
</template>

<style scoped>
.habits {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 14px;
  border-top: 1px solid var(--line);
  padding-top: 10px;
  margin-top: 10px;
}
p {
  font-size: 12.5px;
  margin: 3px 0 0;
}
@media (max-width: 1200px) {
  .habits {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
