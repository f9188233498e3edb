<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useSession } from '../store/session'
import { useSaver } from '../store/saver'
import TextField from '../ui/TextField.vue'
import FirstRun from './FirstRun.vue'
import { said } from '../units/writing'

const session = useSession()
const saver = useSaver()
const name = ref('')
const password = ref('')
const problem = ref('')

async function signIn() {
  problem.value = ''
  try {
    await session.signIn(name.value, password.value)
    saver.settled()
  } catch (refusal) {
    problem.value = (refusal as Error).message
  }
}
</script>

<template>
  <main class="door">
    <svg width="320" height="60" viewBox="0 0 320 60" aria-hidden="true">
      <path d="M0 30h120" class="burnt" />
      <path d="M140 30h180" class="rope" />
      <circle cx="132" cy="30" r="20" class="halo" />
      <circle cx="132" cy="30" r="8" class="core" />
    </svg>
    <h1>Ember Yard</h1>
    <FirstRun v-if="session.session?.needsSetup" />
    <form v-else @submit.prevent="signIn">
      <p class="soft">Describe the build once; the work, the list, the cost and the date follow.</p>
      <TextField v-model="name" own label="Name" autocomplete="username" />
      <TextField
        v-model="password"
        own
        label="Password"
        type="password"
        autocomplete="current-password"
      />
      <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
      <p v-if="saver.pending.size" class="soft">
        {{ saver.pending.size === 1 ? 'One change' : saver.pending.size + ' changes' }} of whoever
        was here {{ saver.pending.size === 1 ? 'is' : 'are' }} kept, and saved when they are back.
      </p>
      <Button type="submit" label="Sign in" />
    </form>
  </main>
</template>

<style scoped>
.door {
  max-width: 460px;
  margin: 7vh auto;
  padding: 0 24px 40px;
}
form {
  display: grid;
  gap: 12px;
}
.burnt {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 9 4 3 4;
}
.rope {
  stroke: var(--rope);
  stroke-width: 10;
}
.halo {
  fill: var(--glow);
  opacity: 0.5;
}
.core {
  fill: var(--ember);
}
</style>
