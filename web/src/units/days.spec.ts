import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import { readDay, readTime, writtenDay } from './days'
import { clockTime, fixed, said, writing } from './writing'

const TODAY = '2026-11-27'
const usual = writing.value
afterEach(() => (writing.value = usual))

describe('a day', () => {
  it.each([
    ['9 Mar 2026', '2026-03-09'],
    ['9 March 2026', '2026-03-09'],
    ['Mon 9 Mar 2026', '2026-03-09'],
    ['Mar 9, 2026', '2026-03-09'],
    ['9.3.26', '2026-03-09'],
    ['9.3.', '2027-03-09'],
    ['9/3/2026', '2026-03-09'],
    ['2026-3-9', '2026-03-09'],
    ['28 Nov', '2026-11-28'],
    ['26 Nov', '2027-11-26'],
    ['today', '2026-11-27'],
    ['tomorrow', '2026-11-28'],
    ['29 Feb 2028', '2028-02-29'],
  ])('%s is %s', (text, iso) => expect(readDay(text, 'DAY_FIRST', TODAY).iso).toBe(iso))

  it('is not taken while its year may still be on the way', () => {
    const way = ['9 Mar', '9 Mar 2', '9 Mar 20', '9 Mar 202', '9 Mar 2026']
    const taken = way
      .map((text) => readDay(text, 'DAY_FIRST', TODAY))
      .filter((day) => day.iso && !day.open)
    expect(taken.map((day) => day.iso)).toEqual(['2026-03-09'])
  })

  it('of digits is read as the workshop writes it; points put the day first', () => {
    expect(readDay('3/9/2026', 'MONTH_FIRST', TODAY).iso).toBe('2026-03-09')
    expect(readDay('9.3.2026', 'MONTH_FIRST', TODAY).iso).toBe('2026-03-09')
    expect(readDay('13/9/2026', 'MONTH_FIRST', TODAY).sentence).toContain('no month 13')
  })

  it.each([
    '29 Feb 2026',
    '31 Apr 2026',
    '9 Mar 1965',
    '9 Mar 2999',
    '9 Blue 2026',
    'soon',
    '9',
    '0.3.26',
  ])('%s is refused with a sentence', (text) => {
    const { iso, sentence } = readDay(text, 'DAY_FIRST', TODAY)
    expect(iso).toBeNull()
    expect(sentence).toBeTruthy()
  })

  it('as written reads back, for every day there is', () => {
    const day = fc.date({
      min: new Date('1970-01-01'),
      max: new Date('2200-12-31'),
      noInvalidDate: true,
    })
    fc.assert(
      fc.property(day, fc.constantFrom('DAY_FIRST', 'MONTH_FIRST'), (date, dates) => {
        const iso = date.toISOString().slice(0, 10)
        expect(readDay(writtenDay(iso), dates as 'DAY_FIRST', TODAY).iso).toBe(iso)
      }),
    )
  })
})

describe('a time', () => {
  it.each([
    ['9', '09:00'],
    ['9:30', '09:30'],
    ['9.30', '09:30'],
    ['0930', '09:30'],
    ['9h30', '09:30'],
    ['9 am', '09:00'],
    ['12 am', '00:00'],
    ['12:05 pm', '12:05'],
    ['9:30 p.m.', '21:30'],
    ['noon', '12:00'],
  ])('%s is %s', (text, iso) => expect(readTime(text).iso).toBe(iso))

  it.each(['25', '9:75', '13 pm', 'late', ''])('“%s” is refused', (text) =>
    expect(readTime(text).iso).toBeNull(),
  )

  it('as written reads back, with 24 hours and with 12', () => {
    for (const clock of ['HOURS_24', 'HOURS_12'] as const) {
      writing.value = { ...usual, clock }
      for (let minute = 0; minute < 1440; minute += 7) {
        const iso = new Date(minute * 60_000).toISOString().slice(11, 16)
        expect(readTime(clockTime(iso)).iso).toBe(iso)
      }
    }
  })
})

describe('what the server says', () => {
  it('has the workshop’s marks and clock', () => {
    writing.value = { decimal: 'COMMA', group: 'POINT', clock: 'HOURS_12', dates: 'DAY_FIRST' }
    expect(said('Window border is 6.0 mm until Thu 26 Mar 14:05; €1,234.50')).toBe(
      'Window border is 6,0 mm until Thu 26 Mar 2:05 pm; €1.234,50',
    )
    expect(fixed(9, 1)).toBe('9,0')
  })
})
