import { defineStore } from 'pinia'
import { computed, reactive, ref } from 'vue'
import { Refusal, Unreachable, send } from '../api/client'
import { useSession } from './session'
import { useShell } from './shell'

export interface Edit {
  /** "panels/p1" */
  key: string
  /** Address of the thing. */
  path: string
  value: unknown
}

export interface Conflict extends Edit {
  theirs: { version: number; value: unknown }
}

const REMEMBERED = 'ember-yard-unsaved'
const TYPING_MS = 60
const RETRY_MS = 2000

/**
 * Saves as you go. Every edit is kept in the browser until the server has answered for it, so
 * nothing typed is lost when the server is away, the page is reloaded or the session ran out.
 */
export const useSaver = defineStore('saver', () => {
  const pending = reactive(new Map<string, Edit>(remembered()))
  const versions = reactive(new Map<string, number>())
  const problems = reactive(new Map<string, { pointer: string; sentence: string }[]>())
  const conflict = ref<Conflict | null>(null)
  const away = ref(false)
  /** Grows with every edit and every answer: what was asked for before is out of date after. */
  let changes = 0
  /** Nobody is signed in: what is unsaved waits for the sign-in. */
  let signedOut = false
  const listeners = new Set<() => void>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let sending = false

  const state = computed(() => (away.value ? 'away' : pending.size > 0 ? 'saving' : 'saved'))

  function remembered(): [string, Edit][] {
    try {
      return JSON.parse(localStorage.getItem(REMEMBERED) ?? '[]')
    } catch {
      return []
    }
  }
  function remember() {
    localStorage.setItem(REMEMBERED, JSON.stringify([...pending]))
  }

  /** Keeps an edit and sends it shortly. */
  function save(edit: Edit) {
    changes++
    pending.set(edit.path, JSON.parse(JSON.stringify(edit)))
    problems.delete(edit.key)
    remember()
    later(TYPING_MS)
  }
  function later(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(flush, ms)
  }

  async function flush() {
    if (sending || conflict.value) return
    sending = true
    try {
      for (const edit of [...pending.values()]) {
        if (!(await sendOne(edit))) return
      }
      away.value = false
      listeners.forEach((listener) => listener())
    } finally {
      sending = false
      if (pending.size > 0 && !conflict.value && !signedOut)
        later(away.value ? RETRY_MS : TYPING_MS)
    }
  }

  /** Whether sending can go on. */
  async function sendOne(edit: Edit): Promise<boolean> {
    try {
      const kept = await send<{ version: number }>(
        'PUT',
        edit.path,
        edit.value,
        versions.get(edit.path),
      )
      changes++
      versions.set(edit.path, kept.version)
      settle(edit)
      return true
    } catch (problem) {
      if (problem instanceof Unreachable) {
        away.value = true
        return false
      }
      if (problem instanceof Refusal) return refused(edit, problem)
      throw problem
    }
  }
  function refused(edit: Edit, problem: Refusal): boolean {
    if (problem.status === 401) {
      signedOut = true
      useSession().expired()
      return false
    }
    if (problem.status === 412 && problem.current) {
      conflict.value = { ...edit, theirs: problem.current }
      return false
    }
    if (problem.errors.length) problems.set(edit.key, problem.errors)
    else useShell().say(problem.message)
    settle(edit)
    return true
  }
  function settle(edit: Edit) {
    if (pending.get(edit.path) === edit || same(pending.get(edit.path)?.value, edit.value)) {
      pending.delete(edit.path)
      remember()
    }
  }
  function same(a: unknown, b: unknown) {
    return JSON.stringify(a) === JSON.stringify(b)
  }

  /** Ends a conflict with one of the two versions. */
  function resolve(mine: boolean) {
    const ended = conflict.value
    if (!ended) return
    versions.set(ended.path, ended.theirs.version)
    if (!mine) {
      pending.delete(ended.path)
      remember()
    }
    conflict.value = null
    later(0)
    if (!mine) listeners.forEach((listener) => listener())
  }

  /** Waits until everything typed is answered for, or the server is away. */
  async function settled() {
    signedOut = false
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
  /** The sentence at a field of a thing, empty when there is none. */
  function problem(key: string, field: string): string {
    const pointer = '#/' + field.replaceAll('.', '/')
    return problems.get(key)?.find((error) => error.pointer === pointer)?.sentence ?? ''
  }

  if (pending.size > 0) later(0)
  return {
    pending,
    versions,
    problems,
    conflict,
    away,
    state,
    save,
    settled,
    mark,
    resolve,
    onSaved,
    problem,
  }
})
