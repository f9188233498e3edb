<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get, newId, send } from '../api/client'
import type { YardRow, YardView } from '../api/types'
import { useDraft } from '../store/draft'
import { useClock } from '../store/clock'
import { useFresh } from '../store/live'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import FuseLine from '../ui/FuseLine.vue'
import KraftTag from '../ui/KraftTag.vue'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import { useWidth } from '../ui/useWidth'
import { dateOf, day, duration, moment, money, weekday } from '../ui/words'
import { intoTitle } from '../useFocusKept'
import BrokenBuilds from './BrokenBuilds.vue'
import { verdictWords } from './verdict'

const router = useRouter()
const shell = useShell()
const saver = useSaver()
const session = useSession()
const workshop = useWorkshop()
const clock = useClock()
const view = ref<YardView | null>(null)
const name = useDraft('build:name', '')
const starting = ref(name.value !== '')
const problem = ref('')
const { width } = useWidth('sized', 780)

async function load() {
  view.value = await get<YardView>('/api/yard')
  clock.refresh().catch(() => undefined)
}
useFresh(load)
onMounted(() => {
  load().catch((refusal) => shell.say(refusal.message))
  shell.newHere = () => (starting.value = true)
})
onBeforeUnmount(() => (shell.newHere = null))

const DAY = 864e5
const time = (text: string) => dateOf(text.slice(0, 10)).getTime()
const range = computed(() => {
  const now = view.value ? time(view.value.now) : Date.now()
  const ends = (view.value?.builds ?? []).flatMap((row) =>
    [row.fuse.reveal, row.fuse.finish].filter((text) => !!text).map((text) => time(text as string)),
  )
  const begins = (view.value?.builds ?? []).map((row) => time(row.fuse.from))
  return {
    from: Math.max(Math.min(now - 14 * DAY, ...begins) - 2 * DAY, now - 45 * DAY),
    to: Math.min(Math.max(now + 28 * DAY, ...ends) + 7 * DAY, now + 150 * DAY),
  }
})
function x(text: string): number {
  const { from, to } = range.value
  const place = ((time(text) - from) / (to - from)) * width.value
  return Math.max(4, Math.min(width.value - 4, place))
}
const ticks = computed(() => {
  if (!view.value) return []
  const now = time(view.value.now)
  const { from, to } = range.value
  const marks: { x: number; text: string; now: boolean }[] = []
  const step = Math.ceil((to - from) / DAY / 70) * 7
  for (let n = -20; n < 40; n++) {
    const at = now + n * step * DAY
    if (at < from + 2 * DAY || at > to - 2 * DAY) continue
    const text = new Date(at).toISOString().slice(0, 10)
    marks.push({ x: x(text), text: n === 0 ? 'today' : day(text), now: n === 0 })
  }
  return marks
})
const stops = (row: YardRow) =>
  row.fuse.stops
    .filter((stop) => stop.on && (stop.burnt || row.fuse.verdict !== 'ENQUIRY'))
    .map((stop) => ({ x: x(stop.on as string), burnt: stop.burnt }))
const words = (row: YardRow) =>
  verdictWords(row, (minor) => (session.owner ? money(minor, workshop.currency) : ''))

