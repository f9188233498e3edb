import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useBuild } from './build'
import { AT_STOP } from './sections'
import { useSaver } from './saver'
import { useUndo } from './undo'
import { useShell } from './shell'

interface Sent {
  method: string
  url: string
  body: string
  version?: string
}
let sent: Sent[]
let answers: Record<string, () => unknown>

const panel = (widthMm: number) => ({ id: 'p', name: 'Left window', widthMm })
const build = (widthMm: number) => ({
  brief: { id: 'b', name: 'Night Pilotage' },
  concept: { id: 'b', frozen: null },
  panels: [panel(widthMm)],
  items: [],
  remarks: [],
})
/** What the server says of a build at a stop, less what is held. */
const view = (widthMm: number, stop = 'light') => {
  const asked = sent[sent.length - 1].url
  const tags: Record<string, string> = { head: 'h', build: `${widthMm}`, findings: 'f' }
  for (const section of AT_STOP[stop]) tags[section] = 's'
  const all: Record<string, unknown> = { head: {}, build: build(widthMm), findings: [] }
  const sections: Record<string, unknown> = {}
  for (const [section, tag] of Object.entries(tags)) {
    if (!asked.includes(`${section}:${tag}`)) sections[section] = all[section] ?? { of: section }
  }
  return { revision: 1, now: 'now', versions: { 'panels/p': 4 }, tags, sections, changes: {} }
}

beforeEach(() => {
  vi.useFakeTimers()
  sent = []
  answers = { 'GET /api/builds/b': () => view(400) }
  vi.stubGlobal('document', {
    cookie: 'XSRF-TOKEN=t',
    documentElement: { classList: { toggle: () => undefined } },
  })
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined })
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const method = init.method ?? 'GET'
    const headers = (init.headers ?? {}) as Record<string, string>
    sent.push({ method, url, body: String(init.body), version: headers['If-Match'] })
    const answer = (await answers[`${method} ${url.split('/sections?')[0]}`]?.()) ?? {
      version: 5,
      value: {},
    }
    return answer instanceof Response ? answer : new Response(JSON.stringify(answer))
  })
  setActivePinia(createPinia())
  useSaver().begin('ines')
})
const settle = () => vi.advanceTimersByTimeAsync(200)
const puts = () => sent.filter((each) => each.method === 'PUT')

/** A width is typed that the server refuses. */
async function refusedWidth() {
  answers['PUT /api/builds/b/panels/p'] = () =>
    new Response(JSON.stringify({ title: 'Width can’t be 2.', errors: [] }), { status: 422 })
  useBuild().edit('panels', useBuild().build!.panels[0], { widthMm: 2 })
  await settle()
}

