import { beforeEach, describe, expect, it, vi } from 'vitest'
import { fakeServer, gone, ok, open, refuse, type FakeServer } from './fakeServer'
import { Refusal } from '../api/client'
import { useShell } from './shell'

const MARKS = '/api/builds/b/marks'
let server: FakeServer
beforeEach(() => {
  server = fakeServer()
})
const done = (id: string) => ({ id, taskKey: 'part:p/cut', what: 'DONE' })

describe('an act', () => {
  it('is sent once and tells whether the server has it', async () => {
    const saver = open()
    server.answers = [ok(1)]
    const act = saver.act(MARKS, '“Cut”', done('m1'))
    await vi.advanceTimersByTimeAsync(100)
    expect(await act).toBe(true)
    expect(server.sent.map((each) => each.url)).toEqual([MARKS])
    expect(saver.state).toBe('saved')
  })

  it('is kept while the server is away, and what follows it is sent after it', async () => {
    const saver = open()
    server.answers = [gone, gone, gone]
    const first = saver.act(MARKS, '“Cut”', done('m1'))
    await vi.advanceTimersByTimeAsync(100)
    expect(await first).toBe(false)
    const second = saver.act('/api/clock/stop', 'Clock stopped', { id: 's1' })
    await vi.advanceTimersByTimeAsync(100)
    expect(await second).toBe(false)
    expect(saver.state).toBe('away')
    server.sent.length = 0
    server.answers = [ok(1), ok(1)]
    await vi.advanceTimersByTimeAsync(6000)
    expect(server.sent.map((each) => each.url)).toEqual([MARKS, '/api/clock/stop'])
    expect(server.sent[0].body).toContain('m1')
    expect(saver.state).toBe('saved')
  })

  it('that comes too late is said and let go', async () => {
    const saver = open()
    server.answers = [gone]
    const act = saver.act(MARKS, '“Cut”', done('m1'))
    await vi.advanceTimersByTimeAsync(100)
    expect(await act).toBe(false)
    server.answers = [refuse(409, { title: 'It is done already: Lotte said so.' })]
    await vi.advanceTimersByTimeAsync(3000)
    expect(useShell().message).toBe('“Cut”: It is done already: Lotte said so.')
    expect(saver.state).toBe('saved')
    expect(server.kept['ember-yard-unsaved:refused:ines'] ?? '[]').toBe('[]')
  })

  it('that is refused at once tells whoever pressed', async () => {
    const saver = open()
    server.answers = [refuse(409, { title: 'Dry fit has to pass first.' })]
    const act = saver.act(MARKS, '“Cut”', done('m1')).catch((problem) => problem)
    await vi.advanceTimersByTimeAsync(100)
    const problem = await act
    expect(problem).toBeInstanceOf(Refusal)
    expect((problem as Refusal).message).toBe('Dry fit has to pass first.')
    expect(useShell().message).toBe('')
    expect(saver.state).toBe('saved')
  })
})
