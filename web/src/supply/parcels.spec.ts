import { describe, expect, it } from 'vitest'
import type { BasketItem, BasketParcel, Move, OrderedLine } from '../api/types'
import { moveWords, nextId, spent } from './moves'
import { NEXT, passes, STATES, STEPS, underWay, type State } from './orderStates'
import { along, byOrder, inPlace, itemKey, nameAt, neededTicks, orderKey } from './parcels'

const item = (title: string, neededOn: string | null, of = 'depot'): BasketItem =>
  ({
    buildId: of,
    buildName: of === 'depot' ? 'Line 9 Depot' : 'Night Pilotage',
    needKey: `component:${title}`,
    offerId: 'listed',
    title,
    neededOn,
  }) as unknown as BasketItem

const ordered = (id: string, number: string, orderedOn: string, state = 'CHECKED'): OrderedLine =>
  ({ line: { id, number, supplierId: 'quay', orderedOn, state } }) as unknown as OrderedLine

describe('parcels to send', () => {
  it('say what they are too late for', () => {
    const parcel = {
      items: [
        item('board', '2026-03-05'),
        item('memory', '2026-03-05'),
        item('red', '2026-03-12'),
        item('film', null),
      ],
    } as unknown as BasketParcel
    expect(neededTicks(parcel, '2026-03-03', 4)).toEqual([
      { day: 2, names: ['board', 'memory'], late: true },
      { day: 9, names: ['red'], late: false },
    ])
  })
  it('say which other builds share them, and with how many things', () => {
    const items = [item('a', null), item('b', null, 'pilotage'), item('c', null, 'pilotage')]
    expect(along(items, 'depot')).toEqual([{ name: 'Night Pilotage', count: 2 }])
    expect(along(items.slice(0, 1), 'depot')).toEqual([])
    expect(new Set(items.map(itemKey)).size).toBe(3)
  })
})

describe('moves of money', () => {
  it('say why, where it was no shop that paid back', () => {
    const move = (more: Partial<Move>) => moveWords({ what: 'REFUNDED', note: '', ...more } as Move)
    expect(move({})).toBe('came back')
    expect(move({ note: 'it lies on the shelf' })).toBe('came back: it lies on the shelf')
    expect(move({ what: 'PAID', reverses: 'm1' })).toBe('paid, taken back')
  })
})

describe('places of parcels', () => {
  const from = (...shops: string[]) =>
    shops.map((supplierId) => ({ supplierId, items: [] }) as unknown as BasketParcel)
  const names = (places: ReturnType<typeof inPlace>) =>
    places.map(({ supplierId, parcel, sent }) => (parcel ? supplierId : `${supplierId}: ${sent}`))
  const first = inPlace([], from('kiln', 'loft', 'quay'), () => 2)

  it('stay where they are while another is sent, which says so there', () => {
    const sent = inPlace(first, from('loft', 'quay'), (shop) => (shop === 'kiln' ? 7 : 2))
    expect(names(sent)).toEqual(['kiln: 5', 'loft', 'quay'])
    const later = inPlace(sent, from('quay', 'loft'), (shop) => (shop === 'kiln' ? 7 : 2))
    expect(names(later)).toEqual(['kiln: 5', 'loft', 'quay'])
  })
  it('are parcels again when it was taken back, and new ones come last', () => {
    const sent = inPlace(first, from('loft', 'quay'), (shop) => (shop === 'kiln' ? 7 : 2))
    const back = inPlace(sent, from('attic', 'kiln', 'loft', 'quay'), () => 2)
    expect(names(back)).toEqual(['kiln', 'loft', 'quay', 'attic'])
  })
  it('of which nothing was ordered are gone: it is bought elsewhere now', () => {
    expect(names(inPlace(first, from('quay'), () => 2))).toEqual(['quay'])
  })
})

