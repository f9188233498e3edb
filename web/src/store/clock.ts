import { defineStore } from 'pinia'
import { computed, nextTick, ref } from 'vue'
import { get, newId } from '../api/client'
import type { BenchDay, DayCard, PassedStep, TaskModel } from '../api/types'
import { zone } from '../units/writing'
import { instantOf, localOf } from '../units/zone'
import { useBuild } from './build'
import { useSaver } from './saver'
import { useSession } from './session'
import { useShell } from './shell'

/** What is said of a step. */
type Mark = 'DONE' | 'PARTLY' | 'REOPENED' | 'AGAIN' | 'PASSED' | 'FAILED'
interface Said {
  note?: string
  by?: string
  minutes?: number
  timeWhy?: string
  doneBy?: string
  leftMinutes?: number
}

/**
 * The day and the clock of whoever is signed in. What is done here is kept in the browser until the
 * server has answered for it, with the moment at which it was done.
 */
export const useClock = defineStore('clock', () => {
  const session = useSession()
  const saver = useSaver()
  const shell = useShell()
  const builds = useBuild()
  const bench = ref<BenchDay | null>(null)
  /** The build that was marked last. */
  const lastBuild = ref('')
  const chosen = ref<{ buildId: string; taskKey: string; title: string } | null>(null)

  const own = computed(() => bench.value?.personId === session.account?.personId)
  const running = computed<DayCard | null>(
    () => (own.value && bench.value?.running && bench.value.cards[0]) || null,
  )
  /** How far the clock of the bench is ahead of this device's, ms. */
  let ahead = 0
  const nowMs = () => Date.now() + ahead
  async function refresh() {
    const day = await get<BenchDay>('/api/bench')
    const minute = Date.parse(instantOf(day.now.slice(0, 16), zone.value))
    ahead = minute + 1000 * Number(day.now.slice(17, 19)) - Date.now()
    bench.value = day
  }
  /** Sends an act after whatever was typed before it; the screen follows once it is answered. */
  let last: Promise<unknown> = Promise.resolve()
  function act(path: string, deed: string, value: object, buildId = lastBuild.value) {
    const done = sent(path, deed, value, buildId)
    last = done.catch(() => undefined)
    return done
  }
  /** When the screen knows of all that was done; at once while the server is away. */
  const known = () => (saver.away ? Promise.resolve() : last.then(nextTick))
  async function sent(path: string, deed: string, value: object, buildId: string) {
    lastBuild.value = buildId
    const at = new Date(nowMs()).toISOString()
    try {
      await saver.act(path, deed, { id: newId(), ...value, at })
    } catch (problem) {
      shell.say((problem as Error).message)
      throw problem
    } finally {
      if (!saver.away) await Promise.all([refresh(), builds.reload()]).catch(() => undefined)
    }
  }
  const of = (buildId: string) => `/api/builds/${encodeURIComponent(buildId)}`
  const start = (buildId: string, taskKey: string, title: string) =>
    act(`${of(buildId)}/clock/start`, `Clock on “${title}”`, { taskKey }, buildId)
  const stop = () => act('/api/clock/stop', 'Clock stopped', {})
  /** A clock that runs since another day was stopped then. */
  const forgotten = (buildId: string, entryId: string, endedAt: string) =>
    act(`${of(buildId)}/clock/forgotten`, 'Forgotten clock', { entryId, endedAt }, buildId)
  const mark = (buildId: string, taskKey: string, title: string, what: Mark, said: Said = {}) =>
    act(`${of(buildId)}/marks`, `“${title}”`, { taskKey, what, ...said }, buildId)
  /** Open steps before a check, coat or hand-over count as done, with their reasons. */
  const passOver = (
    buildId: string,
    title: string,
    said: { taskKey: string; by: string; steps: PassedStep[] },
  ) => act(`${of(buildId)}/passed-over`, `“${title}”`, said, buildId)
  const note = (buildId: string, taskKey: string, text: string) =>
    act(`${of(buildId)}/notes`, 'Note', { taskKey, text }, buildId)
  /** Cautions that were read: on this day they are a line. */
  const heed = (buildId: string, cautions: string[]) =>
    act(`${of(buildId)}/heeded`, 'Read', { cautions }, buildId)

  /** What was done here and is not answered for yet, in order. */
  const kept = computed(() => [...saver.pending.values()].filter((edit) => edit.deed).map(asKept))
  function asKept({ post = '', value }: { post?: string; value: unknown }) {
    return { post, ...(value as { taskKey?: string; what?: Mark; text?: string; at: string }) }
  }
  /** Whether a step was ended here while the server is away. */
  const ended = (buildId: string, taskKey: string) =>
    kept.value.some(
      (act) =>
        act.post === `${of(buildId)}/marks` && act.taskKey === taskKey && act.what !== 'REOPENED',
    )
  const notesOf = (buildId: string, taskKey: string) =>
    kept.value.filter((act) => act.post === `${of(buildId)}/notes` && act.taskKey === taskKey)
  /** A clock that runs since another day was forgotten: that is asked, it does not run. */
  const today = (instant: string) =>
    localOf(instant, zone.value).slice(0, 10) >= (bench.value?.now.slice(0, 10) ?? '')
  /** What was pressed last of the clock, while it is not answered for. */
  const pressedLast = () => kept.value.filter((act) => /clock\/st(art|op)$/.test(act.post)).pop()
  /** When this step's clock was started, as it was pressed here last; null where it stands. */
  function runsSince(buildId: string, { task, log }: TaskModel): string | null {
    const pressed = pressedLast()
    if (!pressed) return log.running && today(log.running.startedAt) ? log.running.startedAt : null
    const here = pressed.post === `${of(buildId)}/clock/start` && pressed.taskKey === task.key
    return here ? pressed.at : null
  }

  /** `s`: stops the running clock, or starts it on the chosen card, or on the first that can. */
  async function toggle() {
    if (!bench.value) await refresh()
    // what was answered for just now the screen may not know yet
    if (!pressedLast()) await known()
    const pressed = pressedLast()
    if (pressed ? pressed.post.endsWith('/start') : running.value) return stop()
    const first = bench.value?.cards.find((each) => each.waitsFor.length === 0)
    const card =
      chosen.value ??
      (first && {
        buildId: first.buildId,
        taskKey: first.task.task.key,
        title: first.task.task.title,
      })
    if (card) return start(card.buildId, card.taskKey, card.title)
    shell.say('There is no card to start.')
  }
  function choose(buildId: string, taskKey: string, title: string) {
    chosen.value = { buildId, taskKey, title }
  }
  return {
    bench,
    own,
    running,
    lastBuild,
    kept,
    ended,
    notesOf,
    runsSince,
    nowMs,
    known,
    refresh,
    start,
    stop,
    forgotten,
    mark,
    passOver,
    note,
    heed,
    toggle,
    choose,
  }
})
