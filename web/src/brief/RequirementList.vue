<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Requirement } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import TextField from '../ui/TextField.vue'
import { sentence } from '../ui/words'
import RequirementEditor from './RequirementEditor.vue'
import RequirementLine from './RequirementLine.vue'
import { PRIORITIES } from './requirementWords'

/** Everything asked for, by how badly it is wanted, and how each stands today. */
const builds = useBuild()
const open = ref<string | null>(null)
const groups = computed(() =>
  PRIORITIES.map(({ value }) => ({
    priority: value,
    states: builds.view!.coverage.filter((state) => state.requirement.priority === value),
  })).filter((group) => group.states.length),
)
/** What is typed goes before what was derived from it. */
const typed = (id: string) => builds.build!.requirements.find((each) => each.id === id)

const wish = useDraft(`wish:${builds.id}`, '')
const priority = ref<Requirement['priority']>('MUST')
function add() {
  if (!wish.value.trim()) return
  open.value = builds.add('requirements', {
    text: wish.value.trim(),
    priority: priority.value,
    kind: 'LOOK',
    limit: null,
    ban: null,
    answeredBy: null,
    answer: '',
    outcome: 'OPEN',
  } satisfies Omit<Requirement, 'id'>)
  wish.value = ''
}
function focusNew() {
  document.querySelector<HTMLInputElement>('.new-wish input')?.focus()
}
defineExpose({ focusNew })
</script>

<template>
  <div>
    <form class="new-wish" @submit.prevent="add">
      <ChoiceField v-model="priority" label="How badly" :options="[...PRIORITIES]" />
      <TextField v-model="wish" own label="A wish, as the client said it" />
      <Button type="submit" class="quiet" label="Add this requirement" />
    </form>
    <section v-for="group in groups" :key="group.priority">
      <h4>{{ sentence(group.priority) }}</h4>
      <ul>
        <li v-for="state in group.states" :key="state.requirement.id">
          <RequirementLine
            :state="state"
            :open="open === state.requirement.id"
            @toggle="open = open === state.requirement.id ? null : state.requirement.id"
          />
          <RequirementEditor
            v-if="open === state.requirement.id && typed(state.requirement.id)"
            :requirement="typed(state.requirement.id)!"
          />
        </li>
      </ul>
    </section>
    <p v-if="!groups.length" class="soft">
      Nothing asked for yet. Write the first wish as the client says it; how it is checked can wait.
    </p>
  </div>
</template>

<style scoped>
.new-wish {
  display: grid;
  grid-template-columns: 92px minmax(120px, 1fr) auto;
  gap: 8px;
  align-items: end;
}
h4 {
  margin: 12px 0 2px;
  font-size: 13px;
  color: var(--smoke);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--line);
  padding: 4px 0;
}
</style>
