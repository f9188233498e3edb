<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { get, send } from '../api/client'
import type { Account } from '../api/types'
import { useDraft } from '../store/draft'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import TextField from '../ui/TextField.vue'

/** Who can sign in. Helpers see no money. */
const workshop = useWorkshop()
const accounts = ref<Account[]>([])
const name = useDraft('account:name', '')
const password = ref('')
const role = ref<Account['role']>('HELPER')
const personId = ref('')
const problem = ref('')
const people = computed(() => [
  { value: '', label: 'nobody in the plan' },
  ...workshop.book!.people.map((person) => ({ value: person.id, label: person.name })),
])
async function load() {
  accounts.value = await get<Account[]>('/api/accounts')
}
async function add() {
  problem.value = ''
  try {
    await send('POST', '/api/accounts', {
      name: name.value,
      password: password.value,
      role: role.value,
      personId: personId.value,
    })
    name.value = ''
    password.value = ''
    await load()
  } catch (refusal) {
    problem.value = (refusal as Error).message
  }
}
onMounted(load)
</script>

<template>
  <h2>Sign-ins</h2>
  <ul>
    <li v-for="account in accounts" :key="account.id">
      {{ account.name }} <span class="soft">{{ account.role.toLowerCase() }}</span>
    </li>
  </ul>
  <form @submit.prevent="add">
    <TextField v-model="name" own label="New sign-in" />
    <TextField
      v-model="password"
      own
      label="First password"
      type="password"
      autocomplete="new-password"
    />
    <ChoiceField
      v-model="role"
      label="May do"
      :options="[
        { value: 'HELPER', label: 'helper, sees no money' },
        { value: 'OWNER', label: 'owner' },
      ]"
    />
    <ChoiceField v-model="personId" label="In the plan" :options="people" />
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    <Button type="submit" class="quiet" label="Let them in" :disabled="!name.trim()" />
  </form>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  align-items: end;
}
p {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
