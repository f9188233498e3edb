<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref } from 'vue'
import { get, send } from '../api/client'
import type { ApiToken } from '../api/types'
import { useSession } from '../store/session'
import { useDraft } from '../store/draft'
import TextField from '../ui/TextField.vue'
import { dayHere } from '../ui/words'

/** Tokens for scripts: named, shown once, revoked at any time. */
const session = useSession()
const tokens = ref<ApiToken[]>([])
const name = useDraft('token:name', '')
const value = ref('')
const problem = ref('')
async function load() {
  tokens.value = await get<ApiToken[]>('/api/tokens')
}
async function make() {
  problem.value = ''
  try {
    value.value = (await send<{ value: string }>('POST', '/api/tokens', { name: name.value })).value
    name.value = ''
    await load()
  } catch (refusal) {
    problem.value = (refusal as Error).message
  }
}
async function revoke(id: string) {
  await send('DELETE', `/api/tokens/${id}`)
  await load()
}
onMounted(load)
</script>

<template>
  <h2>Tokens for scripts</h2>
  <ul>
    <li v-for="token in tokens" :key="token.id">
      <span
        >{{ token.name }}
        <span v-if="token.of !== session.account?.name" class="soft">of {{ token.of }}</span>
        <span class="mono soft">{{ dayHere(token.createdAt) }}</span></span
      >
      <span v-if="token.revoked" class="soft">revoked</span>
      <Button
        v-else
        class="bare"
        size="small"
        label="Revoke"
        :aria-label="'Revoke token ' + token.name"
        @click="revoke(token.id)"
      />
    </li>
  </ul>
  <p v-if="value" role="status">
    Copy it now, it is not shown again: <code class="mono">{{ value }}</code>
  </p>
  <form @submit.prevent="make">
    <TextField v-model="name" own label="What the token is for" />
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    <Button type="submit" class="quiet" label="Make a token" :disabled="!name.trim()" />
  </form>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: end;
}
code {
  overflow-wrap: anywhere;
}
</style>
