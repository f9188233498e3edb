// @vitest-environment happy-dom
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { TaskModel } from '../api/types'
import { useClock } from '../store/clock'
import JobActs from './JobActs.vue'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: vi.fn(() => new Promise(() => {})),
}))

function step(more: object = {}, open: object[] = []): TaskModel {
  const task = { key: 'part:lid/cut', title: 'Cut Lid', gate: false, handsOnMinutes: 40, ...more }
  return {
    task,
    state: 'READY',
    openBefore: open,
    log: { timed: false, running: null },
  } as unknown as TaskModel
}

let shown: VueWrapper
let clock: ReturnType<typeof useClock>
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'] })
  localStorage.clear()
  setActivePinia(createPinia())
  clock = useClock()
  clock.start = vi.fn(() => Promise.resolve())
  clock.stop = vi.fn(() => Promise.resolve())
  clock.mark = vi.fn(() => Promise.resolve())
  clock.known = vi.fn(() => Promise.resolve())
})
afterEach(() => {
  shown.unmount()
  vi.useRealTimers()
})
function open(task: TaskModel) {
  shown = mount(JobActs, {
    props: { buildId: 'moss', task, now: '2026-03-03T09:42:00', times: [] },
    global: { plugins: [PrimeVue] },
    attachTo: document.body,
  })
}
async function press(label: string, last = false) {
  const all = shown.findAll('button').filter((each) => each.text() === label)
  await all[last ? all.length - 1 : 0]!.trigger('click')
  await flushPromises()
}

describe('what is done with a step', () => {
  it('takes two quick presses on the clock as one, later ones as what they are', async () => {
    open(step())
    await press('Start the clock')
    vi.setSystemTime(Date.now() + 300)
    await press('Start the clock')
    expect(clock.start).toHaveBeenCalledTimes(1)
    vi.setSystemTime(Date.now() + 900)
    await press('Start the clock')
    expect(clock.start).toHaveBeenCalledTimes(2)
    expect(clock.start).toHaveBeenLastCalledWith('moss', 'part:lid/cut', 'Cut Lid')
    expect(clock.stop).not.toHaveBeenCalled()
  })

  it('asks how long it took where no clock ran, and tells the plan’s time or another', async () => {
    open(step())
    await press('Done')
    expect(clock.mark).not.toHaveBeenCalled()
    expect(shown.text()).toContain('How long did it take?')
    expect(shown.text()).toContain('as planned, 40 min')
    await shown.find('form.asking').trigger('submit')
    await flushPromises()
    expect(clock.mark).toHaveBeenCalledWith('moss', 'part:lid/cut', 'Cut Lid', 'DONE', {
      minutes: 40,
      timeWhy: '',
    })
    expect(shown.text()).not.toContain('How long did it take?')
  })

  it('begins no coat over open work: it asks about it', async () => {
    const before = { taskKey: 'part:rib/cut', title: 'Cut Rib', gate: false, waiting: false }
    open(step({ key: 'scheme:lid/ink/1', station: 'SPRAY_CORNER' }, [before]))
    await press('Start the clock')
    expect(clock.start).not.toHaveBeenCalled()
    expect(shown.text()).toContain('One step before it is open.')
    expect(shown.text()).toContain('Cut Rib')
  })

  it('records a check only with what it showed and who looked', async () => {
    open(step({ key: 'make/dry-fit', title: 'Dry fit', gate: true }))
    await press('Record the check')
    const passed = shown.findAll('button').find((each) => each.text() === 'It passed')!
    expect(passed.attributes('disabled')).toBeDefined()
    await shown.find('form.asking input, form.asking textarea').setValue('2 mm all round')
    const [, who] = shown.findAll('form.asking input, form.asking textarea')
    await who!.setValue('Ines')
    expect(passed.attributes('disabled')).toBeUndefined()
    await shown.find('form.asking').trigger('submit')
    await flushPromises()
    expect(clock.mark).toHaveBeenCalledWith('moss', 'make/dry-fit', 'Dry fit', 'PASSED', {
      note: '2 mm all round',
      by: 'Ines',
      minutes: 40,
      timeWhy: '',
    })
  })
})
