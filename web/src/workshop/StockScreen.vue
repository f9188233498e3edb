<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import RetiredList from '../ui/RetiredList.vue'
import TableFile from '../ui/TableFile.vue'
import TextField from '../ui/TextField.vue'
import ViewTabs from '../ui/ViewTabs.vue'
import FilamentLine from './FilamentLine.vue'
import FilmLine from './FilmLine.vue'
import OffcutList from './OffcutList.vue'
import PaintLine from './PaintLine.vue'
import RackView from './rack/RackView.vue'
import SheetLine from './SheetLine.vue'

/** What the workshop has and can buy, with its colours; needs are derived less what is here. */
const workshop = useWorkshop()
const session = useSession()
const route = useRoute()
const VIEWS = [
  { value: 'rack', label: 'Rack' },
  { value: 'lists', label: 'Lists' },
] as const
const shown = computed(() => (route.query.show === 'lists' ? 'lists' : 'rack'))
const book = computed(() => workshop.book!)
const SHELVES = [
  { kind: 'paints', label: 'Paints', noun: 'paints', line: PaintLine },
  { kind: 'films', label: 'Films', noun: 'films', line: FilmLine },
  { kind: 'filaments', label: 'Filaments', noun: 'filaments', line: FilamentLine },
  { kind: 'sheets', label: 'Sheets', noun: 'sheets', line: SheetLine },
] as const
const shelf = ref<(typeof SHELVES)[number]['kind'] | 'offcuts'>('paints')
const shelves = computed(() => [
  ...SHELVES.map(({ kind, label }) => ({
    value: kind,
    label,
    count: workshop.offered(kind).length,
  })),
  { value: 'offcuts' as const, label: 'Offcuts', count: book.value.offcuts.length },
])
const chosen = computed(() => SHELVES.find((each) => each.kind === shelf.value))
const line = computed(() => chosen.value?.line)
const wanted = ref('')
const things = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  const all: { id: string; name: string; colourHex: string }[] =
    shelf.value === 'offcuts' ? [] : workshop.offered(shelf.value)
  return all.filter((thing) => thing.name.toLowerCase().includes(text))
})
const retired = computed(() =>
  shelf.value === 'offcuts'
    ? []
    : book.value[shelf.value].filter((thing) => workshop.retired(shelf.value, thing.id)),
)
</script>

<template>
  <main class="page">
    <header class="row">
      <h1>Stock</h1>
      <span v-if="shown === 'rack'" class="soft"
        >the rack as it stands, against what all builds still want</span
      >
      <span v-else class="soft"
        >generic starting values: measure, look at the can, and correct them</span
      >
      <span class="grow" />
      <ViewTabs label="Parts of the stock" :views="VIEWS" :shown="shown" />
    </header>
    <RackView v-if="shown === 'rack'" />
    <template v-else>
      <div class="row bar">
        <ChoiceStrip v-model="shelf" label="Shelf" :options="shelves" />
        <span class="soft" aria-hidden="true">find</span>
        <TextField v-model="wanted" own class="find" label="Find on this shelf" hide-label />
        <span class="grow" />
        <TableFile
          v-if="session.owner && chosen"
          :key="shelf"
          :path="`/api/workshop/${shelf}.csv`"
          :label="chosen.label"
          :noun="chosen.noun"
          @kept="workshop.load(true)"
        />
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
      <RetiredList v-if="session.owner" :kind="shelf" :things="retired" />
      <p v-if="line && !things.length" class="soft">Nothing on this shelf is called that.</p>
    </template>
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
