<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { type Refusal, newId, upload } from '../api/client'
import type { Person, Workshop } from '../api/types'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import { useRouter } from 'vue-router'
import AccountList from './AccountList.vue'
import HoursField from './HoursField.vue'
import MachineList from './MachineList.vue'
import OwnSignIn from './OwnSignIn.vue'
import SafeCopies from './SafeCopies.vue'
import TokenList from './TokenList.vue'
import { said, writing } from '../units/writing'
import WritingFields from './WritingFields.vue'
import { STEP_TIMES } from './stepTimes'
import RetireButton from '../ui/RetireButton.vue'
import RetiredList from '../ui/RetiredList.vue'
import ThingFields from '../ui/ThingFields.vue'

const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const router = useRouter()
const book = computed(() => workshop.book!)
const settings = computed(() => book.value.workshop)
const edit = (change: Partial<Workshop>) => workshop.edit('workshops', settings.value, change)
const problem = (field: string) => workshop.problem('workshops', 'workshop', field)
const person = (thing: Person, change: Partial<Person>) => workshop.edit('people', thing, change)
const own = ref('')
const SETTINGS = [
  { field: 'markUpPercent', label: 'Mark-up on cost' },
  'taxPercent',
  'contingencyPercent',
  { field: 'tightDays', label: 'Tight below' },
  { field: 'breakMinutes', label: 'Break after six hours' },
]
const PERSON = ['name', { field: 'rateMinor', label: 'An hour costs' }]
function addPerson() {
  workshop.edit(
    'people',
    { id: newId(), name: 'New person', hours: [], does: [], rateMinor: 2500 } satisfies Person,
    {},
  )
}
/** A build file whose build is here already: what becomes of that is asked. */
const known = ref<{ text: string; sentence: string } | null>(null)
async function bring(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await take(await file.text())
  input.value = ''
}
async function take(text: string, existing?: 'REPLACE' | 'COPY') {
  known.value = null
  try {
    const answer = await upload<{ id: string; name: string }>(
      existing ? `/api/import?existing=${existing}` : '/api/import',
      text,
      'application/json',
    )
    shell.say(`“${answer.name}” is in the yard.`)
    router.push(`/builds/${answer.id}/brief`)
  } catch (refusal) {
    const { status, message } = refusal as Refusal
    if (status === 409 && !existing) known.value = { text, sentence: message }
    else shell.say(message)
  }
}
</script>

<template>
  <main class="page">
    <header class="row">
      <h1>Workshop</h1>
      <span class="soft">signed in as {{ session.account?.name }}</span>
      <span class="grow" />
      <Button class="quiet" label="Sign out" @click="session.signOut()" />
    </header>
    <section v-if="!session.owner" class="own">
      <p class="soft">Settings are changed by the owner.</p>
      <OwnSignIn />
    </section>
    <div v-else class="columns">
      <section>
        <h2>Settings</h2>
        <ThingFields kind="workshops" :thing="settings" :fields="['name', 'address']" />
        <div class="pair">
          <ThingFields kind="workshops" :thing="settings" :fields="SETTINGS" />
        </div>
        <div class="pair">
          <WritingFields
            :model-value="writing"
            @update:model-value="(own) => edit({ writing: own })"
          />
        </div>
        <HoursField
          label="Working hours"
          :model-value="settings.hours"
          :problem="problem('hours')"
          @update:model-value="(hours) => edit({ hours })"
        />
        <h2>People</h2>
        <article v-for="thing in workshop.offered('people')" :key="thing.id" class="person">
          <ThingFields kind="people" :thing="thing" :fields="PERSON" />
          <Button
            class="bare"
            size="small"
            :label="
              own === thing.id ? 'Fold hours' : thing.hours.length ? 'Own hours' : 'Workshop hours'
            "
            :aria-label="'Hours of ' + thing.name"
            @click="own = own === thing.id ? '' : thing.id"
          />
          <RetireButton kind="people" :thing="thing" />
          <HoursField
            v-if="own === thing.id"
            class="wide"
            :label="`Hours of ${thing.name}; none: the workshop’s`"
            :model-value="thing.hours"
            @update:model-value="(hours) => person(thing, { hours })"
          />
        </article>
        <Button class="quiet" label="Add a person" @click="addPerson" />
        <RetiredList
          kind="people"
          :things="book.people.filter((each) => workshop.retired('people', each.id))"
        />
      </section>
      <section>
        <h2>Step times</h2>
        <p class="soft">Starting values; correct them with what your own log says.</p>
        <div class="times">
          <ThingFields kind="workshops" :thing="settings" within="times" :fields="STEP_TIMES" />
        </div>
      </section>
      <section>
        <OwnSignIn />
        <AccountList />
        <TokenList />
        <SafeCopies />
        <h2>Builds as files</h2>
        <p class="soft">Each build goes out from its Reveal page. Bring one in here.</p>
        <label class="file">
          Read a build file
          <input
            type="file"
            accept=".json,application/json"
            class="visually-hidden"
            @change="bring"
          />
        </label>
      </section>
    </div>
    <MachineList v-if="session.owner" />
    <Dialog
      :visible="!!known"
      modal
      header="This build is here already"
      @update:visible="known = null"
    >
      <p>{{ known && said(known.sentence) }}</p>
      <p class="soft">
        Replacing takes everything of it away that is not in the file; Ctrl+Z on the Yard brings it
        back. A copy gets “(copy)” behind its name.
      </p>
      <template #footer>
        <Button class="bare" label="Leave it" @click="known = null" />
        <Button class="quiet" label="Replace it" @click="known && take(known.text, 'REPLACE')" />
        <Button label="Take a copy" @click="known && take(known.text, 'COPY')" />
      </template>
    </Dialog>
  </main>
</template>

<style scoped>
.page {
  padding: 14px 28px 40px;
}
.columns {
  display: grid;
  grid-template-columns: 1.15fr 1fr 1fr;
  gap: 32px;
}
section {
  display: grid;
  gap: 10px;
  align-content: start;
}
.pair,
.times {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
}
.person {
  display: grid;
  grid-template-columns: 1fr 120px 116px 84px;
  gap: 10px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
h2 {
  margin-top: 8px;
}
p {
  margin: 0;
}
.file {
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.file:focus-within {
  outline: 2px solid var(--focus);
}
@media (max-width: 900px) {
  .page {
    padding: 12px 14px 40px;
  }
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
