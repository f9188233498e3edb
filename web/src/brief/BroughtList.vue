<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import CountingFields from '../build/CountingFields.vue'
import { newComponent } from '../build/newComponent'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import TextField from '../ui/TextField.vue'
import ThingFields from '../ui/ThingFields.vue'

/** What is there already: brought by the client or kept, and what each counts for. */
const builds = useBuild()
const things = computed(() => builds.build!.components.filter((each) => each.source !== 'BUY'))
const SOURCES = [
  { value: 'CLIENT', label: 'the client brings it' },
  { value: 'GIVEN', label: 'given for this build' },
  { value: 'LENT', label: 'lent, goes back' },
  { value: 'OWNED', label: 'it is here and is kept' },
]
const BROUGHT = [
  { field: 'name', label: 'Thing' },
  { field: 'source', label: 'Whose', options: SOURCES },
  { field: 'priceMinor', label: 'Market price of one' },
]
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
      <ThingFields kind="components" :thing="thing" :fields="BROUGHT" />
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
