<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { get, send } from '../api/client'
import type { Account } from '../api/types'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import TextField from '../ui/TextField.vue'

/** Who can sign in. Helpers see no money. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
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
const ending = ref('')
async function end(account: Account) {
  ending.value = ''
  try {
    await send('DELETE', `/api/accounts/${account.id}`)
    await load()
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
const giving = ref('')
const given = ref('')
const givenProblem = ref('')
async function give(account: Account) {
  givenProblem.value = ''
  try {
    await send('POST', `/api/accounts/${account.id}/password`, { password: given.value })
    given.value = ''
    giving.value = ''
    shell.say(`${account.name} signs in with the new password from now on.`)
  } catch (refusal) {
    givenProblem.value = (refusal as Error).message
  }
}
onMounted(load)
</script>

<template>
  <h2>Sign-ins</h2>
  <ul>
    <li v-for="account in accounts" :key="account.id">
      <span
        >{{ account.name }} <span class="soft">{{ account.role.toLowerCase() }}</span></span
      >
      <span v-if="account.id !== session.account?.id">
        <Button
          class="bare"
          size="small"
          label="New password"
          :aria-label="'New password for ' + account.name"
          @click="giving = giving === account.id ? '' : account.id"
        />
        <Button
          class="bare"
          size="small"
          label="End"
          :aria-label="'End the sign-in of ' + account.name"
          @click="ending = account.id"
        />
      </span>
      <p v-if="ending === account.id" class="given">
        Their sessions and tokens end at once; history keeps their name.
        <Button class="quiet" size="small" label="End it" @click="end(account)" />
        <Button class="bare" size="small" label="Keep it" @click="ending = ''" />
      </p>
      <form v-if="giving === account.id" class="given" @submit.prevent="give(account)">
        <TextField
          v-model="given"
          own
          :label="'New password for ' + account.name"
          type="password"
          autocomplete="new-password"
          :problem="givenProblem"
        />
        <Button type="submit" class="quiet" label="Give it" :disabled="!given" />
      </form>
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
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
}
.given {
  flex-basis: 100%;
  grid-template-columns: 1fr auto;
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
