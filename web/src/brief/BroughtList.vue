<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import CountingFields from '../build/CountingFields.vue'
import { newComponent } from '../build/newComponent'
import type { Component } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import ChoiceField from '../ui/ChoiceField.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'

/** What is there already: brought by the client or kept, and what each counts for. */
const builds = useBuild()
const session = useSession()
const things = computed(() => builds.build!.components.filter((each) => each.source !== 'BUY'))
const edit = (thing: Component, change: Partial<Component>) =>
  builds.edit('components', thing, change)
const SOURCES = [
  { value: 'CLIENT', label: 'the client brings it' },
  { value: 'OWNED', label: 'it is here and is kept' },
] as const
const name = useDraft(`brought:${builds.id}`, '')
function add() {
  if (!name.value.trim()) return
  builds.add('components', newComponent(name.value.trim(), 'CLIENT', ''))
  name.value = ''
}
</script>

<template>
  <div class="brought">
    <div v-for="thing in things" :key="thing.id" class="thing">
      <TextField
        label="Thing"
        :problem="builds.problem('components', thing.id, 'name')"
        required
        :model-value="thing.name"
        @update:model-value="(to) => edit(thing, { name: to })"
      />
      <ChoiceField
        label="Whose"
        :model-value="thing.source"
        :options="[...SOURCES]"
        @update:model-value="(source) => edit(thing, { source })"
      />
      <MoneyField
        v-if="session.owner"
        label="Market price of one"
        :model-value="thing.priceMinor"
        :problem="builds.problem('components', thing.id, 'priceMinor')"
        @update:model-value="(priceMinor) => edit(thing, { priceMinor: priceMinor ?? 0 })"
      />
      <CountingFields :component="thing" />
    </div>
    <form @submit.prevent="add">
      <TextField v-model="name" own label="A thing that is there already" />
      <Button type="submit" class="quiet" label="Add this thing" />
    </form>
  </div>
</template>

<style scoped>
.brought {
  width: 100%;
}
.thing {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 6px 10px;
  padding: 4px 0 8px;
  border-bottom: 1px solid var(--line);
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
  margin-top: 6px;
}
</style>
