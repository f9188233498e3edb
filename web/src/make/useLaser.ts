import { defineStore } from 'pinia'
import { ref } from 'vue'
import { get, send } from '../api/client'
import type { LaserView } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'

/** The workshop's laser: followed while it has a job. */
export const useLaser = defineStore('laser', () => {
  const builds = useBuild()
  const workshop = useWorkshop()
  const shell = useShell()
  const view = ref<LaserView | null>(null)
  let source: EventSource | null = null

  async function look() {
    view.value = await get<LaserView>('/api/laser')
    if (!view.value.recorded) follow()
  }
  function follow() {
    if (source) return
    source = new EventSource('/api/laser/events')
    source.onmessage = async (event) => {
      view.value = JSON.parse(event.data) as LaserView
      if (!view.value.recorded) return
      source?.close()
      source = null
      await Promise.all([builds.reload(), workshop.load(true)])
    }
    source.onerror = () => {
      source?.close()
      source = null
    }
  }
  /** Stops following while nobody looks. */
  function leave() {
    source?.close()
    source = null
  }
  async function say(path: string) {
    try {
      view.value = await send<LaserView>('POST', path)
      follow()
    } catch (refusal) {
      shell.say((refusal as Error).message)
    }
  }
  const cut = (layoutId: string) =>
    say(`/api/builds/${encodeURIComponent(builds.id)}/layouts/${encodeURIComponent(layoutId)}/cut`)
  const act = (what: string) => say(`/api/laser/${what}`)
  return { view, look, leave, cut, act }
})
