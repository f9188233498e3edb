<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { newId } from '../api/client'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import TextField from '../ui/TextField.vue'
import { plain } from '../ui/words'
import { feetOf } from './feet'
import { size } from './fitWords'
import { useLibrary } from './useLibrary'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Choosing what the hardware sits in: from the library, or a box of one's own. */
const emit = defineEmits<{ chosen: [] }>()
const builds = useBuild()
const router = useRouter()
const library = useLibrary()
const session = useSession()
const shell = useShell()
const wanted = ref('')
const found = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  return library.enclosures.filter((e) =>
    `${e.name} ${e.enclosure.origin}`.toLowerCase().includes(text),
  )
})
async function choose(productId: string) {
  try {
    await builds.act('enclosure', { id: newId(), productId })
    emit('chosen')
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
function own() {
  const drawn = builds.build!.concept.look.size
  const box = {
    widthMm: drawn?.widthMm ?? 300,
    depthMm: drawn?.depthMm ?? 300,
    heightMm: drawn?.heightMm ?? 300,
  }
  builds.add('enclosures', {
    name: 'Box of our own',
    origin: 'SCRATCH',
    productId: '',
    ...box,
    bays: [],
    openings: [],
    mounts: [],
    supports: { kind: 'FEET', on: feetOf(box) },
    roomC: 22,
    hotRoomC: 32,
  })
  emit('chosen')
  // it is measured where its numbers are
  void router.replace({ query: { show: 'enclosure' } })
}
</script>

<template>
  <section>
    <header class="row">
      <h3>What does it sit in?</h3>
      <span class="soft" aria-hidden="true">find</span>
      <TextField v-model="wanted" own class="find" label="Find an enclosure" hide-label />
      <span class="grow" />
      <Button class="quiet" size="small" label="Measure one of our own" @click="own" />
    </header>
    <p v-if="library.problem" class="bad" role="alert">{{ library.problem }}</p>
    <ul class="choices" aria-label="Enclosures of the library">
      <li v-for="product in found" :key="product.id">
        <button type="button" @click="choose(product.id)">
          <strong>{{ product.name }}</strong>
          <span class="mono">{{ size(product.enclosure) }} mm</span>
          <span class="soft">
            {{ plain(product.enclosure.origin) }}, {{ product.enclosure.bays.length }} bays
          </span>
          <MoneyFigure
            v-if="session.owner && product.priceMinor"
            class="mono"
            :of="product"
            name="priceMinor"
          />
          <span v-else-if="session.owner" class="mono">found</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
header {
  align-items: center;
}
.find {
  width: 190px;
}
.choices {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 8px;
}
.choices button {
  width: 100%;
  font: inherit;
  color: var(--ink);
  text-align: left;
  background: none;
  border: 1px solid var(--line);
  border-bottom-width: 3px;
  padding: 7px 11px;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 10px;
  cursor: pointer;
}
.choices strong {
  grid-column: 1 / -1;
}
.choices button:hover {
  background: var(--paper);
  border-bottom-color: var(--ember);
}
.mono {
  font-size: 12.5px;
}
</style>
