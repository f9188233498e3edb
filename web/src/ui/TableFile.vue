<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { upload } from '../api/client'
import type { TableTaken } from '../api/types'
import { useShell } from '../store/shell'
import { count } from '../ui/words'
import { said } from '../units/writing'
import TextField from './TextField.vue'

/**
 * A list as a file: out as CSV, in from a file or pasted from a spreadsheet. What each row would do
 * is shown before anything is kept.
 */
const props = defineProps<{ path: string; label: string; noun: string }>()
const emit = defineEmits<{ kept: [] }>()
const MOST_SHOWN = 200
const PAUSE_MS = 120
const shell = useShell()
const open = ref(false)
const text = ref('')
const looked = ref<TableTaken | null>(null)
const problem = ref('')
const file = ref<HTMLInputElement | null>(null)
const WORDS = { NEW: 'new', CHANGED: 'changes', SAME: 'is the same', REFUSED: 'can’t be read' }

const rows = computed(() => looked.value?.rows ?? [])
const refused = computed(() => rows.value.filter((row) => row.outcome === 'REFUSED'))
const taken = computed(() =>
  rows.value.filter((row) => row.outcome === 'NEW' || row.outcome === 'CHANGED'),
)
const summary = computed(() =>
  (['NEW', 'CHANGED', 'SAME', 'REFUSED'] as const)
    .map((outcome) => ({
      outcome,
      rows: rows.value.filter((row) => row.outcome === outcome).length,
    }))
    .filter((each) => each.rows)
    .map((each) => `${each.rows} ${WORDS[each.outcome]}`)
    .join(', '),
)
const order = (outcome: string) => (outcome === 'REFUSED' ? 0 : outcome === 'SAME' ? 2 : 1)
const shown = computed(() =>
  [...rows.value].sort((a, b) => order(a.outcome) - order(b.outcome)).slice(0, MOST_SHOWN),
)

async function read(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (chosen) text.value = await chosen.text()
}

let pause: ReturnType<typeof setTimeout> | undefined
watch(text, () => {
  clearTimeout(pause)
  pause = setTimeout(look, PAUSE_MS)
})
/** Only the last look counts: an earlier one may answer later. */
let asked = 0
async function look() {
  const mine = ++asked
  const answer = text.value.trim() ? await sent('NONE') : null
  if (mine === asked) looked.value = answer
}
async function sent(keep: 'NONE' | 'READABLE') {
  problem.value = ''
  try {
    return await upload<TableTaken>(`${props.path}?keep=${keep}`, text.value, 'text/csv')
  } catch (refusal) {
    problem.value = (refusal as Error).message
    return null
  }
}
async function keep() {
  const answer = await sent('READABLE')
  if (!answer) return
  shell.say(`${count(answer.kept, props.noun)} read. Ctrl+Z takes them back.`)
  open.value = false
  text.value = ''
  emit('kept')
}
</script>

<template>
  <a :href="path">{{ label }} as CSV</a>
  <Button
    class="bare"
    size="small"
    :label="`Bring in ${label.toLowerCase()}`"
    @click="open = true"
  />
  <Dialog
    v-model:visible="open"
    modal
    :header="`Bring in ${label.toLowerCase()}`"
    class="table-file"
  >
    <TextField
      v-model="text"
      own
      :lines="6"
      label="Rows, as they are in a spreadsheet or a CSV"
      hint="The first line names the columns, in any order. What is left out stays as it is. Amounts stand under “price” in your currency, under “price minor” in its smallest unit."
      :problem="problem"
    />
    <p class="row">
      <Button class="quiet" size="small" label="Choose a file" @click="file?.click()" />
      <input
        ref="file"
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        class="visually-hidden"
        :aria-label="`Table of ${label.toLowerCase()}`"
        tabindex="-1"
        @change="read"
      />
      <span class="soft">its columns:</span>
      <a :href="path">{{ label.toLowerCase() }} as they are</a>
    </p>
    <template v-if="looked">
      <p role="status">{{ summary || 'There is no row below the heading.' }}</p>
      <p v-if="looked.leftOut.length" class="soft">
        Nothing here is called {{ looked.leftOut.map((head) => `“${head}”`).join(', ') }}: left out.
      </p>
      <div v-if="rows.length" class="rows" tabindex="0" aria-label="What each row would do">
        <table class="ledger">
          <tbody>
            <tr v-for="row in shown" :key="row.line">
              <td class="mono">{{ row.line }}</td>
              <td>{{ row.name || '—' }}</td>
              <td :class="{ bad: row.outcome === 'REFUSED' }">
                {{ WORDS[row.outcome] }}{{ row.words.length ? ': ' : '' }}
                <span class="mono">{{ said(row.words.join(', ')) }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="rows.length > shown.length" class="soft">
          and {{ count(rows.length - shown.length, 'more rows') }}
        </p>
      </div>
      <Button
        :disabled="taken.length === 0"
        :label="
          refused.length
            ? `Take in ${taken.length} that can be read`
            : `Take in ${count(taken.length, noun)}`
        "
        @click="keep"
      />
    </template>
  </Dialog>
</template>

<style>
.table-file {
  width: min(860px, 96vw);
}
</style>

<style scoped>
.row {
  gap: 10px;
  align-items: center;
}
.rows {
  max-height: 38vh;
  overflow: auto;
  margin-bottom: 12px;
}
td {
  vertical-align: top;
}
</style>
