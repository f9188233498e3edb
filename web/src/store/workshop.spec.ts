import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useSaver } from './saver'
import { useWorkshop } from './workshop'

let sent: { url: string; version?: string; tag?: string }[]
/** What the server calls the workshop as it is. */
let tag: string
const book = () => ({
  workshop: { currency: 'EUR' },
  people: [{ id: 'ines', name: 'Ines Varga' }],
  suppliers: [{ id: 'quay', name: 'Quayside' }],
  films: [{ id: 'f', name: 'Fog film', colourHex: '#B7BEBC' }],
  filaments: [],
  paints: [],
  sheets: [],
  stations: [],
})

beforeEach(() => {
  vi.useFakeTimers()
  sent = []
  tag = 'one'
  vi.stubGlobal('document', {
    cookie: '',
    documentElement: { classList: { toggle: () => undefined } },
  })
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined })
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const headers = (init.headers ?? {}) as Record<string, string>
    sent.push({ url, version: headers['If-Match'], tag: headers['If-None-Match'] })
    if (url === '/api/workshop' && headers['If-None-Match'] === tag)
      return new Response(null, { status: 304 })
    const answer =
      url === '/api/workshop'
        ? { book: book(), versions: { 'films/f': 7 }, cautions: [{ key: 'dust', text: 'Mask' }] }
        : { version: 8, value: {} }
    return new Response(JSON.stringify(answer), { headers: { ETag: tag } })
  })
  setActivePinia(createPinia())
  useSaver().begin('ines')
})

describe('the workshop', () => {
  it('is asked for once', async () => {
    const workshop = useWorkshop()
    await workshop.load()
    await workshop.load()
    expect(sent).toHaveLength(1)
    await workshop.load(true)
    expect(sent).toHaveLength(2)
  })

  it('stays the same while the server says that it is', async () => {
    const workshop = useWorkshop()
    await workshop.load()
    const { book } = workshop
    await workshop.load(true)
    expect(sent.at(-1)!.tag).toBe('one')
    expect(workshop.book).toBe(book)
    tag = 'two'
    await workshop.load(true)
    expect(workshop.book).not.toBe(book)
  })

  it('is asked for whole once something is shown as it was typed', async () => {
    const workshop = useWorkshop()
    await workshop.load()
    workshop.edit('films', workshop.book!.films[0], { name: 'Mist film' })
    await workshop.load(true)
    expect(sent.at(-1)!.tag).toBeUndefined()
    // and again: what is typed and not stored was laid over what came
    expect(workshop.book!.films[0].name).toBe('Mist film')
    await workshop.load(true)
    expect(sent.at(-1)!.tag).toBeUndefined()
  })

  it('knows names, and says when there is none', async () => {
    const workshop = useWorkshop()
    expect(workshop.currency).toBe('EUR') // before anything is known
    await workshop.load()
    expect(workshop.supplierName('quay')).toBe('Quayside')
    expect(workshop.supplierName('gone')).toBe('no supplier')
    expect(workshop.personName('ines')).toBe('Ines Varga')
    expect(workshop.personName(null)).toBe('')
    expect(workshop.caution('dust')).toMatchObject({ text: 'Mask' })
  })

  it('saves a film with its version and shows it at once', async () => {
    const workshop = useWorkshop()
    await workshop.load()
    workshop.edit('films', workshop.book!.films[0], { name: 'Fog film, matt' })
    expect(workshop.book!.films[0].name).toBe('Fog film, matt')
    await vi.advanceTimersByTimeAsync(200)
    expect(sent[1]).toEqual({ url: '/api/workshop/films/f', version: '"7"' })
    expect(useSaver().versions.get('/api/workshop/films/f')).toBe(8)
  })

  it('adds a copy behind the others', async () => {
    const workshop = useWorkshop()
    await workshop.load()
    workshop.edit('films', { ...workshop.book!.films[0], id: 'g' }, {})
    expect(workshop.book!.films.map((film) => film.id)).toEqual(['f', 'g'])
    await vi.advanceTimersByTimeAsync(0)
    expect(sent.at(-1)!.url).toBe('/api/workshop/films/g')
  })
})
