import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get, newId, send } from '../api/client'
import type { BenchCard, BenchView, PassOverRequest, TaskModel } from '../api/types'
import { useBuild } from './build'
import { useSaver } from './saver'
import { useSession } from './session'
import { useShell } from './shell'

/** Today's cards and the clock of whoever is signed in. */
export const useClock = defineStore('clock', () => {
  const session = useSession()
  const saver = useSaver()
  const shell = useShell()
  const builds = useBuild()
  const bench = ref<BenchView | null>(null)
  /** The build that was marked last. */
  const lastBuild = ref('')
  const chosen = ref<{ buildId: string; taskKey: string } | null>(null)

  const running = computed<BenchCard | null>(
    () =>
      bench.value?.cards.find(
        (card) => card.task.log.running?.personId === session.account?.personId,
      ) ?? null,
  )
  async function refresh() {
    bench.value = await get<BenchView>('/api/bench')
  }
  /** What was typed before is kept first: a check follows from it. */
  async function done(action: () => Promise<unknown>, buildId = lastBuild.value) {
    lastBuild.value = buildId
    try {
      await saver.settled()
      await action()
    } catch (problem) {
      shell.say((problem as Error).message)
      throw problem
    } finally {
      await Promise.all([refresh(), builds.reload()]).catch(() => undefined)
    }
  }
  const start = (buildId: string, taskKey: string) =>
    done(
      () => send('POST', `/api/builds/${buildId}/clock/start`, { id: newId(), taskKey }),
      buildId,
    )
  const stop = () => done(() => send('POST', '/api/clock/stop'))
  const mark = (
    buildId: string,
    taskKey: string,
    what: 'DONE' | 'REOPENED' | 'AGAIN' | 'PASSED' | 'FAILED',
    said: { note?: string; by?: string; minutes?: number; timeWhy?: string } = {},
  ) =>
    done(
      () => send('POST', `/api/builds/${buildId}/marks`, { id: newId(), taskKey, what, ...said }),
      buildId,
    )
  /** Open steps before a check, coat or hand-over count as done, with their reasons. */
  const passOver = (buildId: string, said: PassOverRequest) =>
    done(() => send('POST', `/api/builds/${buildId}/passed-over`, said), buildId)
  /** A note is kept here until the server has it, like everything that is typed. */
  async function note(buildId: string, taskKey: string, text: string) {
    const id = newId()
    lastBuild.value = buildId
    const post = `/api/builds/${buildId}/notes`
    saver.save({ key: `notes/${id}`, path: `${post}#${id}`, post, value: { id, taskKey, text } })
    await saver.settled()
    if (!saver.away) await Promise.all([refresh(), builds.reload()]).catch(() => undefined)
  }

  /** `s`: stops the running clock, or starts it on the chosen card, or on the first that can. */
  async function toggle() {
    if (!bench.value) await refresh()
    if (running.value) return stop()
    const card =
      bench.value?.cards.find(
        (each) =>
          each.buildId === chosen.value?.buildId && each.task.task.key === chosen.value?.taskKey,
      ) ?? bench.value?.cards.find((each) => each.task.state === 'READY')
    if (card) return start(card.buildId, card.task.task.key)
    shell.say('There is no card to start.')
  }
  function choose(buildId: string, task: TaskModel) {
    chosen.value = { buildId, taskKey: task.task.key }
  }
  return { bench, running, lastBuild, refresh, start, stop, mark, passOver, note, toggle, choose }
})
