import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { follow, type PageNews } from './stream'

/** A stream that is written by hand. */
class Line {
  private writer: ReadableStreamDefaultController<Uint8Array> | null = null
  readonly body = new ReadableStream<Uint8Array>({ start: (writer) => void (this.writer = writer) })
  constructor(
    readonly address: string,
    readonly init: RequestInit,
  ) {
    init.signal?.addEventListener('abort', () => this.breaks())
  }
  writes(text: string) {
    this.writer!.enqueue(new TextEncoder().encode(text))
  }
  says(about: string, value: unknown) {
    this.writes(`data:${JSON.stringify({ about, value })}\n\n`)
  }
  breaks() {
    try {
      this.writer!.error(new Error('broken'))
    } catch {
      // it is over already
    }
  }
}
let lines: Line[]
let refuses = false
let status = 200
let heard: [number, PageNews][]
let end: () => void
const soon = () => vi.advanceTimersByTimeAsync(0)

beforeEach(() => {
  vi.useFakeTimers()
  lines = []
  heard = []
  refuses = false
  status = 200
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    lines.push(new Line(address, init))
    return { ok: !refuses, status, body: refuses ? null : lines.at(-1)!.body }
  })
  end = follow(['one', 'two'], (page, news) => heard.push([page, news]))
})
afterEach(() => {
  end()
  vi.useRealTimers()
})

const pictures = () => heard.filter(([, news]) => 'picture' in news)
const ups = () => heard.filter(([, news]) => 'line' in news).map(([page, news]) => [page, news])

describe('the stream of screens’ pages', () => {
  it('is one for all pages, with their tokens where no log has them', async () => {
    await soon()
    expect(lines).toHaveLength(1)
    expect(lines[0].address).toBe('/api/screens/live')
    expect(lines[0].init.headers).toEqual({ 'X-Screen-Tokens': 'one,two' })
    expect(lines[0].init.credentials).toBe('omit')
    lines[0].says('page/1', { open: true })
    await soon()
    expect(pictures()).toEqual([[1, { picture: { open: true } }]])
  })

  it('is put together however it comes in pieces', async () => {
    await soon()
    const text = `data:${JSON.stringify({ about: 'page/0', value: { name: 'Zürich' } })}\n\n`
    for (const letter of text) lines[0].writes(letter === 'ü' ? letter : letter)
    lines[0].says('here', true)
    await soon()
    expect(pictures()).toEqual([[0, { picture: { name: 'Zürich' } }]])
  })

  it('is taken up again when it breaks, later and later, and says so to every page', async () => {
    await soon()
    refuses = true
    lines[0].breaks()
    await soon()
    expect(ups().slice(-2)).toEqual([
      [0, { line: false }],
      [1, { line: false }],
    ])
    await vi.advanceTimersByTimeAsync(1_000)
    expect(lines).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(1_900)
    expect(lines).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(100)
    expect(lines).toHaveLength(3)
    await vi.advanceTimersByTimeAsync(60_000)
    expect(lines.length).toBeLessThan(12)
    refuses = false
    await vi.advanceTimersByTimeAsync(10_000)
    lines.at(-1)!.says('here', true)
    await soon()
    expect(
      ups()
        .slice(-2)
        .map(([, news]) => news),
    ).toEqual([{ line: true }, { line: true }])
  })

  it('is asked for anew where nothing was heard for long', async () => {
    await soon()
    for (let i = 0; i < 4; i++) {
      await vi.advanceTimersByTimeAsync(15_000)
      lines[0].says('here', true)
    }
    await soon()
    expect(lines).toHaveLength(1)
    await vi.advanceTimersByTimeAsync(42_000)
    expect(lines).toHaveLength(2)
  })

  it('says that a link opens nothing, and asks again now and then', async () => {
    await soon()
    refuses = true
    status = 404
    lines[0].breaks()
    await vi.advanceTimersByTimeAsync(1_000)
    expect(lines).toHaveLength(2)
    const said = pictures().slice(-2)
    expect(said.map(([page]) => page)).toEqual([0, 1])
    expect(said.every(([, news]) => 'picture' in news && !news.picture.open)).toBe(true)
    await vi.advanceTimersByTimeAsync(9_000)
    expect(lines).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(1_500)
    expect(lines).toHaveLength(3)
    expect(ups().at(-1)![1]).toEqual({ line: true })
  })

  it('ends when nobody looks any more', async () => {
    await soon()
    end()
    await vi.advanceTimersByTimeAsync(60_000)
    expect(lines).toHaveLength(1)
    expect(lines[0].init.signal!.aborted).toBe(true)
  })
})
