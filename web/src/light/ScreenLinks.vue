<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { get, send } from '../api/client'
import type { Canvas, CanvasPicture, LinkView } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'

/** Each screen's own page, and the feed: links that open one thing each, and can be withdrawn. */
const props = defineProps<{ canvas: Canvas; panes: CanvasPicture['panes'] }>()
const builds = useBuild()
const shell = useShell()
const LOOK_MS = 3_000
const base = computed(() => `/api/builds/${encodeURIComponent(builds.id)}/light/links`)
const links = ref<LinkView[]>([])
/** What is shown once: an address, or the feed's token. */
const made = ref<{ path: string; token: string; name: string } | null>(null)
const open = computed(() =>
  links.value.filter(
    ({ link }) => !link.revoked && (link.kind === 'FEED' || link.canvasId === props.canvas.id),
  ),
)
async function load() {
  if (document.hidden) return
  links.value = await get<LinkView[]>(base.value).catch(() => links.value)
}
let timer: ReturnType<typeof setInterval> | undefined
onMounted(() => {
  void load()
  timer = setInterval(load, LOOK_MS)
})
onBeforeUnmount(() => clearInterval(timer))
async function make(kind: 'SCREEN' | 'FEED', paneId: string, name: string) {
  try {
    const body = { kind, canvasId: kind === 'FEED' ? '' : props.canvas.id, paneId, name }
    const answer = await send<{ token: string; path: string }>('POST', base.value, body)
    made.value = { ...answer, name }
    await load()
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
async function withdraw(id: string) {
  await send('DELETE', `${base.value}/${encodeURIComponent(id)}`).catch((problem: Error) =>
    shell.say(problem.message),
  )
  made.value = null
  await load()
}
const address = computed(() => (made.value?.path ? location.origin + made.value.path : ''))
function seen({ link, seenSecondsAgo: ago }: LinkView) {
  if (link.kind === 'FEED') return ''
  if (ago === null || ago === undefined) return 'not seen yet'
  return ago < 5
    ? 'open now'
    : ago < 90
      ? `seen ${ago} s ago`
      : `seen ${Math.round(ago / 60)} min ago`
}
</script>

<template>
  <section class="links">
    <h3>Its own page <span class="soft">shows this screen and nothing else</span></h3>
    <div class="row make">
      <Button
        v-for="pane in panes"
        :key="pane.id"
        class="quiet"
        size="small"
        :label="`Link for ${pane.name}`"
        @click="make('SCREEN', pane.id, pane.name)"
      />
      <Button
        class="bare"
        size="small"
        label="Token for a feed"
        @click="make('FEED', '', 'Feed')"
      />
    </div>
    <p v-if="made" role="status" class="made">
      Copy it now, it is not shown again:
      <a
        v-if="made.path"
        :href="made.path"
        target="_blank"
        rel="noopener noreferrer"
        class="mono"
        >{{ address }}</a
      >
      <template v-else>
        <code class="mono">{{ made.token }}</code><br />
        <code class="mono soft"
          >POST /api/feed · Authorization: Bearer … ·
          {"at":"2026-03-03T09:42:00Z","values":{"coolant.celsius":31.5}}</code
        >
      </template>
    </p>
    <ul>
      <li v-for="each in open" :key="each.link.id">
        <span>{{ each.link.kind === 'FEED' ? 'Token for a feed' : each.link.name }}</span>
        <span class="soft">{{ seen(each) }}</span>
        <Button
          class="bare"
          size="small"
          label="Withdraw"
          :aria-label="`Withdraw ${each.link.name}`"
          @click="withdraw(each.link.id)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.links {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
.make {
  margin-top: 6px;
  gap: 6px;
  flex-wrap: wrap;
}
.made {
  overflow-wrap: anywhere;
}
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 10px;
  align-items: center;
  border-top: 1px solid var(--line);
}
</style>
