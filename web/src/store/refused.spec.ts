import { effectScope, watchEffect } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { fakeServer, gone, ok, open, PATH, refuse, reload, type FakeServer } from './fakeServer'
import { useShell } from './shell'

let server: FakeServer
beforeEach(() => {
  server = fakeServer()
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
    server.answers = [no, ok(2), no, ok(3)]
    saver.save(panel(2, 310))
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent.map((each) => JSON.parse(each.body))).toEqual([
      panel(2, 310).value,
      panel(412, 310).value,
    ])
    expect(saver.typedOver(PATH, { ...stored, heightMm: 310 })).toEqual(panel(2, 310).value)
    expect(saver.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    // a key beside it leaves its sentence, a key in it takes it away
    saver.save(panel(2, 320))
    expect(saver.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(server.sent[3].body)).toEqual(panel(412, 320).value)
    saver.save(panel(25, 320))
    expect(saver.problem('panels/p', 'widthMm')).toBe('')
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(server.sent[4].body)).toEqual(panel(25, 320).value)
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
    server.answers = [ok(1)]
    saver.save(hours(8, 9, ''))
    await vi.advanceTimersByTimeAsync(100)
    server.answers = [late, late]
    saver.save(hours(80, 90, ''))
    await vi.advanceTimersByTimeAsync(100)
    expect(saver.typedOver('/api/builds/b/times/t', hours(8, 9, '').value)).toMatchObject({
      from: 80,
    })
    server.answers = [late, late, ok(2)]
    saver.save(hours(80, 90, 'forgot'))
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(server.sent.at(-1)!.body)).toEqual({ id: 't', from: 8, to: 9, why: 'forgot' })
    expect(saver.problem('times/t', 'to')).toBe('ends after now')
    expect(saver.typedOver('/api/builds/b/times/t', hours(8, 9, 'forgot').value)).toMatchObject({
      from: 80,
      to: 90,
    })
  })

  it('is still there, with its sentence, after a reload', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    server.answers = [no]
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
    server.answers = [no, gone]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    saver.save(panel(2, 310))
    await vi.advanceTimersByTimeAsync(0)
    reload() // at once: the neighbour did not reach the server
    const again = open()
    server.answers = [no, ok(2)]
    await vi.advanceTimersByTimeAsync(100)
    expect(JSON.parse(server.sent.at(-1)!.body)).toEqual(panel(412, 310).value)
    expect(again.problem('panels/p', 'widthMm')).toContain('can’t be 2')
    expect(again.state).toBe('refused')
  })

  it('of a new thing stays whole: nothing half made is stored', async () => {
    const saver = open()
    server.answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent).toHaveLength(1)
    expect(saver.typedOver(PATH, undefined)).toEqual(panel(2, 300).value)
  })

  it('is said aloud with its name where no field shows it', async () => {
    const saver = open()
    saver.holds(PATH, stored)
    server.answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(useShell().message).toBe('“Left window”: Width can’t be 2: 5 to 5000 mm.')
  })

  it('is not said aloud where a field asks for it', async () => {
    const saver = open()
    const shown = effectScope()
    shown.run(() => watchEffect(() => saver.problem('panels/p', 'widthMm')))
    saver.holds(PATH, stored)
    server.answers = [no]
    saver.save(panel(2, 300))
    await vi.advanceTimersByTimeAsync(100)
    expect(useShell().message).toBe('')
    shown.stop()
  })
})
