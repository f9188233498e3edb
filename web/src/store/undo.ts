import { defineStore } from 'pinia'
import { send } from '../api/client'
import { useBuild } from './build'
import { useClock } from './clock'
import { useSaver } from './saver'
import { useShell } from './shell'
import { useWorkshop } from './workshop'

/** Takes back the last change of whoever is signed in, by key or by the button in the rail. */
export const useUndo = defineStore('undo', () => {
  const saver = useSaver()
  const shell = useShell()
  const builds = useBuild()
  const workshop = useWorkshop()
  const clock = useClock()

  async function undo() {
    await saver.settled()
    try {
      const answer = await send<{ undone: { kind: string } | null }>('POST', '/api/undo')
      shell.say(
        answer.undone ? `Taken back: last change of ${answer.undone.kind}.` : 'Nothing to undo.',
      )
      shell.showAnew()
      await Promise.all([builds.reload(), workshop.load(true), clock.refresh()])
    } catch (problem) {
      shell.say((problem as Error).message)
    }
  }
  return { undo }
})
