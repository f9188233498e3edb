import { defineStore } from 'pinia'
import { computed, nextTick, reactive, ref } from 'vue'
import { Refusal, Unreachable, send, type FieldError } from '../api/client'
import { actNow } from './act'
import { nameOf, type Conflict, type Edit, type Refused, type Waiting } from './edit'
import { KeptEntries } from './kept'
import { changedLeaves, covers, leafAt, same, withLeaves } from './leaf'
import { typedSince, without, wholly } from './narrowed'
import { SeenVersions } from './seen'
import { useSession } from './session'
import { useShell } from './shell'

const RETRY_MS = 2000
/** A refusal names one field at a time; after so many the whole thing is left as typed. */
const MOST_REFUSALS = 24
const MOST_SENT = 4

/**
 * Saves as you go. Every edit is kept in the browser until the server has answered for it, so
 * nothing typed is lost when the server is away, the page is reloaded or the session ran out. What
 * was refused stays as typed too, while the other fields of the same thing are saved.
 */
export const useSaver = defineStore('saver', () => {
  const pending = reactive(new Map<string, Waiting>())
  const refused = reactive(new Map<string, Refused>())
  const versions = reactive(new Map<string, number>())
  const seen = new SeenVersions((path, version) => {
    if (!pending.has(path)) versions.set(path, version)
  })
  const problems = reactive(new Map<string, FieldError[]>())
  const conflict = ref<Conflict | null>(null)
  const away = ref(false)
  /** Why nothing can be saved just now. */
  const awayBecause = ref('')
  /** What the server holds of a thing, where that is known. */
  const stored = new Map<string, unknown>()
  /** Each thing as it was when the server last refused part of it. */
  const turnedDown = new Map<string, unknown>()
  /** Who waits for the answer to an act. */
  const awaited = new Map<string, (problem: Refusal) => void>()
  /** Sentences some field on the screen asks for. */
  const claimed = new Set<string>()
  let account: string | null = null
  let keptPending: KeptEntries<Waiting> | null = null
  let keptRefused: KeptEntries<Refused> | null = null
  /** Grows with every edit and every answer: what was asked for before is out of date after. */
  let changes = 0
  /** Nobody is signed in: what is unsaved waits for the sign-in. */
  let signedOut = true
  const listeners = new Set<() => void>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let sending = false
  let due = false

  const state = computed(() =>
    away.value ? 'away' : pending.size > 0 ? 'saving' : refused.size > 0 ? 'refused' : 'saved',
  )

  const full = () =>
    useShell().say('This browser’s storage is full: what you type is sent, but wait for “saved”.')

  /** Takes up what this account left unsent in this browser, and nobody else's. */
  function begin(id: string) {
    signedOut = false
    if (account !== id) {
      account = id
      pending.clear()
      refused.clear()
      problems.clear()
      keptPending = new KeptEntries(id, 'pending', full)
      keptRefused = new KeptEntries(id, 'refused', full)
      for (const [path, edit] of keptPending.all()) {
        pending.set(path, edit)
        if (edit.version !== undefined) versions.set(path, edit.version)
        if (edit.base !== undefined) stored.set(path, edit.base)
      }
      for (const [path, edit] of keptRefused.all()) {
        refused.set(path, edit)
        problems.set(edit.key, edit.errors)
      }
    }
    if (pending.size > 0) later(0)
  }
  function wait(edit: Waiting) {
    pending.set(edit.path, edit)
    keptPending?.put(edit.path, edit)
  }
  function refuse(edit: Edit, errors: FieldError[], whole = false) {
    const { key, path, value, post } = edit
    const left: Refused = JSON.parse(JSON.stringify({ key, path, value, post, errors, whole }))
    refused.set(path, left)
    problems.set(key, left.errors)
    keptRefused?.put(path, left)
  }
  function allow(edit: Edit) {
    problems.delete(edit.key)
    turnedDown.delete(edit.path)
    if (refused.delete(edit.path)) keptRefused?.put(edit.path, null)
  }

  /** Keeps an edit and sends it: what is kept in one go is sent in one go. */
  function save(edit: Edit) {
    atOnce()
    changes++
    const before = pending.get(edit.path)
    const copy: Waiting = JSON.parse(JSON.stringify(edit))
    copy.version = before ? before.version : versions.get(edit.path)
    copy.sent = before?.sent
    copy.act = actNow()
    copy.base = before ? before.base : stored.get(edit.path)
    if (before && before.act !== copy.act) flush() // what belongs to the act before goes out as that
    wait(copy)
    stillRefused(copy)
  }
  /** As soon as nothing else runs, before the screen is drawn: the server works meanwhile. */
  function atOnce() {
    clearTimeout(timer)
    if (!due) queueMicrotask(() => due && flush())
    due = true
  }
  /** A refused field keeps its sentence until a key is pressed in it, whatever happens beside it. */
  function stillRefused(edit: Edit) {
    const was = refused.get(edit.path)
    const errors = (was?.errors ?? []).filter(({ pointer }) => {
      const leaf = leafAt(edit.value, pointer)
      return leaf !== undefined && same(leafAt(was?.value, pointer), leaf)
    })
    if (errors.length) refuse(edit, errors, was?.whole)
    else allow(edit)
  }
  function later(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(flush, ms)
  }

  async function flush() {
    due = false
    if (sending || conflict.value || signedOut) return
    sending = true
    try {
      for (const edit of [...pending.values()]) {
        if (!(await sendOne(edit))) return
      }
      away.value = false
      listeners.forEach((listener) => listener())
    } finally {
      sending = false
      if (pending.size > 0 && !conflict.value && !signedOut) later(away.value ? RETRY_MS : 0)
    }
  }

  /** Whether sending can go on. */
  async function sendOne(edit: Waiting): Promise<boolean> {
    const errors: FieldError[] = []
    let value = edit.value
    let narrowed = false
    for (;;) {
      try {
        await put(edit, value)
        if (errors.length) leave(edit, errors, narrowed)
        else if (!pending.has(edit.path) || pending.get(edit.path) === edit) allow(edit)
        settle(edit)
        return true
      } catch (problem) {
        if (problem instanceof Unreachable) {
          away.value = true
          awayBecause.value = problem.message
          return false
        }
        if (!(problem instanceof Refusal)) throw problem
        if (problem.status === 412 && problem.current) {
          if (lostAnswer(edit, problem.current)) continue
          ask(edit, problem)
          return false
        }
        if (problem.status === 401) {
          signedOut = true
          useSession().expired()
          return false
        }
        if (edit.deed) {
          turnAway(edit, problem)
          return true
        }
        if (problem.status === 404 && value === null) {
          settle(edit) // taken away already
          return true
        }
        if (problem.status === 404 && versions.has(edit.path)) {
          ask(edit, problem)
          return false
        }
        note(problem, errors)
        // a thing that is made by a POST is made whole or not at all
        const base = edit.post ? undefined : stored.get(edit.path)
        const rest = errors.length > MOST_REFUSALS ? null : without(value, base, problem.errors)
        const was = turnedDown.get(edit.path)
        const fresh = rest === null && !narrowed ? typedSince(edit.value, base, was) : null
        if (rest === null && fresh === null) {
          leave(edit, errors, wholly(edit.value, base, errors))
          settle(edit)
          return true
        }
        narrowed ||= rest === null
        value = rest ?? fresh
      }
    }
  }
  async function put(edit: Waiting, value: unknown) {
    const now = pending.get(edit.path) ?? edit
    edit.sent = now.sent = [...(edit.sent ?? []), value].slice(-MOST_SENT)
    keptPending?.put(edit.path, now)
    const version = versions.get(edit.path)
    seen.answered(edit.path)
    if (value === null) {
      await send('DELETE', edit.path, undefined, version, edit.act)
      versions.delete(edit.path)
      stored.delete(edit.path)
    } else if (edit.post) {
      await send('POST', edit.post, value)
    } else {
      const kept = await send<{ version: number; value?: unknown }>(
        'PUT',
        edit.path,
        value,
        version,
        edit.act,
      )
      versions.set(edit.path, kept.version)
      layTogether(edit, value, kept.value)
      stored.set(edit.path, kept.value ?? value)
    }
    changes++
  }
  /** What others changed meanwhile came back with ours: what was typed since lies on top of both. */
  function layTogether(edit: Waiting, sent: unknown, kept: unknown) {
    const now = pending.get(edit.path)
    if (kept === undefined || !now || now === edit || now.value === null) return
    if (covers(kept, sent)) return
    wait({ ...now, value: withLeaves(kept, changedLeaves(sent, now.value), now.value) })
  }
  function ask(edit: Waiting, problem: Refusal) {
    away.value = false
    const places = problem.errors.map((error) => error.pointer)
    const now = pending.get(edit.path) ?? edit
    conflict.value = { ...now, theirs: problem.current, places, both: problem.both }
  }
  /** Our own change came through and only its answer was lost: go on from there. */
  function lostAnswer(edit: Waiting, current: { version: number; value: unknown }): boolean {
    const ours = edit.sent?.some((value) => value !== null && covers(current.value, value))
    if (!ours || versions.get(edit.path) === current.version) return false
    versions.set(edit.path, current.version)
    stored.set(edit.path, current.value)
    return true
  }
  /** An act that can't be done any more is said to whoever waits for it, or aloud. */
  function turnAway(edit: Waiting, problem: Refusal) {
    settle(edit)
    changes++
    const waits = awaited.get(edit.path)
    if (waits) waits(problem)
    else useShell().say(`${edit.deed}: ${problem.message}`)
  }
  /**
   * Does something that is no thing: kept until the server answers, sent once, in order.
   *
   * @returns whether the server has answered; false while it is away
   * @throws Refusal where it can't be done
   */
  async function act(
    post: string,
    deed: string,
    value: { id: string; [more: string]: unknown },
  ): Promise<boolean> {
    const { id } = value
    const path = `${post}#${id}`
    let refusal: Refusal | null = null
    awaited.set(path, (problem) => (refusal = problem))
    save({ key: `acts/${id}`, path, post, deed, value })
    await settled()
    awaited.delete(path)
    if (refusal) throw refusal
    return !pending.has(path)
  }
  /** Gathers what was refused: a refusal names one field at a time. */
  function note(problem: Refusal, errors: FieldError[]) {
    const whole = [{ pointer: '#', sentence: problem.message }]
    const found = problem.errors.length ? problem.errors : whole
    errors.push(...found.filter((each) => !errors.some((e) => e.pointer === each.pointer)))
  }
  /** Notes a refusal unless the person typed on meanwhile, and sees that somebody can read it. */
  function leave(edit: Waiting, errors: FieldError[], whole = false) {
    const now = pending.get(edit.path)
    if (now && now !== edit && !same(now.value, edit.value)) return
    errors.forEach((error) => claimed.delete(`${edit.key} ${error.pointer}`))
    turnedDown.set(edit.path, edit.value)
    refuse(edit, errors, whole)
    nextTick(() => nextTick(() => sayUnseen(edit, errors)))
  }
  function sayUnseen(edit: Edit, errors: FieldError[]) {
    const unseen = errors.filter((error) => !claimed.has(`${edit.key} ${error.pointer}`))
    if (unseen.length) useShell().say(`${nameOf(edit)}${unseen.map((e) => e.sentence).join(' ')}`)
  }
  function settle(edit: Waiting) {
    const now = pending.get(edit.path)
    if (now && (now === edit || same(now.value, edit.value))) {
      pending.delete(edit.path)
      keptPending?.put(edit.path, null)
    } else if (now) now.version = versions.get(edit.path)
  }

  /** Ends a conflict with one of the two versions. */
  function resolve(mine: boolean) {
    const ended = conflict.value
    if (!ended) return
    if (ended.theirs) {
      versions.set(ended.path, ended.theirs.version)
      stored.set(ended.path, ended.theirs.value)
    } else {
      versions.delete(ended.path) // put in anew
      stored.delete(ended.path)
    }
    const together = mine ? ended.both?.mine : ended.both?.theirs
    const asTheirs = !mine && (!together || same(together, ended.theirs?.value))
    if (asTheirs) {
      pending.delete(ended.path)
      keptPending?.put(ended.path, null)
      allow(ended)
    } else if (together) {
      wait({ ...(pending.get(ended.path) ?? ended), value: together })
    }
    conflict.value = null
    later(0)
    if (mine) return
    useShell().showAnew()
    listeners.forEach((listener) => listener())
  }
  /** Lets go of what was refused: the thing is again as the server holds it. */
  function drop(path: string) {
    const edit = refused.get(path)
    if (!edit) return
    allow(edit)
    changes++
    useShell().showAnew()
    listeners.forEach((listener) => listener())
  }

  /** Waits until everything typed is answered for, or the server is away. */
  async function settled() {
    signedOut = account === null
    clearTimeout(timer)
    while (sending) await new Promise((done) => setTimeout(done, 15))
    await flush()
  }
  function onSaved(listener: () => void) {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }
  /** A mark to hold an answer against: `isCurrent` says whether nothing changed since. */
  function mark() {
    const now = changes
    return { isCurrent: () => changes === now }
  }
  /** In which version a thing has just been read. */
  function reads(path: string, version: number) {
    if (!pending.has(path)) seen.read(path, version, versions.has(path))
  }
  /** What the server holds of a thing, told by whoever has just read it. */
  function holds(path: string, value: unknown) {
    if (!pending.has(path) || !stored.has(path)) stored.set(path, JSON.parse(JSON.stringify(value)))
  }
  /**
   * What to show of a thing: as it came, or as it is typed. `fresh` is undefined for a thing the
   * server has not; null is answered for one that is being taken away.
   */
  function typedOver<T>(path: string, fresh: T | undefined): T | null | undefined {
    if (fresh !== undefined) holds(path, fresh)
    const typed = pending.get(path)
    if (typed) return JSON.parse(JSON.stringify(typed.value)) as T | null
    const left = refused.get(path)
    if (!left) return fresh
    if (fresh === undefined) return JSON.parse(JSON.stringify(left.value)) as T | null
    if (left.value === null) return fresh
    if (left.whole) return JSON.parse(JSON.stringify(left.value)) as T
    const pointers = left.errors.map((error) => error.pointer)
    return withLeaves(fresh, pointers, left.value)
  }
  /** Edits of things below an address that are typed and not stored. */
  function unstored(prefix: string): Edit[] {
    return [...refused.values(), ...pending.values()].filter((edit) => edit.path.startsWith(prefix))
  }
  /** The sentence at a field of a thing, empty when there is none. Asking says that it is shown. */
  function problem(key: string, field: string): string {
    const pointer = '#/' + field.replaceAll('.', '/')
    claimed.add(`${key} ${pointer}`)
    return problems.get(key)?.find((error) => error.pointer === pointer)?.sentence ?? ''
  }

  return {
    pending,
    refused,
    versions,
    problems,
    conflict,
    away,
    awayBecause,
    state,
    begin,
    save,
    act,
    settled,
    mark,
    resolve,
    drop,
    onSaved,
    reads,
    holds,
    typedOver,
    unstored,
    problem,
  }
})
