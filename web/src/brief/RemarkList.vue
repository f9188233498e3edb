<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Remark } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import TextField from '../ui/TextField.vue'

/** Things said that fit nowhere yet. `r` on one turns it into a requirement. */
const builds = useBuild()
const shell = useShell()
const remarks = computed(() => builds.build!.remarks)
const said = useDraft(`remark:${builds.id}`, '')
function add() {
  if (!said.value.trim()) return
  builds.add('remarks', { text: said.value.trim() } satisfies Omit<Remark, 'id'>)
  said.value = ''
}
async function require(remark: Remark) {
  try {
    await builds.act(`remarks/${encodeURIComponent(remark.id)}/require`)
    shell.say(`“${remark.text}” is a requirement now: say how it is checked.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
function key(event: KeyboardEvent, remark: Remark) {
  if (event.key !== 'r' || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  require(remark)
}
</script>

<template>
  <section>
    <h3>Said, and fits nowhere yet</h3>
    <ul>
      <li v-for="remark in remarks" :key="remark.id">
        <span
          class="words"
          tabindex="0"
          role="note"
          :aria-label="`${remark.text}. Press r to make it a requirement.`"
          @keydown="(event) => key(event, remark)"
          >{{ remark.text }}</span
        >
        <Button
          class="bare"
          size="small"
          label="Make it a requirement"
          :aria-label="'Make it a requirement: ' + remark.text"
          @click="require(remark)"
        />
        <span class="mono key" aria-hidden="true">r</span>
        <Button
          class="bare"
          size="small"
          label="Drop"
          :aria-label="'Drop: ' + remark.text"
          @click="builds.remove('remarks', remark.id)"
        />
      </li>
    </ul>
    <form @submit.prevent="add">
      <TextField v-model="said" own label="Something said" />
      <Button type="submit" class="quiet" label="Note it" />
    </form>
  </section>
</template>

<style scoped>
section {
  margin-top: 18px;
}
ul {
  list-style: none;
  margin: 4px 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
  border-top: 1px solid var(--line);
  padding: 3px 0;
}
.words {
  flex: 1;
}
.words:focus-visible {
  outline: 2px solid var(--focus);
  outline-offset: 2px;
}
.key {
  color: var(--smoke);
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}
</style>
