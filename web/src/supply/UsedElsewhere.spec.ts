// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import type { BuildPicture, OrderLine, UsedThere } from '../api/types'
import { useBuild } from '../store/build'
import AlternatesList from './AlternatesList.vue'
import UsedElsewhere from './UsedElsewhere.vue'

const LINE = { id: 'o1', title: 'Shale 4 TB', state: 'CHECKED', quantity: 3 } as OrderLine
const DEPOT: UsedThere = {
  buildId: 'depot',
  buildName: 'Depot',
  needKey: 'component:d',
  open: 2,
  unit: 'pieces',
  neededOn: '2026-03-17',
}

/** What was asked and done, and the store that does it. */
function store(answer: unknown) {
  setActivePinia(createPinia())
  const asked: string[] = []
  const acts: { path: string; body: object }[] = []
  vi.spyOn(client, 'get').mockImplementation(async (path: string) => {
    asked.push(path)
    return answer as never
  })
  const builds = useBuild()
  builds.id = 'night'
  builds.view = { build: { brief: { id: 'night' }, components: [] } } as unknown as BuildPicture
  builds.act = (async (path: string, body: object) => acts.push({ path, body })) as never
  return { asked, acts }
}
beforeEach(() => vi.restoreAllMocks())

describe('what another build uses', () => {
  const open = () =>
    mount(UsedElsewhere, {
      props: { line: LINE, unit: 'pieces' },
      global: { plugins: [PrimeVue] },
    })

  it('goes there in one press, no more than it needs', async () => {
    const { asked, acts } = store([DEPOT])
    const shown = open()
    await flushPromises()
    expect(asked).toEqual(['/api/builds/night/order/o1/elsewhere'])
    expect(shown.text()).toContain('Depot needs 2 pieces')
    const press = shown.find('button')
    expect(press.attributes('aria-label')).toBe('Use 2 pieces of Shale 4 TB in Depot')
    await press.trigger('click')
    expect(acts).toHaveLength(1)
    expect(acts[0]).toMatchObject({
      path: 'order/pass-on',
      body: { orderId: 'o1', toBuildId: 'depot', needKey: 'component:d' },
    })
  })

  it('is nobody’s where none needs it', async () => {
    store([])
    const shown = open()
    await flushPromises()
    expect(shown.text()).toContain('No other build needs one.')
    expect(shown.findAll('button')).toHaveLength(0)
  })
})

describe('what else would do', () => {
  const FLINT = {
    componentId: 'supply',
    productId: 'flint-450',
    name: 'Supply Flint 450',
    supplierId: '',
    unitPriceMinor: 9900,
    leadDays: 4,
    moreMinor: 0,
    soonerDays: 0,
    changesAgreed: true,
  }
  const open = () =>
    mount(AlternatesList, {
      props: { needKey: 'component:supply' },
      global: { plugins: [PrimeVue] },
    })

  it('is asked when somebody wants to know, and taken in one press', async () => {
    const { asked, acts } = store([FLINT])
    const shown = open()
    await flushPromises()
    expect(asked).toEqual([])
    await shown.find('button').trigger('click')
    await flushPromises()
    expect(asked).toEqual(['/api/builds/night/order/alternates?needKey=component%3Asupply'])
    expect(shown.text()).toContain('not what was agreed')
    await shown.find('[aria-label="Take Supply Flint 450 instead"]').trigger('click')
    await flushPromises()
    expect(acts).toEqual([{ path: 'components/supply/swap', body: { productId: 'flint-450' } }])
    expect(shown.emitted('taken')).toHaveLength(1)
  })

  it('says so where nothing does', async () => {
    store([])
    const shown = open()
    await shown.find('button').trigger('click')
    await flushPromises()
    expect(shown.text()).toContain('Nothing else in the library')
  })
})
