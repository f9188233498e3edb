// @vitest-environment happy-dom
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useClock } from '../store/clock'
import { useSaver } from '../store/saver'
import SnagForm from './SnagForm.vue'
import type { Snag } from '../api/types'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: vi.fn(() => Promise.resolve([])),
}))

let shown: VueWrapper
const kept: Snag[] = []
function open() {
  shown = mount(SnagForm, {
    props: { buildId: 'moss', taskKey: 'part:side/sand' },
    global: { plugins: [PrimeVue], stubs: { PhotoButton: true } },
    attachTo: document.body,
  })
}
beforeEach(() => {
  localStorage.clear()
  kept.length = 0
  setActivePinia(createPinia())
  const saver = useSaver()
  saver.save = vi.fn((edit) => void kept.push(edit.value as Snag))
  saver.settled = vi.fn(() => Promise.resolve())
  useClock().refresh = vi.fn(() => Promise.resolve())
  open()
})
afterEach(() => shown.unmount())
const field = (label: string) => {
  const id = shown
    .findAll('label')
    .find((each) => each.text() === label)!
    .attributes('for')
  return shown.find(`[id="${id}"]`)
}

describe('something found wrong', () => {
  it('is kept as it was said, with who found it and at which step', async () => {
    await field('What is wrong').setValue('Hinge side rubs')
    await field('To mend it').setValue('0:45')
    await shown.find('form.snag').trigger('submit')
    await flushPromises()
    expect(kept).toHaveLength(1)
    expect(kept[0]).toMatchObject({
      text: 'Hinge side rubs',
      minutes: 45,
      how: 'SEEN',
      taskKey: 'part:side/sand',
      panelId: '',
    })
    expect(shown.text()).toContain('mending it is in the plan')
  })

  it('is still half said after the page was left, all of it', async () => {
    await field('What is wrong').setValue('Glass cracked')
    await field('To mend it').setValue('2 h')
    shown.unmount()
    open()
    expect((field('What is wrong').element as HTMLInputElement).value).toBe('Glass cracked')
    expect((field('To mend it').element as HTMLInputElement).value).toBe('2 h')
    await shown.find('form.snag').trigger('submit')
    await flushPromises()
    expect(kept[0]).toMatchObject({ text: 'Glass cracked', minutes: 120 })
    await shown.find('form.snag').trigger('submit')
    shown.unmount()
    open()
    expect((field('What is wrong').element as HTMLInputElement).value).toBe('')
    expect((field('To mend it').element as HTMLInputElement).value).toBe('20 min')
  })
})
