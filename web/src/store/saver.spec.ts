import { createPinia, setActivePinia } from 'pinia'
import { effectScope, watchEffect } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { fakeBrowser } from './fakeBrowser'
import { useSaver } from './saver'
import { useShell } from './shell'

const PATH = '/api/builds/b/panels/p'
const edit = (widthMm: number) => ({ key: 'panels/p', path: PATH, value: { id: 'p', widthMm } })

let kept: Record<string, string>
let answers: (() => Response | Promise<Response>)[]
let sent: { url: string; version: string | null; body: string }[]

function ok(version: number) {
  return () => new Response(JSON.stringify({ version }), { status: 200 })
}
function refuse(status: number, body: object) {
  return () => new Response(JSON.stringify(body), { status })
}
const gone = () => Promise.reject(new TypeError('no connection'))

beforeEach(() => {
  vi.useFakeTimers()
  kept = {}
  answers = []
  sent = []
  fakeBrowser(() => kept)
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>
    sent.push({ url, version: headers['If-Match'] ?? null, body: String(init.body) })
    return (answers.shift() ?? ok(1))()
  })
  setActivePinia(createPinia())
})

/** The saver of somebody who is signed in. */
function open(account = 'ines') {
  const saver = useSaver()
  saver.begin(account)
  return saver
}
/** The page is gone, with its timers; only what the browser keeps is left. */
function reload() {
  vi.clearAllTimers()
  setActivePinia(createPinia())
}
const PENDING = 'ember-yard-unsaved:pending:ines'

describe('saving as you go', () => {
  it('sends the last of what was typed, once, and remembers the version', async () => {
    const saver = open()
    saver.save(edit(1))
    saver.save(edit(2))
    expect(saver.state).toBe('saving')
    answers = [ok(7)]
    await vi.advanceTimersByTimeAsync(100)
    expect(sent).toHaveLength(1)
    expect(sent[0].body).toContain('"widthMm":2')
    expect(sent[0].version).toBeNull()
    expect(saver.state).toBe('saved')
    saver.save(edit(3))
    await vi.advanceTimersByTimeAsync(100)
    expect(sent[1].version).toBe('"7"')
  })

  it('keeps what was typed while the server is away and sends it when it is back', async () => {
    const saver = open()
    answers = [gone, gone]
    saver.save(edit(5))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.state).toBe('away')
    expect(kept[PENDING]).toContain('"widthMm":5')
    await vi.advanceTimersByTimeAsync(2100)
    expect(saver.state).toBe('away')
    await vi.advanceTimersByTimeAsync(2100)
    expect(saver.state).toBe('saved')
    expect(kept[PENDING]).toBe('[]')
  })

  it('finds unsaved words again after a reload', async () => {
    kept[PENDING] = JSON.stringify([[PATH, edit(9)]])
    const saver = open()
    expect(saver.state).toBe('saving')
    await vi.advanceTimersByTimeAsync(100)
    expect(sent[0].body).toContain('"widthMm":9')
  })

  it('offers both versions when somebody else was faster', async () => {
    const saver = open()
    const theirs = { version: 12, value: { id: 'p', widthMm: 50 } }
    answers = [refuse(412, { title: 'changed', current: theirs })]
    saver.save(edit(6))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.conflict?.theirs).toEqual(theirs)
    await vi.advanceTimersByTimeAsync(5000)
    expect(sent).toHaveLength(1)
    saver.resolve(true)
    await vi.advanceTimersByTimeAsync(100)
    expect(sent[1].version).toBe('"12"')
    expect(sent[1].body).toContain('"widthMm":6')
    expect(saver.state).toBe('saved')
  })

  it('drops mine when theirs is taken', async () => {
    const saver = open()
    answers = [refuse(412, { title: 'changed', current: { version: 3, value: {} } })]
    saver.save(edit(6))
    await vi.advanceTimersByTimeAsync(100)
    saver.resolve(false)
    await vi.advanceTimersByTimeAsync(100)
    expect(sent).toHaveLength(1)
    expect(saver.state).toBe('saved')
  })

  it('puts the sentence at the field and goes on with other things', async () => {
    const saver = open()
    answers = [
      refuse(422, {
        title: 'Width can’t be 2.',
        errors: [{ pointer: '#/window/widthMm', sentence: 'Width can’t be 2.' }],
      }),
      ok(1),
    ]
    saver.save(edit(2))
    saver.save({ key: 'panels/q', path: '/api/builds/b/panels/q', value: { id: 'q' } })
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.problem('panels/p', 'window.widthMm')).toBe('Width can’t be 2.')
    expect(saver.problem('panels/q', 'window.widthMm')).toBe('')
    expect(sent).toHaveLength(2)
    saver.save(edit(20))
    expect(saver.problem('panels/p', 'window.widthMm')).toBe('')
  })

  it('keeps everything when the session ran out', async () => {
    const saver = open()
    answers = [refuse(401, { title: 'Sign in first.' })]
    saver.save(edit(8))
    await vi.advanceTimersByTimeAsync(50)
    await vi.advanceTimersByTimeAsync(15)
    expect(kept[PENDING]).toContain('"widthMm":8')
    await vi.advanceTimersByTimeAsync(10_000)
    expect(sent).toHaveLength(1) // it waits for the sign-in instead of asking again and again
    saver.settled()
    await vi.advanceTimersByTimeAsync(100)
    expect(sent).toHaveLength(2)
    expect(saver.state).toBe('saved')
  })

  it('says it aloud when a refusal has no field to stand at', async () => {
    const saver = open()
    answers = [refuse(404, { title: 'There is no “p” among the panels.' })]
    saver.save(edit(4))
    await vi.advanceTimersByTimeAsync(100)
    expect(useShell().message).toBe('There is no “p” among the panels.')
  })

  it('knows which answers are out of date', async () => {
    const saver = open()
    const before = saver.mark()
    expect(before.isCurrent()).toBe(true)
    saver.save(edit(1))
    expect(before.isCurrent()).toBe(false)
    const typed = saver.mark()
    await vi.advanceTimersByTimeAsync(100)
    expect(typed.isCurrent()).toBe(false)
  })
})

