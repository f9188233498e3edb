<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { Refusal, send } from '../api/client'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import TextField from '../ui/TextField.vue'

/** One's own password, and all places where one is signed in. */
const session = useSession()
const shell = useShell()
const now = ref('')
const password = ref('')
const problems = ref<Record<string, string>>({})
async function change() {
  problems.value = {}
  try {
    await send('POST', '/api/session/password', { now: now.value, password: password.value })
    now.value = ''
    password.value = ''
    shell.say('Your password is changed; everywhere else you are signed out.')
  } catch (refusal) {
    const { errors = [], message } = refusal as Refusal
    errors.forEach((error) => (problems.value[error.pointer.slice(2)] = error.sentence))
    if (!errors.length) problems.value.password = message
  }
}
</script>

<template>
  <h2>Your sign-in</h2>
  <form @submit.prevent="change">
    <TextField
      v-model="now"
      own
      label="Password now"
      type="password"
      autocomplete="current-password"
      :problem="problems.now"
    />
    <TextField
      v-model="password"
      own
      label="Your new password"
      type="password"
      autocomplete="new-password"
      :problem="problems.password"
    />
    <Button type="submit" class="quiet" label="Change it" :disabled="!now || !password" />
    <Button
      class="bare"
      label="Sign out everywhere"
      title="On every machine and in every browser, this one too"
      @click="session.signOut(true)"
    />
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  align-items: end;
}
</style>
