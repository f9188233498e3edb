// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Unreachable } from '../api/client'
import { useLive } from './live'
import { useSaver } from './saver'

type Heard = ((news: unknown) => void) | undefined
/** Windows of one browser: what one says all others hear; the first leads. */
const windows = vi.hoisted(() => [] as { onmessage?: Heard; isLeader: boolean }[])
vi.mock('broadcast-channel', () => ({
  BroadcastChannel: class {
    onmessage: Heard
    isLeader = windows.length === 0
    constructor() {
      windows.push(this)
    }
    postMessage = async (news: unknown) =>
      windows.filter((each) => each !== this).forEach((each) => each.onmessage?.(news))
    close = async () => void windows.splice(windows.indexOf(this), 1)
  },
  createLeaderElection: (channel: { isLeader: boolean }) => ({
    isLeader: channel.isLeader,
    awaitLeadership: () => (channel.isLeader ? Promise.resolve() : new Promise(() => undefined)),
  }),
}))

let lines: Line[]
class Line {
  static CLOSED = 2
  readyState = 1
  onmessage: ((event: { data: string }) => void) | null = null
  onerror: (() => void) | null = null
  constructor(readonly address: string) {
    lines.push(this)
  }
  close() {
    this.readyState = Line.CLOSED
  }
  says(about: string, value: unknown) {
    this.onmessage?.({ data: JSON.stringify({ about, value }) })
  }
}
/** Another window of this browser, with stores of its own. */
async function window() {
  setActivePinia(createPinia())
  const live = useLive()
  const loads = vi.fn(async () => undefined)
  live.keepFresh(loads)
  live.begin()
  opened.push(live)
  await Promise.resolve()
  return { live, loads, saver: useSaver() }
}
const soon = () => vi.advanceTimersByTimeAsync(450)
let hidden = false
const opened: ReturnType<typeof useLive>[] = []
afterEach(() => opened.splice(0).forEach((live) => live.end()))

beforeEach(() => {
  vi.useFakeTimers()
  lines = []
  windows.length = 0
  hidden = false
  vi.stubGlobal('EventSource', Line)
  vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ account: { id: 'ines' } })))
  Object.defineProperty(document, 'hidden', { configurable: true, get: () => hidden })
})

describe('what happens elsewhere', () => {
  it('is told by one line to all windows, and read once for changes that come together', async () => {
    const first = await window()
    const second = await window()
    expect(lines.map((line) => line.address)).toEqual(['/api/live'])
    lines[0].says('revision', 7)
    lines[0].says('revision', 8)
    await soon()
    expect(first.live.revision).toBe(8)
    expect(second.live.revision).toBe(8)
    expect(first.loads).toHaveBeenCalledTimes(1)
    expect(second.loads).toHaveBeenCalledTimes(1)
  })

  it('is told to a window that comes later, and to a screen that listens later', async () => {
    await window()
    lines[0].says('revision', 7)
    lines[0].says('nest/n1', { over: true })
    const late = await window()
    expect(late.live.revision).toBe(7)
    const heard = vi.fn()
    const off = late.live.on('nest/n1', heard)
    expect(heard).toHaveBeenCalledWith({ over: true })
    off()
    lines[0].says('nest/n1', { over: false })
    expect(heard).toHaveBeenCalledTimes(1)
  })

  it('waits while nobody looks, and while something of one’s own is being saved', async () => {
    const { loads, saver } = await window()
    hidden = true
    lines[0].says('revision', 7)
    await soon()
    expect(loads).not.toHaveBeenCalled()
    hidden = false
    document.dispatchEvent(new Event('visibilitychange'))
    await soon()
    expect(loads).toHaveBeenCalledTimes(1)
    saver.pending.set('/api/builds/b/panels/p', { key: 'panels/p', path: 'p', value: {} })
    lines[0].says('revision', 8)
    await soon()
    expect(loads).toHaveBeenCalledTimes(1)
    saver.pending.clear()
    await soon()
    expect(loads).toHaveBeenCalledTimes(2)
  })

  it('asks in all windows who is here when one signs out', async () => {
    const first = await window()
    const asked = vi.spyOn(globalThis, 'fetch')
    const second = await window()
    second.live.end()
    await Promise.resolve()
    expect(asked.mock.calls.map(([address]) => address)).toEqual(['/api/session'])
    expect(windows).toHaveLength(1)
    first.live.end()
  })

  it('is read again until the server answers', async () => {
    const { loads } = await window()
    loads.mockRejectedValueOnce(new Unreachable()).mockRejectedValueOnce(new Unreachable())
    lines[0].says('revision', 7)
    await soon()
    await vi.advanceTimersByTimeAsync(10_000)
    expect(loads).toHaveBeenCalledTimes(3)
  })

  it('is asked for again after a refusal, and not once nobody is signed in', async () => {
    const { live } = await window()
    lines[0].close()
    lines[0].onerror?.()
    await vi.advanceTimersByTimeAsync(16_000)
    expect(lines).toHaveLength(2)
    live.end()
    lines[1].close()
    await vi.advanceTimersByTimeAsync(60_000)
    expect(lines).toHaveLength(2)
    expect(windows).toHaveLength(0)
  })

  it('is asked for anew when the network is back, or nothing was heard for long', async () => {
    const { live } = await window()
    dispatchEvent(new Event('online'))
    expect(lines).toHaveLength(2)
    expect(lines[0].readyState).toBe(Line.CLOSED)
    for (let i = 0; i < 8; i++) {
      await vi.advanceTimersByTimeAsync(15_000)
      lines[1].says('here', true)
    }
    expect(lines).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(61_000)
    expect(lines.length).toBeGreaterThan(2)
    live.end()
    const then = lines.length
    dispatchEvent(new Event('online'))
    expect(lines).toHaveLength(then)
  })

  it('is followed again by whoever signs in next', async () => {
    const { live, loads } = await window()
    lines[0].says('revision', 7)
    live.end()
    await vi.advanceTimersByTimeAsync(0)
    live.begin()
    await Promise.resolve()
    lines[1].says('revision', 8)
    await soon()
    expect(loads).toHaveBeenCalledTimes(1)
  })
})