describe('what was refused', () => {
  const WIDTH = [{ pointer: '#/widthMm', sentence: 'Width can’t be 2: 5 to 5000 mm.' }]
  const no = refuse(422, { title: WIDTH[0].sentence, errors: WIDTH })
  const panel = (widthMm: number, heightMm: number) => ({
    key: 'panels/p',
    path: PATH,
    value: { id: 'p', name: 'Left window', widthMm, heightMm },
  })
  const stored = { id: 'p', name: 'Left window', widthMm: 412, heightMm: 300 }

  it('stays as typed while the other fields of the thing are saved', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    answers = [no, ok(2), no, ok(3)]
    saver.save(panel(2, 310))
    await vi.advanceTimersByTimeAsync(100)
    expect(sent.map((each) => JSON.parse(each.body))).toEqual([
      panel(2, 310).value,
      panel(412, 310).value,
    ])
    expect(saver.typedOver(PATH, { ...stored, heightMm: 310 })).toEqual(panel(2, 310).value)
    expect(saver.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    // a key beside it leaves its sentence, a key in it takes it away
    saver.save(panel(2, 320))
    expect(saver.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(sent[3].body)).toEqual(panel(412, 320).value)
    saver.save(panel(25, 320))
    expect(saver.problem('panels/p', 'widthMm')).toBe('')
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(sent[4].body)).toEqual(panel(25, 320).value)
    expect(saver.state).toBe('saved')
  })

  it('that is only right together with another does not keep a third from being saved', async () => {
    const saver = open()
    const hours = (from: number, to: number, why: string) => ({
      key: 'times/t',
      path: '/api/builds/b/times/t',
      value: { id: 't', from, to, why },
    })
    const late = refuse(422, {
      status: 422,
      title: 'ends after now',
      errors: [{ pointer: '#/to', sentence: 'ends after now' }],
    })
    answers = [ok(1)]
    saver.save(hours(8, 9, ''))
    await vi.advanceTimersByTimeAsync(100)
    answers = [late, late]
    saver.save(hours(80, 90, ''))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.typedOver('/api/builds/b/times/t', hours(8, 9, '').value)).toMatchObject({
      from: 80,
    })
    answers = [late, late, ok(2)]
    saver.save(hours(80, 90, 'forgot'))
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(sent.at(-1)!.body)).toEqual({ id: 't', from: 8, to: 9, why: 'forgot' })
    expect(saver.problem('times/t', 'to')).toBe('ends after now')
    expect(saver.typedOver('/api/builds/b/times/t', hours(8, 9, 'forgot').value)).toMatchObject({
      from: 80,
      to: 90,
    })
  })

  it('is still there, with its sentence, after a reload', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    reload()
    const again = open()
    expect(again.typedOver(PATH, stored)).toEqual(panel(2, 300).value)
    expect(again.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    again.drop(PATH)
    expect(again.typedOver(PATH, stored)).toEqual(stored)
    expect(again.state).toBe('saved')
  })

  it('sent again after a reload leaves its neighbours saved, before anything was read', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    saver.save(panel(2, 310))
    reload() // at once: the neighbour was not sent yet
    const again = open()
    answers = [no, ok(2)]
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(sent.at(-1)!.body)).toEqual(panel(412, 310).value)
    expect(again.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    expect(again.state).toBe('refused')
  })

  it('of a new thing stays whole: nothing half made is stored', async () => {
    const saver = open()
    answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(sent).toHaveLength(1)
    expect(saver.typedOver(PATH, undefined)).toEqual(panel(2, 300).value)
  })

  it('is said aloud with its name where no field shows it', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(useShell().message).toBe('“Left window”: Width can’t be 2: 5 to 5000 mm.')
  })

  it('is not said aloud where a field asks for it', async () => {
    const saver = open()
    const shown = effectScope()
    shown.run(() => watchEffect(() => saver.problem('panels/p', 'widthMm')))
    saver.holds(PATH, stored)
    answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(useShell().message).toBe('')
    shown.stop()
  })
})

