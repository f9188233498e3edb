// @vitest-environment happy-dom
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BenchDay } from '../api/types'
import MyHours from './MyHours.vue'

const { send, get } = vi.hoisted(() => ({ send: vi.fn(), get: vi.fn() }))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  send,
  get,
}))

const hours = (from: string, to: string) => ({ day: 'TUESDAY', from, to })
const day = {
  now: '2026-03-03T09:42:00',
  personId: 'ines',
  ownDays: [{ id: 'ines-2026-03-05', personId: 'ines', date: '2026-03-05', hours: [], why: '' }],
} as unknown as BenchDay
const own = { id: 'd', personId: 'ines', date: '2026-03-03', hours: [], why: '' }
const slides = {
  hoursBefore: [hours('09:00:00', '17:00:00')],
  hoursAfter: [hours('14:00:00', '17:00:00')],
  day: own,
  steps: Array.from({ length: 8 }, (_, i) => ({
    buildId: 'moss',
    buildName: 'Moss Archive',
    taskKey: `t${i}`,
    title: `Step ${i}`,
    was: '2026-03-03T10:00:00',
    is: '2026-03-04T09:00:00',
    personId: 'ines',
  })),
  builds: [],
  findings: [],
}

let shown: VueWrapper
beforeEach(() => {
  setActivePinia(createPinia())
  send.mockReset()
  get.mockResolvedValue(day)
  send.mockImplementation((_, path: string) =>
    Promise.resolve(path.endsWith('/asked') ? slides : undefined),
  )
  shown = mount(MyHours, {
    props: { day, name: 'Ines Varga' },
    global: { plugins: [PrimeVue] },
    attachTo: document.body,
  })
})
afterEach(() => shown.unmount())
const press = async (label: string) => {
  const button = shown.findAll('button').find((each) => each.text() === label)
  await button!.trigger('click')
  await flushPromises()
}
const paths = () => send.mock.calls.map((call) => call[1])

describe('my hours', () => {
  it('says what slides before anything is kept, the first of it', async () => {
    await press('I’m away')
    expect(paths()).toEqual(['/api/bench/hours/asked'])
    expect(send.mock.calls[0]![2]).toMatchObject({ what: 'AWAY', date: '2026-03-03', until: null })
    const said = shown.get('.ask').text()
    expect(said).toContain('14:00–17:00')
    expect(said).toContain('instead of 09:00–17:00')
    expect(shown.findAll('.ask li')).toHaveLength(7)
    expect(said).toContain('and 2 more steps')
  })

  it('keeps the day that was shown', async () => {
    await press('I’m away')
    await shown.get('form.ask').trigger('submit')
    await flushPromises()
    expect(send.mock.calls.find((call) => call[1] === '/api/bench/hours')![2]).toEqual(own)
  })

  it('asks anew for another day, and an hour is of today', async () => {
    await press('Not before …')
    await press('tomorrow')
    expect(send.mock.lastCall![2]).toMatchObject({ date: '2026-03-04', until: '14:00' })
    await press('I have an hour')
    await press('2 h')
    expect(send.mock.lastCall![2]).toMatchObject({ what: 'JUST', date: null, minutes: 120 })
  })

  it('says a refusal and keeps nothing', async () => {
    send.mockRejectedValue(new Error('It is later than that already.'))
    await press('Not before …')
    expect(shown.get('[role=alert]').text()).toBe('It is later than that already.')
    await shown.get('form.ask').trigger('submit')
    expect(paths()).toEqual(['/api/bench/hours/asked'])
  })

  it('shows the last answer, whichever comes late', async () => {
    let late: (value: unknown) => void = () => undefined
    send.mockImplementationOnce(() => new Promise((done) => (late = done)))
    await press('I’m away')
    await press('tomorrow')
    late({ ...slides, hoursAfter: [] })
    await flushPromises()
    expect(shown.get('.ask').text()).toContain('14:00–17:00')
  })

  it('takes a day back', async () => {
    await press('As in every week')
    expect(send.mock.calls[0]).toEqual(['POST', '/api/bench/hours/usual', day.ownDays[0]])
  })
})
