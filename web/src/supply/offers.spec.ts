import { describe, expect, it } from 'vitest'
import type { Alternate, BasketOther, Offer, Watch } from '../api/types'
import { changed, compared, keptWord, unanswered, withPrice } from './offers'
import { curve, trusted } from './watch'

const other = (moreMinor: number, sooner: number, lateDays = 0): BasketOther =>
  ({
    offerId: 'o',
    supplierId: 'loft',
    condition: 'NEW',
    moreMinor,
    sooner,
    lateDays,
  }) as BasketOther

describe('offers', () => {
  it('keep one price a day, in the order of the days', () => {
    const seen = [
      { on: '2026-02-28', unitPriceMinor: 32900 },
      { on: '2026-03-03', unitPriceMinor: 32400 },
    ]
    expect(withPrice(seen, '2026-03-03', 31900)).toEqual([
      seen[0],
      { on: '2026-03-03', unitPriceMinor: 31900 },
    ])
    expect(withPrice(seen, '2026-03-01', 30000).map((each) => each.on)).toEqual([
      '2026-02-28',
      '2026-03-01',
      '2026-03-03',
    ])
    expect(seen[1].unitPriceMinor).toBe(32400)
  })
  it('say what they would change in the whole basket', () => {
    expect(compared(other(1200, 4), 'EUR')).toMatch(/12\.00.* more, 4 days sooner$/)
    expect(compared(other(-50, -1), 'EUR')).toMatch(/0\.50.* less, 1 day later$/)
    expect(compared(other(0, 0), 'EUR')).toBe('costs the same')
    expect(compared(other(0, -3, 2), 'EUR')).toBe('costs the same, 3 days later, 2 days too late')
  })
})

const watch: Watch = {
  needKey: 'component:card',
  title: 'Card',
  seen: [
    { on: '2026-02-25', unitPriceMinor: 48000 },
    { on: '2026-03-03', unitPriceMinor: 44500 },
  ],
  lastSafeOn: '2026-03-11',
  looksLeft: 2,
  ahead: [
    { on: '2026-03-03', limitMinor: 45220 },
    { on: '2026-03-06', limitMinor: 46300 },
  ],
  buy: true,
  gainMinor: 0,
  trust: 'A_GUESS',
}

describe('the record of a shop', () => {
  const record = { supplierId: 's', deliveries: 0, saidDays: 4, leadDays: 6, received: 0 }
  it('says what it is taken at before anything came', () => {
    expect(keptWord({ ...record, amiss: 0, chance: 0.04 })).toBe(
      '0 deliveries yet: taken to be here within 6 days',
    )
  })
  it('says what came, how soon, and what was amiss', () => {
    const known = { ...record, deliveries: 3, leadDays: 5, received: 9, amiss: 1, chance: 0.074 }
    expect(keptWord(known)).toBe(
      '3 deliveries: four of five here within 5 days; 1 of 9 things amiss, 7 in 100 expected',
    )
  })
})

describe('a watched price', () => {
  it('is drawn on one scale with the limits ahead, dear ones above cheap ones', () => {
    const drawn = curve(watch, '2026-03-03', 480, 150)
    expect(drawn.dots[0].x).toBeLessThan(drawn.dots[1].x)
    expect(drawn.dots[1].x).toBe(drawn.today)
    expect(drawn.dots[0].y).toBeLessThan(drawn.dots[1].y)
    expect(drawn.last!).toBeGreaterThan(drawn.today)
    expect(drawn.ahead.startsWith(`${drawn.today},`)).toBe(true)
    expect(drawn.lines.map((line) => line.minor)).toEqual([44500, 48000])
    for (const dot of drawn.dots) {
      expect(dot.y).toBeGreaterThan(0)
      expect(dot.y).toBeLessThan(150)
    }
  })
  it('is drawn though nothing says by when, and where all prices are the same', () => {
    const same = {
      ...watch,
      lastSafeOn: null,
      ahead: [],
      seen: [watch.seen[0], { on: '2026-03-03', unitPriceMinor: 48000 }],
    }
    const drawn = curve(same, '2026-03-03', 480, 150)
    expect(drawn.last).toBeNull()
    expect(drawn.lines).toHaveLength(1)
    expect(drawn.dots.every((dot) => Number.isFinite(dot.x) && Number.isFinite(dot.y))).toBe(true)
  })
  it('says how far it can be trusted', () => {
    expect(trusted('NOTHING_PROMISED')).toContain('promises nothing')
    expect(trusted('A_GUESS')).toContain('a guess')
  })

  it('says what another product changes of the whole build', () => {
    const other = (moreMinor: number, soonerDays: number) =>
      changed({ moreMinor, soonerDays } as Alternate, 'EUR')
    expect(other(0, 0)).toBe('the same quote')
    expect(other(1200, 1)).toMatch(/^quote .*12\.00.* more, done 1 day sooner$/)
    expect(other(-50, -3)).toMatch(/^quote .*0\.50.* less, done 3 days later$/)
  })

  it('was asked for, until a price of that day or later is seen', () => {
    const asked = (...days: string[]) =>
      unanswered({
        askedOn: '2026-03-03',
        seen: days.map((on) => ({ on, unitPriceMinor: 1 })),
      } as Offer)
    expect([asked(), asked('2026-03-02'), asked('2026-03-03'), asked('2026-03-09')]).toEqual([
      true,
      true,
      false,
      false,
    ])
    expect(unanswered({ askedOn: null, seen: [] } as unknown as Offer)).toBe(false)
  })
})
