import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, watch } from 'vue'
import { fakeServer, gone, ok, open, PATH, refuse, reload, type FakeServer } from './fakeServer'
import { useSaver } from './saver'
import { useShell } from './shell'

const edit = (widthMm: number) => ({ key: 'panels/p', path: PATH, value: { id: 'p', widthMm } })
let server: FakeServer
beforeEach(() => {
  server = fakeServer()
})
const PENDING = 'ember-yard-unsaved:pending:ines'

describe('saving as you go', () => {
  it('sends the last of what was typed, once, and remembers the version', async () => {
    const saver = open()
    saver.save(edit(1))
    saver.save(edit(2))
    expect(saver.state).toBe('saving')
    server.answers = [ok(7)]
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent).toHaveLength(1)
    expect(server.sent[0].body).toContain('"widthMm":2')
    expect(server.sent[0].version).toBeNull()
    expect(saver.state).toBe('saved')
    saver.save(edit(3))
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent[1].version).toBe('"7"')
  })

  it('keeps what was typed while the server is away and sends it when it is back', async () => {
    const saver = open()
    server.answers = [gone, gone]
    saver.save(edit(5))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.state).toBe('away')
    expect(server.kept[PENDING]).toContain('"widthMm":5')
    await vi.advanceTimersByTimeAsync(2100)
    expect(saver.state).toBe('away')
    await vi.advanceTimersByTimeAsync(2100)
    expect(saver.state).toBe('saved')
    expect(server.kept[PENDING]).toBe('[]')
  })

  it('finds unsaved words again after a reload', async () => {
    server.kept[PENDING] = JSON.stringify([[PATH, edit(9)]])
    const saver = open()
    expect(saver.state).toBe('saving')
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent[0].body).toContain('"widthMm":9')
  })

  it('offers both versions when somebody else was faster', async () => {
    const saver = open()
    const theirs = { version: 12, value: { id: 'p', widthMm: 50 } }
    server.answers = [refuse(412, { title: 'changed', current: theirs })]
    saver.save(edit(6))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.conflict?.theirs).toEqual(theirs)
    await vi.advanceTimersByTimeAsync(5000)
    expect(server.sent).toHaveLength(1)
    saver.resolve(true)
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent[1].version).toBe('"12"')
    expect(server.sent[1].body).toContain('"widthMm":6')
    expect(saver.state).toBe('saved')
  })

  it('drops mine when theirs is taken', async () => {
    const saver = open()
    server.answers = [refuse(412, { title: 'changed', current: { version: 3, value: {} } })]
    saver.save(edit(6))
    await vi.advanceTimersByTimeAsync(100)
    saver.resolve(false)
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent).toHaveLength(1)
    expect(saver.state).toBe('saved')
  })

  it('puts the sentence at the field and goes on with other things', async () => {
    const saver = open()
    server.answers = [
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
    expect(server.sent).toHaveLength(2)
    saver.save(edit(20))
    expect(saver.problem('panels/p', 'window.widthMm')).toBe('')
  })

  it('keeps everything when the session ran out', async () => {
    const saver = open()
    server.answers = [refuse(401, { title: 'Sign in first.' })]
    saver.save(edit(8))
    await vi.advanceTimersByTimeAsync(50)
    await vi.advanceTimersByTimeAsync(15)
    expect(server.kept[PENDING]).toContain('"widthMm":8')
    await vi.advanceTimersByTimeAsync(10_000)
    expect(server.sent).toHaveLength(1) // it waits for the sign-in instead of asking again and again
    saver.settled()
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent).toHaveLength(2)
    expect(saver.state).toBe('saved')
  })

  it('says it aloud when a refusal has no field to stand at', async () => {
    const saver = open()
    server.answers = [refuse(404, { title: 'There is no “p” among the panels.' })]
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

describe('a lost answer', () => {
  it('is no conflict with oneself, not even after typing on and a reload', async () => {
    const saver = open()
    saver.versions.set(PATH, 4)
    server.answers = [gone, gone]
    saver.save(edit(5))
    await vi.advanceTimersByTimeAsync(100)
    saver.save(edit(55))
    await vi.advanceTimersByTimeAsync(0)
    reload()
    const again = open()
    server.answers = [
      refuse(412, { title: 'changed', current: { version: 5, value: edit(5).value } }),
      ok(6),
    ]
    await vi.advanceTimersByTimeAsync(100)
    expect(again.conflict).toBeNull()
    expect(server.sent.at(-2)?.version).toBe('"4"')
    expect(server.sent.at(-1)).toMatchObject({ version: '"5"' })
    expect(server.sent.at(-1)?.body).toContain('"widthMm":55')
    expect(again.state).toBe('saved')
  })

  it('and a change of somebody else stay two things', async () => {
    const saver = open()
    saver.versions.set(PATH, 4)
    server.answers = [
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
    server.answers = [gone]
    ines.save(edit(8))
    await vi.advanceTimersByTimeAsync(100)
    reload()
    const bram = open('bram')
    await vi.advanceTimersByTimeAsync(5000)
    expect(bram.pending.size).toBe(0)
    const before = server.sent.length
    reload()
    open('ines')
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent.length).toBe(before + 1)
    expect(server.sent.at(-1)?.body).toContain('"widthMm":8')
  })

  it('and two windows of one person keep each its own', async () => {
    const one = open('ines')
    one.save(edit(1))
    reload()
    const other = useSaver()
    server.kept = { ...server.kept }
    other.begin('ines')
    other.save({ key: 'panels/q', path: '/api/builds/b/panels/q', value: { id: 'q' } })
    one.save(edit(2))
    expect(JSON.parse(server.kept[PENDING])).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(0)
  })

  it('is sent before the screen is drawn, and what is kept in one go is sent in one', async () => {
    const saver = open()
    let drawn = -1
    watch(
      () => saver.state,
      () => (drawn = server.sent.length),
    )
    saver.save(edit(1))
    saver.save(edit(2))
    await nextTick()
    expect(drawn).toBe(1)
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent.map((each) => JSON.parse(each.body).widthMm)).toEqual([2])
  })
})

describe('things made and taken away', () => {
  it('go through the saver and survive an unreachable server', async () => {
    const saver = open()
    server.answers = [gone]
    const path = '/api/builds#b2'
    saver.save({ key: 'builds/b2', path, post: '/api/builds', value: { id: 'b2', name: 'Tram' } })
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.state).toBe('away')
    saver.save({ key: 'panels/p', path: PATH, value: null })
    await vi.advanceTimersByTimeAsync(2200)
    expect(server.sent.map((each) => each.url)).toEqual(['/api/builds', '/api/builds', PATH])
    expect(saver.state).toBe('saved')
  })

  it('taken away twice is taken away', async () => {
    const saver = open()
    server.answers = [refuse(404, { title: 'There is no “p”.' })]
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
    expect(server.sent).toHaveLength(1)
    expect(saver.state).toBe('saved')
  })
})
