import { defineStore } from 'pinia'
import { send } from '../api/client'
import type { Undone } from '../api/types'
import { kindWord } from '../ui/kindWords'
import { begin } from './act'
import { useBuild } from './build'
import { useClock } from './clock'
import { useSaver } from './saver'
import { useShell } from './shell'
import { useWorkshop } from './workshop'

/** Takes back, or does again, what whoever is signed in did last in the place they look at. */
export const useUndo = defineStore('undo', () => {
  const saver = useSaver()
  const shell = useShell()
  const builds = useBuild()
  const workshop = useWorkshop()
  const clock = useClock()

  /** The build on the screen; on the Bench the one that was last marked there; else the workshop. */
  function place(): string {
    const [, build] = /^\/builds\/([^/]+)/.exec(location.pathname) ?? []
    if (build) return decodeURIComponent(build)
    return location.pathname.startsWith('/bench') ? clock.lastBuild : ''
  }
  async function turn(way: 'undo' | 'redo') {
    await saver.settled()
    begin()
    const where = place()
    try {
      const { undone } = await send<{ undone: Undone | null }>(
        'POST',
        `/api/${way}?place=${encodeURIComponent(where)}`,
      )
      shell.say(words(way, undone, where))
      shell.showAnew()
      await Promise.all([builds.reload(), workshop.load(true), clock.refresh()])
    } catch (problem) {
      shell.say((problem as Error).message)
    }
  }
  /** “Taken back in this build: “Left window” (part).” */
  function words(way: 'undo' | 'redo', done: Undone | null, where: string): string {
    const here = where ? 'in this build' : 'in the workshop'
    if (!done) return `Nothing of yours to ${way === 'undo' ? 'take back' : 'do again'} ${here}.`
    const kind = kindWord(done.kind)
    const what = done.name ? `“${done.name}” (${kind})` : `one ${kind}`
    const more = done.changes > 1 ? ` and ${done.changes - 1} more` : ''
    return `${way === 'undo' ? 'Taken back' : 'Done again'} ${here}: ${what}${more}.`
  }
  return { undo: () => turn('undo'), redo: () => turn('redo') }
})
