// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useBuild } from './build'
import { useClock } from './clock'
import { useSaver } from './saver'
import { useSession } from './session'

const get = vi.hoisted(() => vi.fn())
vi.mock('../api/client', async (actual) => ({ ...(await actual<object>()), get }))

const card = { buildId: 'b', waitsFor: [], task: { task: { key: 't', title: 'Sand' } } }
const day = (running: boolean) => ({
  personId: 'ines',
  running,
  now: '2026-03-03T09:42:00',
  cards: [card],
})

describe('the clock’s key', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('stops what it started, also before the day was read anew', async () => {
    useSession().session = { account: { id: 'x', personId: 'ines' } } as never
    vi.spyOn(useBuild(), 'reload').mockResolvedValue(undefined as never)
    const posts: string[] = []
    vi.spyOn(useSaver(), 'act').mockImplementation(((path: string) => {
      posts.push(path)
      return Promise.resolve()
    }) as never)
    get.mockResolvedValueOnce(day(false))
    let read: (answer: object) => void = () => undefined
    get.mockImplementationOnce(() => new Promise((done) => (read = done)))
    get.mockResolvedValue(day(false))
    const clock = useClock()
    void clock.toggle()
    await flushPromises()
    void clock.toggle()
    await flushPromises()
    expect(posts).toEqual(['/api/builds/b/clock/start'])
    read(day(true))
    await flushPromises()
    expect(posts).toEqual(['/api/builds/b/clock/start', '/api/clock/stop'])
  })
})