describe('the build that is open', () => {
  it('is what the server answers, with versions to send back', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 400 })
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 410 }) // seen at once
    await settle()
    expect(puts()[0].version).toBe('"4"')
    expect(puts()[0].url).toBe('/api/builds/b/panels/p')
  })

  it('keeps what is typed on the screen until it is answered for', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    await builds.reload() // the server still says 400
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 410 })
  })

  it('asks again after every save, so that what follows is shown', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    answers['GET /api/builds/b'] = () => view(410)
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    await settle()
    expect(sent.filter((each) => each.method === 'GET')).toHaveLength(2)
  })

  it('keeps a section as it is while the server says that it is the same', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    const { fit, findings } = builds.view!
    await builds.reload()
    expect(sent.at(-1)!.url).toContain('held=head:h,build:400,findings:f,fit:s')
    expect(builds.view!.fit).toBe(fit)
    expect(builds.view!.findings).toBe(findings)
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 400 })
  })

  it('asks for what another stop shows, and keeps both from then on', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    expect([builds.shows('light'), builds.shows('money')]).toEqual([true, false])
    answers['GET /api/builds/b'] = () => view(400, 'money')
    await builds.open('b', 'money')
    expect(sent.at(-1)!.url).toContain('want=head,build,findings,fit,wiring,glow,budget')
    expect([builds.shows('light'), builds.shows('money')]).toEqual([true, true])
  })

  it('asks for what was typed anew when what was refused is let go', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    await refusedWidth()
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 2 })
    useSaver().drop('/api/builds/b/panels/p')
    await settle()
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 400 })
  })

  /** What the server says of a window that holds 400: the panel by itself. */
  const inPart = (tag: string, changes: object) => () => ({
    ...view(400),
    tags: { head: 'h', build: tag, findings: 'f', fit: 's' },
    sections: {},
    changes,
  })

  it('takes what changed, and leaves everything else the same', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    const { fit, findings, build: shown } = builds.view!
    const remark = builds.build!.remarks
    answers['GET /api/builds/b'] = inPart('410', { build: { 'panels.0': panel(410) } })
    builds.edit('panels', builds.build!.panels[0], { widthMm: 411 })
    await settle()
    // still held as it was before the edit: what the edit came to is among the changes
    expect(sent.at(-1)!.url).toContain('build:400')
    expect(builds.build!.panels[0]).toEqual(panel(410))
    expect([builds.view!.fit, builds.view!.findings]).toEqual([fit, findings])
    expect([builds.view!.build, builds.build!.remarks]).toEqual([shown, remark])
    await builds.reload()
    expect(sent.at(-1)!.url).toContain('build:410')
  })

  it('keeps what was typed the same object where the answer says the same', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    answers['GET /api/builds/b'] = inPart('410', { build: { 'panels.0': panel(410) } })
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    const typed = builds.build!.panels[0]
    await settle()
    expect(sent.at(-1)!.url).toContain('/sections')
    expect(builds.build!.panels[0]).toBe(typed)
  })

  it('marks the moment at which figures that came are on the screen', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    await settle()
    const marked = vi.spyOn(performance, 'mark')
    await builds.reload()
    await settle()
    expect(marked.mock.calls).toEqual([['figures']])
  })

  it('lays what is not stored over what changed, and lets go of it later', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    await refusedWidth()
    answers['GET /api/builds/b'] = inPart('n', { build: { brief: { id: 'b', name: 'Other' } } })
    await builds.reload()
    expect(builds.build).toMatchObject({ brief: { name: 'Other' }, panels: [{ widthMm: 2 }] })
    answers['GET /api/builds/b'] = inPart('n', {})
    useSaver().drop('/api/builds/b/panels/p')
    await settle()
    expect(builds.build).toMatchObject({ brief: { name: 'Other' }, panels: [{ widthMm: 400 }] })
  })

  it('asks for all that was typed once something was added or taken away', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    builds.add('remarks', { text: 'It smelt of tar' })
    await settle()
    expect(sent.at(-1)!.url).not.toContain('build:')
    await builds.reload()
    expect(sent.at(-1)!.url).toContain('build:400')
  })

  it('takes what changed of the head', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    answers['GET /api/builds/b'] = inPart('400', { head: { fuse: { verdict: 'LATE' } } })
    await builds.reload()
    expect(builds.view!.fuse).toEqual({ verdict: 'LATE' })
  })

  it('says after a while that what follows is still being worked out', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    let worked: (value: unknown) => void = () => undefined
    const working = new Promise((done) => (worked = done))
    answers['PUT /api/builds/b/panels/p'] = () => working.then(() => ({ version: 5, value: {} }))
    answers['GET /api/builds/b'] = () => view(410)
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    await vi.advanceTimersByTimeAsync(290)
    expect(builds.behind).toBe(false)
    await vi.advanceTimersByTimeAsync(20)
    expect(builds.behind).toBe(true)
    worked(null)
    await settle()
    expect(builds.behind).toBe(false)
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 410 })
    // an answer that comes soon says nothing
    await vi.advanceTimersByTimeAsync(500)
    expect(builds.behind).toBe(false)
  })

  it('gives a new thing an id nobody else makes', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    const one = builds.add('remarks', { text: 'It smelt of tar' })
    const other = builds.add('remarks', { text: 'Never that red' })
    expect(one).not.toBe(other)
    expect(builds.build?.remarks.map((remark) => remark.id)).toEqual([one, other])
    await settle()
    expect(puts().map((each) => each.url)).toContain(`/api/builds/b/remarks/${one}`)
  })

  it('sends what is typed before it acts', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    const acting = builds.act('freeze', { by: 'the Guild' })
    await settle()
    await acting
    const order = sent.filter((each) => each.method !== 'GET').map((each) => each.method)
    expect(order).toEqual(['PUT', 'POST'])
  })

  it('shows another build when that was opened meanwhile', async () => {
    const builds = useBuild()
    let first: (value: Response) => void = () => undefined
    const sections = { head: {}, build: { brief: { id: 'c' } }, findings: [], fit: {} }
    const other = { versions: {}, tags: {}, sections, changes: {} }
    const late = { ...other, sections: { ...sections, build: build(400) } }
    answers['GET /api/builds/b'] = () => undefined
    vi.stubGlobal('fetch', (url: string) =>
      url.startsWith('/api/builds/b/')
        ? new Promise<Response>((done) => (first = done))
        : Promise.resolve(new Response(JSON.stringify(other))),
    )
    const slow = builds.open('b', 'light')
    await builds.open('c', 'light')
    first(new Response(JSON.stringify(late)))
    await slow
    expect(builds.build?.brief.id).toBe('c')
  })

  it('says a sentence at the field it belongs to', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    const errors = [{ pointer: '#/widthMm', sentence: 'Width can’t be 2.' }]
    answers['PUT /api/builds/b/panels/p'] = () =>
      new Response(JSON.stringify({ title: 'Width can’t be 2.', errors }), { status: 422 })
    builds.edit('panels', builds.build!.panels[0], { widthMm: 2 })
    await settle()
    expect(builds.problem('panels', 'p', 'widthMm')).toBe('Width can’t be 2.')
    // the server still says 400: what was refused stays as typed, and that is said
    expect(builds.build?.panels[0]).toMatchObject({ widthMm: 2 })
    expect(useSaver().state).toBe('refused')
  })
})