function nextWords(row: YardRow) {
  const next = row.next.find((task) => task.planned && task.state !== 'WAITING')
  if (!next?.planned) return ''
  const who = workshop.personName(next.planned.worker)
  const begins = moment(next.planned.start, view.value!.now)
  return `${next.task.title} · ${[who, duration(next.remainingMinutes), begins].filter(Boolean).join(', ')}`
}
function waitWords(row: YardRow) {
  const waiting = row.next.find((task) => task.state === 'WAITING')
  return waiting?.waitsUntil
    ? `${waiting.task.title}, until ${moment(waiting.waitsUntil, view.value!.now)}`
    : ''
}
/** Builds begun while the server is away. */
const waiting = computed(() =>
  [...saver.pending.values()]
    .filter((edit) => edit.post === '/api/builds')
    .map((edit) => edit.value as { id: string; name: string }),
)
const EXAMPLE = 'example'
const hasExample = computed(() => view.value?.builds.some((row) => row.id === EXAMPLE))
async function example() {
  try {
    await send('POST', '/api/builds/example')
    router.push(`/builds/${EXAMPLE}/concept`)
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
async function withoutExample() {
  try {
    await send('DELETE', `/api/builds/${EXAMPLE}`)
    await load()
    shell.say('The example is gone. Ctrl+Z brings it back.')
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
async function begin() {
  problem.value = ''
  const id = newId()
  const post = '/api/builds'
  const path = `${post}#${id}`
  saver.save({ key: `builds/${id}`, path, post, value: { id, name: name.value } })
  await saver.settled()
  const refused = saver.refused.get(path)
  if (refused) {
    problem.value = refused.errors.map((error) => error.sentence).join(' ')
    saver.drop(path)
    return
  }
  name.value = ''
  starting.value = false
  if (!saver.pending.has(path)) router.push(`/builds/${id}/brief`)
}
</script>

<template>
  <main v-if="view" class="yard">
    <header class="row">
      <h1>Yard</h1>
      <span class="soft">{{ view.workshopName }} · {{ weekday(view.now) }}</span>
      <span class="grow" />
      <p v-if="clock.running" class="running">
        <i aria-hidden="true" />
        <strong>{{ workshop.personName(clock.running.task.log.running?.personId) }}</strong> ·
        {{ clock.running.buildName }}, {{ clock.running.task.task.title }}
        <span class="mono">{{ duration(clock.running.task.log.attemptMinutes) }}</span>
      </p>
    </header>
    <BrokenBuilds :broken="view.broken" :left-out="view.leftOut" @mended="load" />
    <div class="chart">
      <div class="tags-head" />
      <div ref="sized" class="axis">
        <svg :width="width" height="22" aria-hidden="true">
          <text
            v-for="tick in ticks"
            :key="tick.text"
            :x="tick.x"
            y="15"
            :class="{ now: tick.now }"
          >
            {{ tick.text }}
          </text>
        </svg>
        <svg class="lines" :width="width" aria-hidden="true">
          <line
            v-for="tick in ticks"
            :key="tick.text"
            :x1="tick.x"
            y1="0"
            :x2="tick.x"
            y2="100%"
            :class="{ now: tick.now }"
          />
        </svg>
      </div>
      <ul>
        <li v-for="row in view.builds" :key="row.id">
          <RouterLink :to="`/builds/${row.id}/brief`" class="card">
            <KraftTag :palette="row.palette">
              <h2>{{ row.name }}</h2>
              <p class="soft client">
                {{ row.client || (row.fuse.verdict === 'ENQUIRY' ? 'enquiry' : 'no client named') }}
              </p>
              <p class="verdict" :class="row.fuse.verdict.toLowerCase()">
                <SignMark :kind="words(row).sign" />
                <strong>{{ words(row).verdict }}</strong>
                <span>{{ words(row).detail }}</span>
              </p>
            </KraftTag>
          </RouterLink>
          <div class="line">
            <FuseLine
              :width="width"
              :from="x(row.fuse.from)"
              :ember="x(row.fuse.ember)"
              :end="row.fuse.reveal ? x(row.fuse.reveal) : null"
              :stops="stops(row)"
              :finish="
                row.fuse.finish && row.fuse.verdict !== 'ENQUIRY' ? x(row.fuse.finish) : null
              "
              :verdict="row.fuse.verdict"
              :finish-label="row.fuse.finish ? `planned ${day(row.fuse.finish)}` : ''"
              :end-label="row.fuse.reveal ? day(row.fuse.reveal) : ''"
              :lit="row.fuse.verdict === 'REVEALED'"
            />
            <p class="next">
              <span v-if="nextWords(row)"><b>Next</b> {{ nextWords(row) }}</span>
              <span v-if="waitWords(row)" class="waits">
                <SignMark kind="wait" :size="11" /> {{ waitWords(row) }}
              </span>
            </p>
          </div>
        </li>
      </ul>
    </div>
    <p v-for="build in waiting" :key="build.id" class="empty" role="status">
      “{{ build.name }}” is kept here and begins when the workshop’s computer answers.
    </p>
    <p v-if="!view.total && !view.broken.length && !waiting.length" class="empty">
      No builds yet. Start one with its working title; the questions come one at a time after that.
    </p>
    <footer class="row">
      <Button v-if="!starting" label="Start a build" @click="intoTitle(() => (starting = true))">
        <template #default>Start a build <span class="mono key">n</span></template>
      </Button>
      <form v-else class="row" @submit.prevent="begin">
        <TextField v-model="name" own label="Working title of the build" :problem="problem" />
        <Button type="submit" label="Start this build" :disabled="!name.trim()" />
        <Button class="bare" type="button" label="Not now" @click="starting = false" />
      </form>
      <Button
        v-if="!view.total && !view.broken.length && session.owner"
        class="quiet"
        label="Look at an example build"
        @click="example"
      />
      <Button
        v-if="hasExample && session.owner"
        class="quiet"
        label="Take the example away"
        @click="withoutExample"
      />
      <span class="soft">
        Planned finish from today’s plan: every step as long as planned, nothing redone.
      </span>
    </footer>
  </main>
</template>

<style scoped>
.yard {
  padding: 12px 28px 24px;
  min-width: 720px;
}
header {
  min-height: 48px;
  align-items: center;
}
.running {
  background: var(--soot);
  color: var(--on-soot);
  padding: 8px 14px;
  margin: 0;
  max-width: 520px;
}
.running i {
  display: inline-block;
  width: 10px;
  height: 10px;
  background: var(--glow);
  margin-right: 8px;
}
.chart {
  position: relative;
  display: grid;
  grid-template-columns: 322px 1fr;
  column-gap: 22px;
}
ul {
  grid-column: 1 / -1;
  display: contents;
  list-style: none;
}
li {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: subgrid;
  align-items: center;
  margin-bottom: 14px;
  position: relative;
}
.axis {
  position: relative;
}
.axis text {
  font-family: var(--mono);
  font-size: 12.5px;
  text-anchor: middle;
  fill: var(--smoke);
}
.axis text.now {
  fill: var(--ember);
  font-weight: 700;
}
.lines {
  position: absolute;
  top: 24px;
  left: 0;
  height: 640px;
  pointer-events: none;
}
.lines line {
  stroke: var(--line);
  stroke-dasharray: 1.5 5;
}
.lines line.now {
  stroke: var(--ember);
  stroke-width: 1.6;
  stroke-dasharray: none;
}
.card {
  text-decoration: none;
  display: block;
}
.card:hover h2 {
  text-decoration: underline;
}
.client {
  margin: 0 0 5px;
}
.verdict {
  margin: 0;
  display: flex;
  gap: 8px;
  align-items: center;
}
.verdict span {
  color: var(--ink);
}
.on_time strong {
  color: var(--verdigris);
}
.tight strong {
  color: var(--amber-ink);
}
.late strong {
  color: var(--madder);
}
.line {
  min-width: 0;
}
.next {
  margin: 2px 0 0;
  font-size: 13px;
  position: relative;
  display: flex;
  gap: 4px 26px;
  flex-wrap: wrap;
}
.next > span {
  background: var(--ash);
}
.waits {
  color: var(--slate);
}
.key {
  opacity: 0.85;
  margin-left: 12px;
}
footer {
  margin-top: 8px;
  align-items: center;
}
form {
  align-items: flex-end;
}
.empty {
  max-width: 52ch;
}
</style>
