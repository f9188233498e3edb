<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { upload } from '../api/client'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import TextField from '../ui/TextField.vue'
import FilamentLine from './FilamentLine.vue'
import FilmLine from './FilmLine.vue'
import OffcutList from './OffcutList.vue'
import PaintLine from './PaintLine.vue'
import SheetLine from './SheetLine.vue'

/** What the workshop has and can buy, with its colours; needs are derived less what is here. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const book = computed(() => workshop.book!)
const SHELVES = [
  { kind: 'paints', label: 'Paints', line: PaintLine },
  { kind: 'films', label: 'Films', line: FilmLine },
  { kind: 'filaments', label: 'Filaments', line: FilamentLine },
  { kind: 'sheets', label: 'Sheets', line: SheetLine },
] as const
const shelf = ref<(typeof SHELVES)[number]['kind'] | 'offcuts'>('paints')
const shelves = computed(() => [
  ...SHELVES.map(({ kind, label }) => ({ value: kind, label, count: book.value[kind].length })),
  { value: 'offcuts' as const, label: 'Offcuts', count: book.value.offcuts.length },
])
const line = computed(() => SHELVES.find((each) => each.kind === shelf.value)?.line)
const wanted = ref('')
const things = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  const all: { id: string; name: string; colourHex: string }[] =
    shelf.value === 'offcuts' ? [] : book.value[shelf.value]
  return all.filter((thing) => thing.name.toLowerCase().includes(text))
})
const file = ref<HTMLInputElement | null>(null)
async function read(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  try {
    const taken = await upload<{ products: number }>(
      `/api/workshop/stock/${shelf.value}.csv`,
      await chosen.text(),
      'text/csv',
    )
    await workshop.load(true)
    shell.say(`${taken.products} ${shelf.value} read. Ctrl+Z takes them back.`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
</script>

<template>
  <main class="page">
    <header class="row">
      <h1>Stock</h1>
      <span class="soft">generic starting values: measure, look at the can, and correct them</span>
    </header>
    <div class="row bar">
      <ChoiceStrip v-model="shelf" label="Shelf" :options="shelves" />
      <span class="soft" aria-hidden="true">find</span>
      <TextField v-model="wanted" own class="find" label="Find on this shelf" hide-label />
      <span class="grow" />
      <template v-if="session.owner && shelf !== 'offcuts'">
        <a :href="`/api/workshop/stock/${shelf}.csv`">This shelf as CSV</a>
        <Button class="bare" size="small" label="Read a CSV" @click="file?.click()" />
        <input
          ref="file"
          type="file"
          accept=".csv,text/csv"
          class="visually-hidden"
          aria-label="CSV of this shelf"
          tabindex="-1"
          @change="read"
        />
      </template>
    </div>
    <OffcutList v-if="shelf === 'offcuts'" />
    <div v-if="line" class="wall" aria-hidden="true">
      <i
        v-for="thing in things"
        :key="thing.id"
        :style="{ background: thing.colourHex }"
        :title="thing.name"
      />
    </div>
    <template v-if="line">
      <component :is="line" v-for="thing in things" :key="thing.id" :thing="thing as never" />
    </template>
    <p v-if="line && !things.length" class="soft">Nothing on this shelf is called that.</p>
  </main>
</template>

<style scoped>
.page {
  padding: 14px 28px 40px;
}
.bar {
  align-items: center;
  margin: 10px 0 6px;
}
.find {
  width: 190px;
}
.find :deep(input) {
  height: 32px;
}
.wall {
  display: flex;
  height: 20px;
  margin-bottom: 6px;
}
.wall i {
  flex: 1;
}
</style>
