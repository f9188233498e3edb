import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { begin } from './act'
import { fakeBrowser } from './fakeBrowser'
import { useSaver } from './saver'

const PATH = '/api/builds/b/panels/p'
const panel = (widthMm: number, heightMm: number) => ({ id: 'p', widthMm, heightMm })
const edit = (value: unknown) => ({ key: 'panels/p', path: PATH, value })

interface Sent {
  method: string
  version: string | null
  act: string | null
  body: unknown
}
let answers: (() => Promise<Response>)[]
let sent: Sent[]
const answer = (status: number, body: object) => async () =>
  new Response(JSON.stringify(body), { status })

beforeEach(() => {
  vi.useFakeTimers()
  answers = []
  sent = []
  const kept = {}
  fakeBrowser(() => kept)
  vi.stubGlobal('fetch', async (_url: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>
    sent.push({
      method: init.method!,
      version: headers['If-Match'] ?? null,
      act: headers['X-Act'] ?? null,
      body: init.body ? JSON.parse(String(init.body)) : null,
    })
    return (answers.shift() ?? answer(200, { version: 9 }))()
  })
  setActivePinia(createPinia())
})

/** Somebody who has read this panel at version 4. */
function open() {
  const saver = useSaver()
  saver.begin('ines')
  saver.versions.set(PATH, 4)
  saver.holds(PATH, panel(400, 300))
  return saver
}
const passes = () => vi.advanceTimersByTimeAsync(150)

describe('two people at one thing', () => {
  it('goes on from what the server laid together', async () => {
    const saver = open()
    let answered: (response: Response) => void = () => undefined
    answers = [() => new Promise((done) => (answered = done))]
    saver.save(edit(panel(410, 300)))
    await passes()
    saver.save(edit(panel(411, 300))) // one more key while the first is on its way
    answered(await answer(200, { version: 6, value: panel(410, 350) })())
    await passes()
    expect(sent[1]).toMatchObject({ version: '"6"', body: panel(411, 350) })
    expect(saver.state).toBe('saved')
  })

  it('asks about what both changed only, and keeps all else of both', async () => {
    const saver = open()
    const both = { mine: panel(410, 350), theirs: panel(420, 350) }
    const current = { version: 6, value: panel(420, 350) }
    const errors = [{ pointer: '#/widthMm', sentence: 'Someone changed the same.' }]
    answers = [
      () => Promise.reject(new TypeError('offline')),
      answer(412, { title: 'Someone changed the same.', errors, current, both }),
    ]
    saver.save(edit(panel(410, 300)))
    await passes()
    expect(saver.away).toBe(true)
    await vi.advanceTimersByTimeAsync(2200)
    expect(saver.away).toBe(false)
    expect(saver.conflict).toMatchObject({ places: ['#/widthMm'], theirs: current })
    saver.resolve(true)
    await passes()
    expect(sent[2]).toMatchObject({ version: '"6"', body: panel(410, 350) })
    expect(saver.state).toBe('saved')
  })

  it('takes theirs and still saves what only I changed', async () => {
    const saver = open()
    const both = { mine: panel(410, 310), theirs: panel(420, 310) }
    const current = { version: 6, value: panel(420, 300) }
    const errors = [{ pointer: '#/widthMm', sentence: 'Someone changed the same.' }]
    answers = [answer(412, { title: 'x', errors, current, both })]
    saver.save(edit(panel(410, 310)))
    await passes()
    saver.resolve(false)
    await passes()
    expect(sent[1]).toMatchObject({ version: '"6"', body: panel(420, 310) })
  })

  it('takes away only what is still as it was seen', async () => {
    const saver = open()
    const current = { version: 6, value: panel(420, 300) }
    answers = [answer(412, { title: 'x', errors: [], current })]
    saver.save(edit(null))
    await passes()
    expect(sent[0]).toMatchObject({ method: 'DELETE', version: '"4"' })
    expect(saver.conflict?.theirs).toEqual(current)
    saver.resolve(true)
    await passes()
    expect(sent[1]).toMatchObject({ method: 'DELETE', version: '"6"' })
  })

  it('asks when what I changed was taken away', async () => {
    const saver = open()
    answers = [answer(404, { title: 'There is no “p” among the panels.' })]
    saver.save(edit(panel(410, 300)))
    await passes()
    expect(saver.conflict?.theirs).toBeNull()
    saver.resolve(true)
    await passes()
    expect(sent[1]).toMatchObject({ method: 'PUT', version: null, body: panel(410, 300) })
    answers = [answer(404, { title: 'There is no “p” among the panels.' })]
    saver.save(edit(panel(411, 300)))
    await passes()
    saver.resolve(false)
    await passes()
    expect(sent).toHaveLength(3)
    expect(saver.state).toBe('saved')
  })

  it('says which step of undo an edit belongs to', async () => {
    const saver = open()
    saver.save(edit(panel(410, 300)))
    await passes()
    saver.save(edit(panel(411, 300)))
    await passes()
    expect(sent[0].act).toMatch(/^[A-Za-z0-9-]{8,60}$/)
    expect(sent[1].act).toBe(sent[0].act)
  })

  it('keeps two fields two steps, however quickly they are typed', async () => {
    const saver = open()
    saver.save(edit(panel(410, 300)))
    begin()
    saver.save(edit(panel(410, 320)))
    await passes()
    expect(sent.map(({ body }) => body)).toEqual([panel(410, 300), panel(410, 320)])
    expect(sent[0].act).not.toBe(sent[1].act)
    expect(saver.state).toBe('saved')
  })

  it('waits while the disk is full, and says so', async () => {
    const saver = open()
    const full = answer(507, { title: 'The disk is full. Nothing was saved.' })
    answers = [full]
    saver.save(edit(panel(410, 300)))
    await passes()
    expect(saver.state).toBe('away')
    expect(saver.awayBecause).toBe('The disk is full. Nothing was saved.')
    await vi.advanceTimersByTimeAsync(2200)
    expect(saver.state).toBe('saved')
    expect(sent[1].body).toEqual(panel(410, 300))
  })
})
