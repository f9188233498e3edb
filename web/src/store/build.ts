import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get, newId, send } from '../api/client'
import type { Build, BuildView } from '../api/types'
import { useSaver } from './saver'

type Things = Omit<Build, 'brief' | 'concept'>
const LIST_OF: Record<string, keyof Things> = {
  requirements: 'requirements',
  components: 'components',
  panels: 'panels',
  schemes: 'schemes',
  screens: 'screens',
  strips: 'strips',
  'manual-tasks': 'manualTasks',
  orders: 'orders',
  items: 'items',
  remarks: 'remarks',
  enclosures: 'enclosures',
  loops: 'loops',
  worksheets: 'worksheets',
  joints: 'joints',
  prints: 'prints',
  layouts: 'layouts',
  treatments: 'treatments',
  'outside-finishes': 'outsideFinishes',
  faults: 'faults',
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
      const slash = key.indexOf('/')
      const address = path(key.slice(0, slash), key.slice(slash + 1))
      if (!saver.pending.has(address)) saver.versions.set(address, version)
    }
    layTypedOver(fresh)
    view.value = fresh
  }
  /** What is typed and not answered for yet stays as typed. */
  function layTypedOver(fresh: BuildView) {
    const prefix = `/api/builds/${encodeURIComponent(id.value)}/`
    for (const edit of saver.pending.values()) {
      if (edit.path.startsWith(prefix)) put(fresh.build, edit.key.split('/')[0], edit.value)
    }
  }
  function put(into: Build, kind: string, value: unknown) {
    if (kind === 'briefs') into.brief = value as Build['brief']
    else if (kind === 'concepts') into.concept = value as Build['concept']
    else {
      const list = into[LIST_OF[kind]] as { id: string }[]
      const at = list.findIndex((thing) => thing.id === (value as { id: string }).id)
      if (at >= 0) list[at] = value as { id: string }
      else list.push(value as { id: string })
    }
  }

  /** Changes a thing: seen at once, saved shortly. */
  function edit<T extends { id: string }>(kind: string, thing: T, change: Partial<T>) {
    if (!view.value) return
    const value = { ...thing, ...change }
    put(view.value.build, kind, value)
    saver.save({ key: `${kind}/${thing.id}`, path: path(kind, thing.id), value })
  }
  function add<T extends object>(kind: string, thing: T): string {
    const thingId = newId()
    edit(kind, { ...thing, id: thingId }, {})
    return thingId
  }
  async function remove(kind: string, thingId: string) {
    await saver.settled()
    await send('DELETE', path(kind, thingId))
    saver.versions.delete(path(kind, thingId))
    await reload()
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
  return { id, view, build, frozen, open, reload, edit, add, remove, act, problem }
})
