import { defineStore } from 'pinia'
import { computed, markRaw, ref } from 'vue'
import { get, newId, send } from '../api/client'
import type { Build, BuildView } from '../api/types'
import { useSaver } from './saver'
import { findThing, partsOf, putThing } from './things'

/** What is derived comes whole with the next answer: nobody watches what is in it. */
function onlyTypedIsWatched(view: BuildView): BuildView {
  for (const [section, value] of Object.entries(view)) {
    if (section !== 'build' && value !== null && typeof value === 'object') markRaw(value)
  }
  return view
}

/** The build that is open: what was typed, laid over what the server derived. */
export const useBuild = defineStore('build', () => {
  const saver = useSaver()
  const id = ref('')
  let asking = 0
  const view = ref<BuildView | null>(null)
  const build = computed(() => view.value?.build ?? null)
  const frozen = computed(() => build.value?.concept.frozen ?? null)

  function path(kind: string, thingId: string) {
    return `/api/builds/${encodeURIComponent(id.value)}/${kind}/${encodeURIComponent(thingId)}`
  }

  async function open(buildId: string) {
    if (id.value !== buildId) {
      id.value = buildId
      view.value = null
    }
    await reload()
  }
  async function reload() {
    if (!id.value) return
    const asked = id.value
    const mine = ++asking
    const mark = saver.mark()
    const fresh = await get<BuildView>(`/api/builds/${encodeURIComponent(asked)}`)
    if (asked !== id.value || mine !== asking) return
    // an answer from before the last edit would take it off the screen; the next save asks again
    if (view.value && !mark.isCurrent()) return
    for (const [key, version] of Object.entries(fresh.versions)) {
      saver.reads(path(...partsOf(key)), version)
    }
    layTypedOver(fresh.build)
    view.value = onlyTypedIsWatched(fresh)
  }
  /** Reads the build again unless what is on the screen is as new. */
  async function freshen(revision: number) {
    if (!view.value || view.value.revision < revision) await reload()
  }
  /** What is typed and not stored stays as typed, and what is being taken away is gone. */
  function layTypedOver(fresh: Build) {
    const prefix = `/api/builds/${encodeURIComponent(id.value)}/`
    for (const edit of saver.unstored(prefix)) {
      const [kind, thingId] = partsOf(edit.key)
      const stored = findThing(fresh, kind, thingId)
      putThing(fresh, kind, thingId, saver.typedOver(edit.path, stored))
    }
  }

  /** Changes a thing: seen at once, saved shortly. */
  function edit<T extends { id: string }>(kind: string, thing: T, change: Partial<T>) {
    if (!view.value) return
    const value = { ...thing, ...change }
    const before = findThing(view.value.build, kind, thing.id)
    const address = path(kind, thing.id)
    if (before && saver.unstored(address).length === 0) saver.holds(address, before)
    putThing(view.value.build, kind, thing.id, value)
    saver.save({ key: `${kind}/${thing.id}`, path: address, value })
  }
  function add<T extends object>(kind: string, thing: T): string {
    const thingId = newId()
    edit(kind, { ...thing, id: thingId }, {})
    return thingId
  }
  /** Takes a thing away: gone from the screen at once, from the server shortly. */
  async function remove(kind: string, thingId: string) {
    if (view.value) putThing(view.value.build, kind, thingId, null)
    saver.save({ key: `${kind}/${thingId}`, path: path(kind, thingId), value: null })
    await saver.settled()
  }
  /** Does something at the server, then shows what follows. */
  async function act<T>(what: string, body?: unknown): Promise<T> {
    await saver.settled()
    const answer = await send<T>(
      'POST',
      `/api/builds/${encodeURIComponent(id.value)}/${what}`,
      body,
    )
    await reload()
    return answer
  }
  function problem(kind: string, thingId: string, field: string) {
    return saver.problem(`${kind}/${thingId}`, field)
  }

  saver.onSaved(() => {
    if (id.value) reload().catch(() => undefined)
  })
  return { id, view, build, frozen, open, reload, freshen, edit, add, remove, act, problem }
})
