<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { Refusal } from '../api/client'
import type { OpenHours } from '../api/types'
import { useSession } from '../store/session'
import HoursField from '../workshop/HoursField.vue'
import TextField from '../ui/TextField.vue'

/** Turns an empty data folder into a workshop. */
const session = useSession()
const workshopName = ref('')
const currency = ref('EUR')
const zone = ref(Intl.DateTimeFormat().resolvedOptions().timeZone)
const ownerName = ref('')
const password = ref('')
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
      currency: currency.value.toUpperCase(),
      zone: zone.value,
      hours: hours.value,
      ownerName: ownerName.value,
      password: password.value,
    })
  } catch (problem) {
    general.value = (problem as Error).message
    if (problem instanceof Refusal)
      problem.errors.forEach((error) => (problems.value[error.pointer.slice(2)] = error.sentence))
  }
}
</script>

<template>
  <form @submit.prevent="begin">
    <p class="soft">This folder is empty. Five answers, then the yard is yours.</p>
    <TextField v-model="workshopName" own label="Workshop" :problem="problems.workshopName" />
    <div class="pair">
      <TextField v-model="currency" own label="Currency" :problem="problems.currency" />
      <TextField v-model="zone" own label="Time zone" :problem="problems.zone" />
    </div>
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
    <p v-if="general" class="bad" role="alert">{{ general }}</p>
    <Button type="submit" label="Open the yard" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
