import { BroadcastChannel, createLeaderElection, type LeaderElector } from 'broadcast-channel'
import { defineStore } from 'pinia'
import { onBeforeUnmount, ref } from 'vue'
import { Unreachable } from '../api/client'
import { useSaver } from './saver'
import { useSession } from './session'

/** One thing that changed at the server, or a window that asks the others how everything stands. */
interface News {
  about: string
  value?: unknown
}
const ASKED = 'asked'
const HERE = 'here'
/** Somebody signed out in one window: the others have the same cookie. */
const LEFT = 'left'
/** Changes that come quickly are shown together. */
const TOGETHER_MS = 400
/** So long after the server did not answer a screen it is asked again. */
const AWAY_MS = 2000
/** So long after the server refused the stream it is asked again. */
const AGAIN_MS = 15_000
/** The server says every 15 seconds that it is there; after so long without, the line is dead. */
const DEAD_MS = 40_000
const LOOK_MS = 10_000

/**
 * What happens in the workshop, as it happens. However many windows a browser has open, one of them
 * holds the only stream and tells the others: a browser has six lines to a host, and screens, laser
 * and searches must not wait for each other.
 */
export const useLive = defineStore('live', () => {
  /** Of what is stored: a screen that shows an older one asks anew. */
  const revision = ref(0)
  const listeners = new Map<string, Set<(value: never) => void>>()
  const screens = new Set<() => Promise<unknown>>()
  /** The last news of each kind, for windows that come later. */
  const last = new Map<string, News>()
  let channel: BroadcastChannel<News> | null = null
  let elector: LeaderElector | null = null
  let source: EventSource | null = null
  let again: ReturnType<typeof setTimeout> | undefined
  let soon: ReturnType<typeof setTimeout> | undefined
  let watching: ReturnType<typeof setInterval> | undefined
  let heardAt = 0

  /** Follows from now on. */
  function begin() {
    if (channel) return
    channel = new BroadcastChannel<News>('ember-yard')
    channel.onmessage = (news) => {
      if (news.about === ASKED) tellAll()
      else if (news.about === LEFT) askWhoIsHere()
      else hear(news)
    }
    elector = createLeaderElection(channel)
    elector.awaitLeadership().then(connect)
    document.addEventListener('visibilitychange', seen)
    window.addEventListener('online', connectAnew)
    watching = setInterval(() => Date.now() - heardAt > DEAD_MS && connectAnew(), LOOK_MS)
    tell({ about: ASKED })
  }
  /** Follows no more: nobody is signed in. */
  function end() {
    document.removeEventListener('visibilitychange', seen)
    window.removeEventListener('online', connectAnew)
    clearInterval(watching)
    clearTimeout(again)
    clearTimeout(soon)
    soon = undefined
    source?.close()
    source = null
    last.clear()
    const left = channel
    channel = null
    left
      ?.postMessage({ about: LEFT })
      .then(() => left.close())
      .catch(() => undefined)
    elector = null
  }
  function tell(news: News) {
    channel?.postMessage(news).catch(() => undefined)
  }
  function tellAll() {
    if (elector?.isLeader) last.forEach(tell)
  }
  /** A line that may be dead without a word, as after a sleep or another network. */
  function connectAnew() {
    if (source) connect()
  }
  function connect() {
    if (!channel) return
    clearTimeout(again)
    source?.close()
    heardAt = Date.now()
    source = new EventSource('/api/live')
    source.onmessage = (event) => {
      heardAt = Date.now()
      const news = JSON.parse(event.data) as News
      if (news.about === HERE) return
      tell(news)
      hear(news)
    }
    // a line that broke is taken up again by the browser; one that was refused is not
    source.onerror = () => {
      if (source?.readyState !== EventSource.CLOSED) return
      askWhoIsHere()
      again = setTimeout(connect, AGAIN_MS)
    }
  }
  function askWhoIsHere() {
    useSession()
      .load()
      .catch(() => undefined)
  }
  function hear(news: News) {
    last.set(news.about, news)
    listeners.get(news.about)?.forEach((listener) => listener(news.value as never))
    if (news.about !== 'revision' || news.value === revision.value) return
    revision.value = news.value as number
    later()
  }
  function later(ms = TOGETHER_MS) {
    soon ??= setTimeout(show, ms)
  }
  /** Whoever looks sees what is new; a window nobody looks at waits until somebody does. */
  async function show() {
    soon = undefined
    if (document.hidden || !channel) return
    if (useSaver().state === 'saving') return later()
    const read = await Promise.allSettled([...screens].map((load) => load()))
    const away = read.some(
      (each) => each.status === 'rejected' && each.reason instanceof Unreachable,
    )
    if (away && channel) later(AWAY_MS)
  }
  function seen() {
    if (document.hidden) return
    tell({ about: ASKED })
    later()
  }
  /** Hears of one thing until called off; first what was told of it last. */
  function on<T>(about: string, listener: (value: T) => void): () => void {
    if (last.has(about)) listener(last.get(about)!.value as T)
    const all = listeners.get(about) ?? new Set()
    listeners.set(about, all.add(listener as (value: never) => void))
    return () => all.delete(listener as (value: never) => void)
  }
  /** Has something read again whenever something is stored elsewhere. */
  function keepFresh(load: () => Promise<unknown>): () => void {
    screens.add(load)
    return () => screens.delete(load)
  }
  return { revision, begin, end, on, keepFresh }
})

/** Has what this screen shows read again whenever something is stored elsewhere. */
export function useFresh(load: () => Promise<unknown>) {
  onBeforeUnmount(useLive().keepFresh(load))
}