describe('a lost answer', () => {
  it('is no conflict with oneself, not even after typing on and a reload', async () => {
    const saver = open()
    saver.versions.set(PATH, 4)
    answers = [gone]
    saver.save(edit(5))
    await vi.advanceTimersByTimeAsync(100)
    saver.save(edit(55))
    reload()
    const again = open()
    answers = [
      refuse(412, { title: 'changed', current: { version: 5, value: edit(5).value } }),
      ok(6),
    ]
    await vi.advanceTimersByTimeAsync(100)
    expect(again.conflict).toBeNull()
    expect(sent.at(-2)?.version).toBe('"4"')
    expect(sent.at(-1)).toMatchObject({ version: '"5"' })
    expect(sent.at(-1)?.body).toContain('"widthMm":55')
    expect(again.state).toBe('saved')
  })

  it('and a change of somebody else stay two things', async () => {
    const saver = open()
    saver.versions.set(PATH, 4)
    answers = [
      gone,
      refuse(412, { title: 'changed', current: { version: 5, value: edit(77).value } }),
    ]
    saver.save(edit(5))
    await vi.advanceTimersByTimeAsync(2200)
    expect(saver.conflict?.theirs?.version).toBe(5)
  })
})

describe('two people on one tablet', () => {
  it('neither send nor see what the other left unsent', async () => {
    const ines = open('ines')
    answers = [gone]
    ines.save(edit(8))
    await vi.advanceTimersByTimeAsync(100)
    reload()
    const bram = open('bram')
    await vi.advanceTimersByTimeAsync(5000)
    expect(bram.pending.size).toBe(0)
    const before = sent.length
    reload()
    open('ines')
    await vi.advanceTimersByTimeAsync(100)
    expect(sent.length).toBe(before + 1)
    expect(sent.at(-1)?.body).toContain('"widthMm":8')
  })

  it('and two windows of one person keep each its own', () => {
    const one = open('ines')
    one.save(edit(1))
    reload()
    const other = useSaver()
    kept = { ...kept }
    other.begin('ines')
    other.save({ key: 'panels/q', path: '/api/builds/b/panels/q', value: { id: 'q' } })
    one.save(edit(2))
    expect(JSON.parse(kept[PENDING])).toHaveLength(2)
  })
})

describe('things made and taken away', () => {
  it('go through the saver and survive an unreachable server', async () => {
    const saver = open()
    answers = [gone]
    const path = '/api/builds#b2'
    saver.save({ key: 'builds/b2', path, post: '/api/builds', value: { id: 'b2', name: 'Tram' } })
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.state).toBe('away')
    saver.save({ key: 'panels/p', path: PATH, value: null })
    await vi.advanceTimersByTimeAsync(2200)
    expect(sent.map((each) => each.url)).toEqual(['/api/builds', '/api/builds', PATH])
    expect(saver.state).toBe('saved')
  })

  it('taken away twice is taken away', async () => {
    const saver = open()
    answers = [refuse(404, { title: 'There is no “p”.' })]
    saver.save({ key: 'panels/p', path: PATH, value: null })
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.state).toBe('saved')
    expect(useShell().message).toBe('')
  })
})

describe('a browser whose storage is full', () => {
  it('still sends what is typed, and says to wait', async () => {
    const saver = open()
    useShell()
    vi.stubGlobal('localStorage', {
      getItem: () => null,
      setItem: () => {
        throw new Error('QuotaExceededError')
      },
    })
    saver.save(edit(5))
    expect(useShell().message).toContain('storage is full')
    await vi.advanceTimersByTimeAsync(100)
    expect(sent).toHaveLength(1)
    expect(saver.state).toBe('saved')
  })
})
