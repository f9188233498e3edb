import { defineStore } from 'pinia'
import { computed, nextTick, reactive, ref, toRaw } from 'vue'
import { get, newId, send } from '../api/client'
import type { Build, BuildPicture, SectionsView } from '../api/types'
import { change, changed, kept, raw } from './changes'
import { useSaver } from './saver'
import { AT_STOP, EVERYWHERE, type Section } from './sections'
import { findThing, partsOf, putThing, type Thing } from './things'

/** So long figures may be those of before the last change without a word. */
const UNSAID_MS = 300
/** The browser's mark for the moment at which figures that came were put on the screen. */
const FIGURES = 'figures'

/** The build that is open: what was typed, laid over what the server derived. */
export const useBuild = defineStore('build', () => {
  const saver = useSaver()
  const id = ref('')
  let asking = 0
  const view = ref<BuildPicture | null>(null)
  const build = computed(() => view.value?.build ?? null)
  /** What screens have asked for so far: it is kept as new as the rest. */
  const wanted = new Set<Section>()
  /** What the server calls each section that is here. */
  const tags = reactive(new Map<string, string>())
  /** What the server holds of each thing that is shown as it was typed. */
  const held = new Map<string, unknown>()
  /** Whether figures on the screen are those of before the last change, for a while now. */
  const behind = ref(false)
  let late: ReturnType<typeof setTimeout> | undefined

  function path(kind: string, thingId: string) {
    return `/api/builds/${encodeURIComponent(id.value)}/${kind}/${encodeURIComponent(thingId)}`
  }

  /** Opens a build at a stop. */
  async function open(buildId: string, stop: string) {
    if (id.value !== buildId) {
      id.value = buildId
      view.value = null
      wanted.clear()
      tags.clear()
      held.clear()
      caughtUp()
    }
    for (const section of [...EVERYWHERE, ...(AT_STOP[stop] ?? [])]) wanted.add(section)
    await reload()
  }
  /** Has a section kept here from now on. */
  async function ask(section: Section) {
    wanted.add(section)
    if (!tags.has(section)) await reload()
  }
  /** Whether all that is shown at a stop is here. */
  const shows = (stop: string) =>
    view.value !== null && (AT_STOP[stop] ?? []).every((section) => tags.has(section))

  async function reload() {
    if (!id.value) return
    const asked = id.value
    const mine = ++asking
    const mark = saver.mark()
    const fresh = await get<SectionsView>(address(asked))
    if (asked !== id.value || mine !== asking) return
    // an answer from before the last edit would take it off the screen; the next save asks again
    if (!view.value || mark.isCurrent()) take(fresh)
    else if (lacking()) await reload()
  }
  /** Whether something that is wanted never came: a stop would stay empty. */
  const lacking = () => [...wanted].some((section) => section !== 'build' && !tags.has(section))
  /** Only what is not held comes with the answer. */
  function address(of: string): string {
    const has = [...tags].map(([section, tag]) => `${section}:${tag}`)
    return `/api/builds/${encodeURIComponent(of)}/sections?want=${[...wanted]}&held=${has}`
  }
  function take(fresh: SectionsView) {
    for (const [key, version] of Object.entries(fresh.versions)) {
      saver.reads(path(...partsOf(key)), version)
    }
    const next: Record<string, unknown> = { revision: fresh.revision, now: fresh.now }
    const { build: typed, head, ...others } = fresh.sections
    for (const [section, value] of Object.entries({ ...(head as object), ...others })) {
      next[section] = raw(value)
    }
    const { build: retyped, head: headChanges, ...other } = fresh.changes
    const shown = (view.value ?? {}) as Record<string, object>
    for (const [section, changes] of Object.entries(other)) {
      next[section] = changed(shown[section], changes)
    }
    if (headChanges) Object.assign(next, headOf(shown, headChanges))
    for (const [section, tag] of Object.entries(fresh.tags)) tags.set(section, tag)
    takeTyped(next, typed as Build | undefined, retyped)
    caughtUp()
    if (view.value) Object.assign(view.value, next)
    else view.value = next as unknown as BuildPicture
    void nextTick(tell)
  }
  /** For whoever measures how long figures take: now they are on the screen. */
  function tell() {
    performance.clearMarks(FIGURES)
    performance.mark(FIGURES)
  }
  /** The fields of the head that changed: they stand in the build's picture itself. */
  function headOf(shown: Record<string, object>, changes: Record<string, unknown>) {
    const names = [...new Set(Object.keys(changes).map((name) => name.split('.')[0]))]
    const now = changed(Object.fromEntries(names.map((name) => [name, shown[name]])), changes)
    return Object.fromEntries(Object.entries(now).map(([name, value]) => [name, raw(value)]))
  }
  /** What was typed comes whole or in part, under what is not stored. */
  function takeTyped(next: object, whole?: Build, changes?: Record<string, unknown>) {
    if (whole) held.clear()
    const now = whole ?? view.value?.build
    if (!now) return
    const typed = [...held.keys()].map((key) => partsOf(key))
    const shown = typed.map((parts) => findThing(toRaw(now), ...parts))
    for (const [key, value] of held) putThing(now, ...partsOf(key), value)
    held.clear()
    if (changes) change(now, changes)
    typed.forEach((parts, at) => {
      const stored = findThing(toRaw(now), ...parts)
      if (stored) putThing(now, ...parts, kept(shown[at], stored))
    })
    layTypedOver(now)
    if (whole) Object.assign(next, { build: whole })
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
      put(fresh, kind, thingId, saver.typedOver(edit.path, stored))
    }
  }
  /** Something of the screen's own: what the server holds in its place is known, or asked for anew. */
  function put(typed: Build, kind: string, thingId: string, value: unknown) {
    const key = `${kind}/${thingId}`
    const before = findThing(typed, kind, thingId)
    if (!before || !value) tags.delete('build')
    else if (!held.has(key)) held.set(key, toRaw(before))
    putThing(typed, kind, thingId, value)
  }
  /** Puts something on the screen before the server has it. */
  function show(kind: string, thingId: string, value: unknown) {
    if (!view.value) return
    put(view.value.build, kind, thingId, value)
    late ??= setTimeout(() => (behind.value = true), UNSAID_MS)
  }
  function caughtUp() {
    clearTimeout(late)
    late = undefined
    behind.value = false
  }

  /** Changes a thing: seen at once, saved shortly. */
  function edit<T extends Thing>(kind: string, thing: T, change: Partial<T>) {
    if (!view.value) return
    const value = { ...thing, ...change }
    const before = findThing(view.value.build, kind, thing.id)
    const address = path(kind, thing.id)
    if (before && saver.unstored(address).length === 0) saver.holds(address, before)
    saver.save({ key: `${kind}/${thing.id}`, path: address, value })
    show(kind, thing.id, value)
  }
  function add<T extends object>(kind: string, thing: T): string {
    const thingId = newId()
    edit(kind, { ...thing, id: thingId }, {})
    return thingId
  }
  /** Takes a thing away: gone from the screen at once, from the server shortly. */
  async function remove(kind: string, thingId: string) {
    show(kind, thingId, null)
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
  return {
    id,
    view,
    build,
    behind,
    open,
    ask,
    shows,
    reload,
    freshen,
    edit,
    add,
    remove,
    act,
    problem,
  }
})
