<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { ForgottenClock } from '../api/types'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import TimeField from '../ui/TimeField.vue'
import { clock as clockOf, moment, weekday } from '../ui/words'
import { said } from '../units/writing'
import { instantOf } from '../units/zone'

/** A clock that ran on over night: when it was stopped is guessed, and asked. */
const props = defineProps<{ forgotten: ForgottenClock; now: string }>()
const clock = useClock()
const workshop = useWorkshop()
const at = ref(props.forgotten.guessedEnd.slice(11, 16))
const zone = computed(() => workshop.book!.workshop.zone)
const guess = computed(() => {
  const end = clockOf(props.forgotten.guessedEnd)
  return props.forgotten.guess === 'DAY_ENDED'
    ? `Your hours ended at ${end}, before what was planned.`
    : `What was left of it would have been done at ${end}.`
})
const refused = ref('')
async function stop() {
  const { buildId, entry, startedAt } = props.forgotten
  const ended = instantOf(`${startedAt.slice(0, 10)}T${at.value}`, zone.value)
  refused.value = await clock.forgotten(buildId, entry.id, ended).then(
    () => '',
    (problem: Error) => problem.message,
  )
}
</script>

<template>
  <form class="forgotten" @submit.prevent="stop">
    <p>
      <strong>Your clock still runs on “{{ said(forgotten.title) }}”</strong>
      ({{ forgotten.buildName }}), since {{ weekday(forgotten.startedAt) }}
      <span class="mono">{{ moment(forgotten.startedAt, forgotten.startedAt) }}</span>. When did you
      stop? {{ said(guess) }}
    </p>
    <TimeField v-model="at" label="Stopped at" />
    <Button type="submit" label="Stopped then" />
    <p v-if="refused" class="bad" role="alert">{{ said(refused) }}</p>
  </form>
</template>

<style scoped>
.forgotten {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  border-left: 4px solid #c9820e;
  background: var(--paper);
  padding: 10px 14px;
  margin-bottom: 12px;
}
p {
  margin: 0;
  flex: 1 1 320px;
}
.p-button {
  min-height: 44px;
}
</style>
