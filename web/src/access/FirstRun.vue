<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { Refusal } from '../api/client'
import type { OpenHours } from '../api/types'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import ChoiceField from '../ui/ChoiceField.vue'
import { said, writing } from '../units/writing'
import { choices, guess } from './guess'
import WritingFields from '../workshop/WritingFields.vue'
import HoursField from '../workshop/HoursField.vue'
import TextField from '../ui/TextField.vue'

/** Turns an empty data folder into a workshop. */
const session = useSession()
const workshopName = useDraft('first:workshop', '')
const guessed = guess(navigator.language, Intl.DateTimeFormat().resolvedOptions().timeZone)
const currency = ref(guessed.currency)
const zone = ref(guessed.zone)
const writingOf = ref(guessed.writing)
const currencies = choices('currency', guessed.currency)
const zones = choices('timeZone', guessed.zone)
watch(writingOf, (own) => (writing.value = own), { immediate: true })
const ownerName = useDraft('first:owner', '')
const password = ref('')
const secret = ref('')
const hours = ref<OpenHours[]>(
  (['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY'] as const).map((day) => ({
    day,
    from: '09:00',
    to: '17:00',
  })),
)
const problems = ref<Record<string, string>>({})
const general = ref('')

async function begin() {
  problems.value = {}
  general.value = ''
  try {
    await session.setUp({
      workshopName: workshopName.value,
      currency: currency.value,
      writing: writingOf.value,
      zone: zone.value,
      hours: hours.value,
      ownerName: ownerName.value,
      password: password.value,
      secret: secret.value || null,
    })
  } catch (problem) {
    if (problem instanceof Refusal)
      problem.errors.forEach((error) => (problems.value[error.pointer.slice(2)] = error.sentence))
    if (!Object.keys(problems.value).length) general.value = (problem as Error).message
  }
}
// what was said about a field holds until the next key in it
const fields = { workshopName, currency, zone, hours, ownerName, password }
Object.entries(fields).forEach(([name, field]) =>
  watch(field, () => {
    delete problems.value[name]
    if (name === 'ownerName') delete problems.value.name
  }),
)
</script>

<template>
  <form @submit.prevent="begin">
    <p class="soft">
      This folder is empty. What can be guessed is guessed: look it over, and the yard is yours.
    </p>
    <TextField v-model="workshopName" own label="Workshop" :problem="problems.workshopName" />
    <div class="pair">
      <ChoiceField
        v-model="currency"
        label="Currency"
        filter
        :options="currencies"
        :problem="problems.currency"
      />
      <ChoiceField
        v-model="zone"
        label="Time zone"
        filter
        :options="zones"
        :problem="problems.zone"
      />
    </div>
    <div class="three"><WritingFields v-model="writingOf" /></div>
    <HoursField v-model="hours" label="Working hours" :problem="problems.hours" />
    <div class="pair">
      <TextField
        v-model="ownerName"
        own
        label="Your name"
        autocomplete="username"
        :problem="problems.ownerName || problems.name"
      />
      <TextField
        v-model="password"
        own
        label="Password"
        type="password"
        autocomplete="new-password"
        hint="at least ten characters"
        :problem="problems.password"
      />
    </div>
    <TextField
      v-if="session.session?.needsSecret"
      v-model="secret"
      own
      label="Secret"
      autocomplete="off"
      hint="You are not at the machine itself: it printed a secret where it was started."
    />
    <p v-if="general" class="bad" role="alert">{{ said(general) }}</p>
    <Button type="submit" label="Open the yard" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}
.three {
  display: grid;
  grid-template-columns: 1fr 1fr 1.3fr;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
