import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useBuild } from '../store/build'
import { useSaver } from '../store/saver'
import { useConcept } from './useConcept'

let sent: string[]
let release: (() => void)[]
let answer: object | null

beforeEach(() => {
  sent = []
  release = []
  answer = null
  vi.stubGlobal('document', {
    cookie: '',
    documentElement: { classList: { toggle: () => undefined } },
  })
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined })
  vi.stubGlobal('fetch', (_url: string, init: RequestInit) => {
    sent.push(String(init.body))
    const number = sent.length
    return new Promise<Response>((done) =>
      release.push(() => done(new Response(JSON.stringify(answer ?? { quoteMinor: number })))),
    )
  })
  setActivePinia(createPinia())
  useSaver().begin('ines')
  useBuild().id = 'b'
})
const settle = () => new Promise((done) => setTimeout(done))
const item = (xMm: number) => ({ items: [{ id: 'i', xMm }] }) as never

describe('previews while dragging', () => {
  it('ask one at a time and end with the last place', async () => {
    const concept = useConcept()
    concept.preview(item(1))
    concept.preview(item(2))
    concept.preview(item(3))
    expect(sent).toHaveLength(1)
    release[0]()
    await settle()
    expect(sent).toHaveLength(2)
    expect(sent[1]).toContain('"xMm":3')
    expect(concept.view).toMatchObject({ quoteMinor: 1 })
    release[1]()
    await settle()
    expect(concept.view).toMatchObject({ quoteMinor: 2 })
    expect(sent).toHaveLength(2)
  })

  it('leave the thing under the hand where it is held', async () => {
    const concept = useConcept()
    concept.view = {
      faces: [{ elevation: { items: [{ id: 'i', place: { xMm: 0, yMm: 0 } }] } }],
    } as never
    concept.hold('i', { xMm: 9, yMm: 8 })
    expect(concept.faces[0].elevation.items[0].place).toEqual({ xMm: 9, yMm: 8 })
  })

  it('keep faces that did not change as the same objects', async () => {
    const concept = useConcept()
    const faces = ['LEFT', 'TOP'].map((face) => ({ elevation: { face, items: [] }, dusk: {} }))
    concept.view = { faces } as never
    const [left, top] = concept.faces
    concept.preview(item(1))
    const fresh = [faces[0], { elevation: { face: 'TOP', items: [{ id: 'i' }] }, dusk: {} }]
    answer = { faces: fresh }
    release[0]()
    await settle()
    expect(concept.faces[0]).toBe(left)
    expect(concept.faces[1]).not.toBe(top)
  })

  it('go on after the server was away', async () => {
    const concept = useConcept()
    const here = globalThis.fetch
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no connection')))
    concept.preview(item(1))
    await settle()
    vi.stubGlobal('fetch', here)
    concept.preview(item(2))
    expect(sent).toHaveLength(1)
    release[0]()
    await settle()
    expect(concept.view).toMatchObject({ quoteMinor: 1 })
  })

  it('are dropped when another build was opened meanwhile', async () => {
    const concept = useConcept()
    concept.preview(item(1))
    useBuild().id = 'other'
    release[0]()
    await settle()
    expect(concept.view).toBeNull()
  })
})
