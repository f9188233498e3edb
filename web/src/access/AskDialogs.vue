<script setup lang="ts">
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { get } from '../api/client'
import type { FoundCard, YardView } from '../api/types'
import { LEDGERS, STOPS } from '../stops'
import { useAsk } from '../store/ask'
import { useBuild } from '../store/build'
import { said } from '../units/writing'

/** The list of keys, and finding anything. */
const ask = useAsk()
const builds = useBuild()
const router = useRouter()
const MOST = 9
const words = ref('')
const yard = ref<YardView | null>(null)
watch(
  () => ask.find,
  async (open) => {
    if (!open) return
    words.value = ''
    yard.value = await get<YardView>('/api/yard').catch(() => null)
  },
)
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  if (!wanted) return []
  const all: { label: string; detail: string; to: string }[] = []
  for (const row of yard.value?.builds ?? [])
    all.push({
      label: row.name,
      detail: `build for ${row.client || '—'}`,
      to: `/builds/${row.id}/brief`,
    })
  const build = builds.build
  if (build) {
    const at = (stop: string) => `/builds/${build.brief.id}/${stop}`
    build.panels.forEach((p) => all.push({ label: p.name, detail: 'part', to: at('make') }))
    build.components.forEach((c) => all.push({ label: c.name, detail: 'component', to: at('fit') }))
    build.schemes.forEach((s) => all.push({ label: s.name, detail: 'finish', to: at('finish') }))
    build.items.forEach((i) =>
      all.push({ label: i.name, detail: 'thing on a face', to: at('concept') }),
    )
    build.screens.forEach((s) => all.push({ label: s.name, detail: 'screen', to: at('light') }))
    build.strips.forEach((s) => all.push({ label: s.name, detail: 'light strip', to: at('light') }))
    build.requirements.forEach((r) =>
      all.push({ label: r.text, detail: 'requirement', to: at('brief') }),
    )
    for (const stop of [...STOPS, ...LEDGERS])
      all.push({ label: stop.label, detail: 'stop of this build', to: at(stop.path) })
  }
  const hits = all.filter((hit) => hit.label.toLowerCase().includes(wanted)).slice(0, MOST)
  return [...hits, ...cards.value.map(asHit)].slice(0, MOST + 4)
})
/** Cards of all builds that the server finds, whenever they are planned. */
const cards = ref<FoundCard[]>([])
let asked = 0
watch(words, async (typed) => {
  const mine = ++asked
  const found = await get<FoundCard[]>(`/api/cards?words=${encodeURIComponent(typed)}`).catch(
    () => [],
  )
  if (mine === asked) cards.value = found
})
const asHit = (card: FoundCard) => ({
  label: card.title,
  detail: `${card.open ? 'card' : 'done card'} of ${card.buildName}`,
  to: `/bench?build=${encodeURIComponent(card.buildId)}&card=${encodeURIComponent(card.taskKey)}`,
})
function go(to: string) {
  ask.find = false
  router.push(to)
}
const keys = [
  ['1 … 9, 0', 'jump along the fuse, Brief to Reveal'],
  ['y', 'Yard'],
  ['b', 'Bench: today’s cards'],
  ['p, m, h', 'Plan, Money, History of this build'],
  ['arrow keys', 'move the chosen thing on a face by 1 mm, with Shift 10 mm'],
  ['r', 'on something said: make it a requirement'],
  ['w', 'open or fold the watch panel'],
  ['n', 'something new, here'],
  ['s', 'start or stop the clock on the current card'],
  ['/', 'find anything'],
  ['Ctrl+Z', 'take back what you did last in this build, or in the workshop'],
  ['Ctrl+Shift+Z or Ctrl+Y', 'do it again'],
  ['Esc', 'leave a field, so that keys work again'],
  ['?', 'this list'],
]
</script>

<template>
  <Dialog v-model:visible="ask.keys" modal header="Keys">
    <dl class="keys">
      <template v-for="[key, what] in keys" :key="key">
        <dt class="mono">{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </Dialog>
  <Dialog v-model:visible="ask.find" modal header="Find anything">
    <InputText
      v-model="words"
      autofocus
      aria-label="Find a build, part, task or requirement"
      placeholder="part of a name"
      fluid
      @keydown.enter="found[0] && go(found[0].to)"
    />
    <ul class="hits">
      <li v-for="hit in found" :key="hit.to + hit.label + hit.detail">
        <a :href="hit.to" @click.prevent="go(hit.to)">{{ hit.label }}</a>
        <span class="soft"> {{ said(hit.detail) }}</span>
      </li>
    </ul>
    <p v-if="words && found.length === 0" class="soft">Nothing is called that.</p>
  </Dialog>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 18px;
  margin: 0;
}
dd {
  margin: 0;
}
.hits {
  list-style: none;
  padding: 0;
  margin: 10px 0 0;
  min-width: 380px;
}
.hits li {
  padding: 4px 0;
}
</style>
