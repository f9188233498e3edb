// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { BuildPicture, OrderedLine, Session, ShopNews } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import LineNews from './LineNews.vue'
import { newsOf } from './useShopNews'

beforeEach(() => setActivePinia(createPinia()))

const line = (more: object = {}): OrderedLine['line'] =>
  ({
    id: 'o1',
    partOf: '',
    title: 'Drive Slate 2 TB',
    supplierId: 'rookery',
    state: 'SHIPPED',
    unitPriceMinor: 11900,
    askedMinor: null,
    trackingCode: 'rookery-2026-003-0311',
    ...more,
  }) as unknown as OrderedLine['line']

const news = (more: Partial<ShopNews> = {}): ShopNews =>
  ({
    connected: true,
    askedAt: '2026-03-11T12:00:00',
    parcels: [],
    labels: [],
    returns: [],
    trouble: '',
    ...more,
  }) as ShopNews

function open(of: OrderedLine['line'], said: ShopNews, spentMinor = 0, owner = true) {
  const builds = useBuild()
  builds.id = 'depot'
  builds.view = {
    now: '2026-03-11T12:00:00',
    build: { moves: [], orders: [of] },
  } as unknown as BuildPicture
  useSession().session = {
    account: { id: 'a', name: 'ines', role: owner ? 'OWNER' : 'HELPER' },
  } as Session
  return mount(LineNews, {
    props: {
      ordered: { line: of, spentMinor, openMinor: 0, totalMinor: 11900 } as unknown as OrderedLine,
      news: said,
    },
    global: { plugins: [PrimeVue] },
  })
}

const parcel = {
  code: 'rookery-2026-003-0311',
  expectedOn: '2026-03-11',
  deliveredAt: null,
  moves: [
    { at: '2026-03-10T16:00:00', words: 'Handed over by the shop' },
    { at: '2026-03-11T07:40:00', words: 'On its round' },
  ],
}

describe('what a shop and a courier say of a line', () => {
  it('is the last that happened to its parcel', () => {
    const text = open(line(), news({ parcels: [parcel] })).text()
    expect(text).toContain('On its round')
    expect(text).not.toContain('Handed over')
  })

  it('is nothing where nobody said anything', () => {
    expect(open(line(), news()).text()).toBe('')
    expect(open(line({ trackingCode: '' }), news({ parcels: [parcel] })).text()).toBe('')
  })

  it('is found for a part by the line it was one with', () => {
    const part = line({ id: 'o1-part-2', partOf: 'o1' })
    const label = [{ field: 'capacity', words: '1 TB' }]
    const said = news({ labels: [{ line: 'o1', label }] })
    expect(newsOf(said, part).label).toEqual(label)
    expect(open(part, said).text()).toContain('capacity 1 TB')
    expect(newsOf(null, part)).toEqual({ parcel: undefined, label: undefined, back: undefined })
  })

  it('asks an owner about another price, and agrees in one press', async () => {
    const dearer = line({ state: 'ORDERED', askedMinor: 12400 })
    const shown = open(dearer, news())
    expect(shown.text()).toContain('The shop asks')
    const edit = vi.spyOn(useBuild(), 'edit').mockImplementation(() => undefined)
    await shown.find('button').trigger('click')
    expect(edit).toHaveBeenCalledWith('orders', dearer, { unitPriceMinor: 12400 })
    expect(open(dearer, news(), 0, false).text()).toBe('')
    expect(open(line({ state: 'CHECKED', askedMinor: 12400 }), news()).text()).toBe('')
  })
})

describe('what goes back', () => {
  const back = (more: object) => ({
    returns: [
      { line: 'o1', agreed: true, hereOn: null, paidBackOn: null, paidBackMinor: 0, ...more },
    ],
  })

  it('is agreed to, reaches the shop, and is paid back', () => {
    const asked = line({ state: 'RETURN_ASKED' })
    expect(open(asked, news(back({}))).text()).toContain('The shop takes it back: send it.')
    const sent = line({ state: 'SENT_BACK' })
    expect(open(sent, news(back({ hereOn: '2026-03-13' }))).text()).toContain('It reached the shop')
    const paid = news(
      back({ hereOn: '2026-03-13', paidBackOn: '2026-03-15', paidBackMinor: 11900 }),
    )
    expect(open(sent, paid, 11900).text()).toContain('back on')
  })

  it('enters no more than was paid, and only when somebody says that it came', async () => {
    const sent = line({ state: 'SENT_BACK' })
    const paid = news(back({ paidBackOn: '2026-03-15', paidBackMinor: 12000 }))
    const shown = open(sent, paid, 11900)
    const act = vi.spyOn(useBuild(), 'act').mockResolvedValue(undefined)
    expect(act).not.toHaveBeenCalled()
    await shown.find('button').trigger('click')
    expect(act).toHaveBeenCalledWith(
      'order/money',
      expect.objectContaining({
        orderId: 'o1',
        what: 'REFUNDED',
        amountMinor: 11900,
        on: '2026-03-11',
      }),
    )
  })

  it('is not offered again once its money is here', () => {
    const sent = line({ state: 'SENT_BACK' })
    const paid = news(back({ paidBackOn: '2026-03-15', paidBackMinor: 11900 }))
    expect(open(sent, paid, 0).findAll('button')).toHaveLength(0)
  })
})
