import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import { fakeBrowser } from './fakeBrowser'
import { useSaver } from './saver'

/** A server that answers as it is told, for tests of the saver, and what a browser keeps beside it. */
export interface FakeServer {
  kept: Record<string, string>
  /** What comes next; where nothing is said, a first version. */
  answers: (() => Response | Promise<Response>)[]
  sent: { url: string; version: string | null; body: string }[]
}

export function ok(version: number) {
  return () => new Response(JSON.stringify({ version }), { status: 200 })
}
export function refuse(status: number, body: object) {
  return () => new Response(JSON.stringify(body), { status })
}
export const gone = () => Promise.reject(new TypeError('no connection'))

export function fakeServer(): FakeServer {
  const server: FakeServer = { kept: {}, answers: [], sent: [] }
  vi.useFakeTimers()
  fakeBrowser(() => server.kept)
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>
    server.sent.push({ url, version: headers['If-Match'] ?? null, body: String(init.body) })
    return (server.answers.shift() ?? ok(1))()
  })
  setActivePinia(createPinia())
  return server
}

/** The saver of somebody who is signed in. */
export function open(account = 'ines') {
  const saver = useSaver()
  saver.begin(account)
  return saver
}
/** The page is gone, with its timers; only what the browser keeps is left. */
export function reload() {
  vi.clearAllTimers()
  setActivePinia(createPinia())
}

export const PATH = '/api/builds/b/panels/p'
