<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { get, send } from '../api/client'
import type { HistoryStep } from '../api/types'
import { useBuild } from '../store/build'
import { useSaver } from '../store/saver'
import { useShell } from '../store/shell'
import { kindWord } from '../ui/kindWords'
import { clockHere, dayHere } from '../ui/words'

/** Who changed what and when; any earlier state of a thing can come back. */
const props = defineProps<{ wanted: string }>()
const PAGE = 50
const builds = useBuild()
const saver = useSaver()
const shell = useShell()
const steps = ref<HistoryStep[]>([])
const more = ref(false)
const base = computed(() => `/api/builds/${encodeURIComponent(builds.id)}/history`)

async function load(before?: number) {
  const page = before === undefined ? '' : `&before=${before}`
  const fresh = (await get<{ steps: HistoryStep[] }>(`${base.value}?size=${PAGE}${page}`)).steps
  steps.value = before === undefined ? fresh : [...steps.value, ...fresh]
  more.value = fresh.length === PAGE
}
watch(
  () => builds.view?.revision,
  () => load().catch((refusal) => shell.say(refusal.message)),
  { immediate: true },
)
const shown = computed(() => {
  const text = props.wanted.trim().toLowerCase()
  return steps.value.filter(
    (step) =>
      !text || `${step.name} ${kindWord(step.kind)} ${step.by}`.toLowerCase().includes(text),
  )
})
async function restore(step: HistoryStep, state: 'before' | 'after') {
  try {
    await saver.settled()
    await send('POST', `${base.value}/${step.seq}/restore?state=${state}`)
    await builds.reload()
    shell.say(`${step.name || kindWord(step.kind)} is as it was. Ctrl+Z takes that back.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
</script>

<template>
  <table class="ledger">
    <thead>
      <tr>
        <th>when</th>
        <th>who</th>
        <th>what</th>
        <th><span class="visually-hidden">Bring back</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="step in shown" :key="step.seq" :class="{ undone: step.undone }">
        <td class="mono when">{{ dayHere(step.at) }} {{ clockHere(step.at) }}</td>
        <td class="who">{{ step.by }}</td>
        <td>
          <strong>{{ step.name || kindWord(step.kind) }}</strong>
          <span v-if="step.name" class="soft kind">{{ kindWord(step.kind) }}</span>
          {{ step.what }}<template v-if="step.words.length">: {{ step.words.join('; ') }}</template>
          <span v-if="step.undone" class="soft"> (taken back)</span>
        </td>
        <td class="acts">
          <Button
            class="bare"
            size="small"
            :label="step.what === 'added' ? 'Take it out again' : 'As it was before'"
            :aria-label="`${step.what === 'added' ? 'Take it out again' : 'As it was before'}: ${step.name || kindWord(step.kind)}, ${clockHere(step.at)}`"
            @click="restore(step, 'before')"
          />
          <Button
            v-if="step.what !== 'removed'"
            class="bare"
            size="small"
            label="As it was after"
            :aria-label="`As it was after: ${step.name || kindWord(step.kind)}, ${clockHere(step.at)}`"
            @click="restore(step, 'after')"
          />
        </td>
      </tr>
    </tbody>
  </table>
  <p v-if="!steps.length" class="soft">
    Nothing has been changed yet. Every change will stand here with who made it.
  </p>
  <Button
    v-if="more"
    class="quiet"
    label="Show earlier ones"
    @click="load(steps[steps.length - 1].seq)"
  />
</template>

<style scoped>
.when,
.who {
  white-space: nowrap;
}
.kind {
  margin: 0 5px;
}
td {
  font-size: 13.5px;
  overflow-wrap: anywhere;
}
.acts {
  white-space: nowrap;
  text-align: right;
}
.undone td {
  text-decoration: line-through;
  text-decoration-color: var(--line);
}
</style>
