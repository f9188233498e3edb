import { defineStore } from 'pinia'
import { ref } from 'vue'
import { get, send } from '../api/client'
import type { LaserView } from '../api/types'
import { useBuild } from '../store/build'
import { useLive } from '../store/live'
import { useShell } from '../store/shell'

/** The workshop's laser, as it goes on. */
export const useLaser = defineStore('laser', () => {
  const builds = useBuild()
  const shell = useShell()
  const view = ref<LaserView | null>(null)
  useLive().on<LaserView>('laser', (now) => (view.value = now))

  async function look() {
    view.value = await get<LaserView>('/api/laser')
  }
  async function say(path: string) {
    try {
      view.value = await send<LaserView>('POST', path)
    } catch (refusal) {
      shell.say((refusal as Error).message)
    }
  }
  const cut = (layoutId: string) =>
    say(`/api/builds/${encodeURIComponent(builds.id)}/layouts/${encodeURIComponent(layoutId)}/cut`)
  const act = (what: string) => say(`/api/laser/${what}`)
  return { view, look, cut, act }
})
