// @vitest-environment happy-dom
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { RackThing, WorkshopView } from '../../api/types'
import { useSaver } from '../../store/saver'
import { useWorkshop } from '../../store/workshop'
import { thing } from './fakeThing'
import RackView from './RackView.vue'

let things: RackThing[] = []

beforeEach(() => {
  setActivePinia(createPinia())
  vi.stubGlobal('fetch', async () => Response.json({ things }))
})
afterEach(() => vi.unstubAllGlobals())

/** Something was saved: the rack is read anew. */
const saved: (() => void)[] = []
async function open(first: RackThing[]) {
  things = first
  const saver = useSaver()
  vi.spyOn(saver, 'onSaved').mockImplementation((listener) => {
    saved.push(listener)
    return () => true
  })
  useWorkshop().view = {
    book: { workshop: { currency: 'EUR' }, paints: [], offcuts: [], sheets: [], sundries: [] },
    versions: {},
  } as unknown as WorkshopView
  const shown = mount(RackView, {
    global: { plugins: [PrimeVue], stubs: { RouterLink: RouterLinkStub } },
  })
  await flushPromises()
  return shown
}

describe('what is looked at on the rack', () => {
  const red = thing('red', { missing: 40, wanted: 40 })
  const white = thing('white', { missing: 10, wanted: 10 })

  it('is what runs short first, and stays though it is short no more', async () => {
    const shown = await open([red, white])
    expect(shown.find('.detail h2').text()).toBe('red')
    things = [{ ...red, have: 400, missing: 0 }, white]
    saved.forEach((listener) => listener())
    await flushPromises()
    expect(shown.find('aside').text()).not.toContain('red: ')
    expect(shown.find('.detail h2').text()).toBe('red')
  })

  it('is what was pressed', async () => {
    const shown = await open([red, white])
    await shown.findAll('aside button')[1]!.trigger('click')
    expect(shown.find('.detail h2').text()).toBe('white')
  })

  it('is nothing while nothing is short', async () => {
    const shown = await open([thing('fern', { have: 400 })])
    expect(shown.find('.detail').exists()).toBe(false)
    expect(shown.text()).toContain('All that builds still want is here')
  })
})