describe('orders', () => {
  it('with something to do come first', () => {
    const groups = byOrder([
      ordered('new', '2026-002', '2026-03-02'),
      ordered('sent back', '2026-001', '2026-03-01', 'SENT_BACK'),
    ])
    expect(groups.map((each) => each.lines[0].line.id)).toEqual(['sent back', 'new'])
  })
  it('are told by number, or by shop and day; the newest first', () => {
    const groups = byOrder([
      ordered('a', '2026-001', '2026-03-01'),
      ordered('b', '', '2026-03-02'),
      ordered('c', '2026-001', '2026-03-01'),
      ordered('d', '', '2026-03-02'),
    ])
    expect(groups.map((each) => each.lines.map(({ line }) => line.id))).toEqual([
      ['b', 'd'],
      ['a', 'c'],
    ])
  })
  it('lead from each state only to others, and each state can be reached', () => {
    const states = Object.keys(STATES) as State[]
    const reached = new Set<State>(['ORDERED'])
    for (const from of states) {
      for (const way of NEXT[from]) {
        expect(way.to).not.toBe(from)
        reached.add(way.to)
      }
    }
    // what another build uses goes there, see UsedElsewhere; what lies on the shelf is laid there
    expect([...reached, 'PASSED_ON', 'SHELVED'].sort()).toEqual([...states].sort())
    expect(STEPS.every((each) => states.includes(each))).toBe(true)
  })
  it('pass when their label says what was ordered, or is asked nothing', () => {
    const read = (complete: boolean, differs: boolean) =>
      passes({ check: { complete, differs } } as OrderedLine)
    expect(passes({ check: null } as unknown as OrderedLine)).toBe(true)
    expect([read(true, false), read(true, true), read(false, false)]).toEqual([true, false, false])
  })
  it('are under way until they are here', () => {
    const far = (Object.keys(STATES) as State[]).filter((state) =>
      underWay({ state } as OrderedLine['line']),
    )
    expect(far).toEqual(['ORDERED', 'CONFIRMED', 'SHIPPED', 'BACK_ORDERED'])
  })
})

describe('a line that is open', () => {
  it('stays where it is while its number is typed', () => {
    const typed = [ordered('a', '2026-0', '2026-03-02'), ordered('b', '2026-001', '2026-03-02')]
    const held = new Map([['a', orderKey(typed[1].line)]])
    expect(byOrder(typed)).toHaveLength(2)
    expect(byOrder(typed, held).map((group) => group.lines.length)).toEqual([2])
    expect(byOrder(typed, held)[0].key).toBe('quay 2026-001')
  })
})

describe('money', () => {
  it('comes back with what is refunded, and with a payment taken back', () => {
    const move = (what: Move['what'], reverses = '') =>
      ({ what, reverses, amountMinor: 250 }) as Move
    expect([
      spent(move('PAID')),
      spent(move('REFUNDED')),
      spent(move('CREDITED')),
      spent(move('PAID', 'p')),
      spent(move('REFUNDED', 'r')),
    ]).toEqual([250, -250, -250, -250, 250])
  })
  it('of a shop’s deliveries is another in each build, and named so that undo has room', () => {
    const shop = { orderId: '', supplierId: 'rookery' }
    expect(nextId(shop, 'a', 0)).not.toBe(nextId(shop, 'b', 0))
    expect(nextId(shop, 'a', 0)).toBe(nextId(shop, 'a', 0))
    expect(nextId({ orderId: 'o1', supplierId: 'rookery' }, 'a', 1)).toBe('o1-money-2')
    const long = '0f8c2a4e-1b3d-4c5e-8f70-'.padEnd(36, '9')
    for (const build of [long, 'x'.repeat(80)]) {
      const id = nextId({ orderId: '', supplierId: long }, build, 0)
      expect(id).toMatch(/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/)
      expect(id.endsWith('-money-1')).toBe(true)
    }
  })
})

describe('names on the scale of a parcel', () => {
  it('stand beside their tick while there is room, and never on another', () => {
    const first = nameAt(316, 514, -1)
    expect(first).toEqual({ turned: false, named: true, free: 446 })
    expect(nameAt(383, 514, first.free)).toEqual({ turned: false, named: false, free: 446 })
    // near the end it would stand to the left: there the first one is
    expect(nameAt(451, 514, first.free)).toEqual({ turned: true, named: false, free: 446 })
    expect(nameAt(451, 514, 300)).toEqual({ turned: true, named: true, free: 451 })
  })
})