describe('undo', () => {
  it('waits for what is typed, then takes the last change back', async () => {
    const builds = useBuild()
    await builds.open('b', 'light')
    vi.stubGlobal('location', { pathname: '/builds/b/make' })
    const undone = { kind: 'panels', name: 'Left window', changes: 2 }
    answers['POST /api/undo?place=b'] = () => ({ undone })
    answers['GET /api/workshop'] = () => ({ book: {}, versions: {} })
    answers['GET /api/bench'] = () => ({ now: '2026-03-03T09:42:00', cards: [] })
    builds.edit('panels', builds.build!.panels[0], { widthMm: 410 })
    const undoing = useUndo().undo()
    await settle()
    await undoing
    const order = sent.filter((each) => each.method !== 'GET').map((each) => each.url)
    expect(order).toEqual(['/api/builds/b/panels/p', '/api/undo?place=b'])
    expect(useShell().message).toBe('Taken back in this build: “Left window” (part) and 1 more.')
    answers['POST /api/redo?place=b'] = () => ({ undone: { ...undone, name: '', changes: 1 } })
    await useUndo().redo()
    expect(useShell().message).toBe('Done again in this build: one part.')
  })

  it('says when there is nothing, and when somebody else was faster', async () => {
    vi.stubGlobal('location', { pathname: '/stock' })
    answers['POST /api/undo?place='] = () => ({ undone: null })
    answers['GET /api/workshop'] = () => ({ book: {}, versions: {} })
    answers['GET /api/bench'] = () => ({ now: '2026-03-03T09:42:00', cards: [] })
    await useUndo().undo()
    expect(useShell().message).toBe('Nothing of yours to take back in the workshop.')
    answers['POST /api/undo?place='] = () =>
      new Response(JSON.stringify({ title: 'This was changed again since.' }), { status: 409 })
    await useUndo().undo()
    expect(useShell().message).toBe('This was changed again since.')
  })
})
