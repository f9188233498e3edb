import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { POINT, said, written, type Marks } from './marks'
import { read, readMoney, readWhole } from './reading'
import { slowly } from './slowReader'

const COMMA: Marks = { decimal: ',', group: '.' }
const SPACED: Marks = { decimal: ',', group: '\u202f' }
const SWISS: Marks = { decimal: '.', group: '’' }
const ALL = [POINT, COMMA, SPACED, SWISS]

describe('a length', () => {
  it.each([
    ['12+3.5', 15.5],
    ['1/4"', 6.35],
    ['1 1/4"', 31.75],
    ['1 1/4', 1.25],
    ['2 in', 50.8],
    ['1/3 in', 8.466667],
    ['412', 412],
    ['10 cm - 5', 95],
    [' 1.5m ', 1500],
    ['2*(3 cm)', 60],
    ['2×30', 60],
    ['2 x 30', 60],
    ['(1+2) cm', 30],
    ['100/3 + 2', 35.333333],
    ['1,234.5', 1234.5],
    ['1 234', 1234],
    ["1'234.5", 1234.5],
    ['−4.5', -4.5],
    ['0.1 mm + 100 µm', 0.2],
    ['9.0 mm', 9],
    ['10 cm/2', 50],
    ['± 0.2', 0.2],
  ])('%s is %d mm', (text, value) => expect(read(text, 'mm').value).toBe(value))

  it.each([
    '',
    'abc',
    '12+',
    '1/0',
    '3 parsecs',
    '1 2',
    '1 cm 2',
    '2 cm * 3 cm',
    '1 5/4',
    '(',
    '()',
  ])('can’t be read in “%s”', (text) => expect(read(text, 'mm').value).toBeNull())
})

describe('marks', () => {
  it.each([
    ['3,400', 3400],
    ['1,234.50', 1234.5],
    ['3.4', 3.4],
    ['1,234,567', 1234567],
  ])('with a point: %s is %d', (text, value) => expect(read(text, 'mm', POINT).value).toBe(value))

  it.each([
    ['3.400', 3400],
    ['1.234,50', 1234.5],
    ['3,4', 3.4],
    ['1 234,5', 1234.5],
  ])('with a comma: %s is %d', (text, value) => expect(read(text, 'mm', COMMA).value).toBe(value))

  it.each([
    ['3,40', POINT, '3.40 or 3,400', [3.4, 3400]],
    ['3,4', POINT, '3.4 or 3,400', [3.4, 3400]],
    ['3.40', COMMA, '3,40 or 3.400', [3.4, 3400]],
    ['0,15', POINT, '0.15', [0.15]],
    ['3,400', SWISS, '3.400 or 3’400', [3.4, 3400]],
  ] as const)('%s is asked about', (text, marks, words, values) => {
    const reading = read(text, 'mm', marks)
    expect(reading.value).toBeNull()
    expect(reading.sentence).toContain(words)
    expect(reading.offers?.map((offer) => offer.value)).toEqual(values)
  })

  it('an offer is what the whole line would be', () => {
    expect(read('2 * 3,40 cm', 'mm').offers?.map((offer) => offer.value)).toEqual([68, 68000])
  })
})

describe('times, with units behind each other', () => {
  it.each([
    ['1h30', 'min', 90],
    ['1 h 05', 'min', 65],
    ['1h30m', 'min', 90],
    ['1:30', 'min', 90],
    ['0:05 h', 'min', 5],
    ['1:30', 'h', 1.5],
    ['1:30+0:15', 'min', 105],
    ['2*(0:20)', 'min', 40],
    ['3d', 'min', 4320],
    ['2 d 19 h', 'min', 4020],
    ['45', 'min', 45],
    ['1h + 15 min', 'min', 75],
    ['90 min', 'h', 1.5],
    ['2 min', 's', 120],
    ['2 weeks', 'days', 14],
    ['−281 h 48', 'min', -16908],
  ])('%s in %s is %d', (text, unit, value) => expect(read(text, unit).value).toBe(value))

  it.each([
    ['1:75', 'min'],
    ['1:3', 'min'],
    ['1:30', 's'],
    ['1:30', 'mm'],
  ])('%s in %s is not', (text, unit) => expect(read(text, unit).value).toBeNull())
})

describe('whole numbers', () => {
  it.each([
    ['2.5', '×', 'Whole numbers only: 2 or 3?', [2, 3]],
    ['1.26 h', 'min', 'Whole min only: 75 or 76?', [75, 76]],
    ['−0.5', '', 'Whole numbers only: −1 or 0?', [-1, 0]],
    ['1 1/4 years', 'months', undefined, undefined],
    ['1,000.5', 'days', 'Whole days only: 1,000 or 1,001?', [1000, 1001]],
  ])('%s in %s', (text, unit, sentence, offered) => {
    const reading = readWhole(text, unit)
    expect(reading.sentence).toBe(sentence)
    expect(reading.offers?.map((each) => each.value)).toEqual(offered)
  })

  it('are read as any number otherwise', () => {
    expect(readWhole('3 years', 'months')).toEqual({ value: 36 })
    expect(readWhole('0.5 h', 'min')).toEqual({ value: 30 })
    expect(readWhole('3 mm', 'months').sentence).toContain('months')
  })
})

describe('dimensions', () => {
  it.each([
    ['2 TB', 'GB', 2000],
    ['0.15 kW', 'W', 150],
    ['850 g', 'kg', 0.85],
    ['68 °F', '°C', 20],
    ['9 °F', 'K', 5],
    ['295.15 K', '°C', 22],
    ['5 °C', 'K', 5],
    ['30 %', '', 0.3],
    ['0.3', '', 0.3],
    ['50 cl', 'ml', 500],
    ['1 kN', 'N', 1000],
    ['60/m', '/m', 60],
    ['2 ×', '×', 2],
    ['× 2', '×', 2],
    ['4 pieces', '×', 4],
    ['90*9.81*2', 'N', 1765.8],
    ['250 mA', 'A', 0.25],
    ['6 m/min', 'mm/s', 100],
    ['0.05 mm', 'µm', 50],
    ['180 cm²', 'm²', 0.018],
    ['23.1 °C', '°C', 23.1],
    ['1,766 N', 'N', 1766],
    ['300 lux', 'lx', 300],
    ['250 nits', 'cd/m²', 250],
    ['250 mΩ/m', 'Ω/m', 0.25],
    ['0.3 ohm/m', 'Ω/m', 0.3],
    ['38 cd/m2', 'cd/m²', 38],
  ])('%s in %s is %d', (text, unit, value) => expect(read(text, unit).value).toBe(value))

  it.each([
    ['850 g', 'mm', 'takes a length'],
    ['2 cm', 'kg', 'takes a mass: write kg, g, lb or oz, not cm'],
    ['5 W', '×', 'takes a plain number'],
    ['3 parsecs', 'mm', 'no unit known here'],
    ['20 °C', 'min', 'takes a time'],
  ])('%s in %s is refused', (text, unit, words) => {
    const reading = read(text, unit)
    expect(reading.value).toBeNull()
    expect(reading.sentence).toContain(words)
  })

  it('a mass in a force is refused with the forces it makes', () => {
    const reading = read('90 kg', 'N')
    expect(reading.value).toBeNull()
    expect(reading.offers).toEqual([
      { label: 'it stands there: 883 N', value: 882.9 },
      { label: '× 2, somebody sits down on it: 1,766 N', value: 1765.8 },
    ])
  })
})

describe('money', () => {
  it.each([
    ['12.50', 1250],
    ['€3,400.00', 340000],
    ['3,400', 340000],
    ['EUR 9.90', 990],
    ['0.1+0.2', 30],
    ['2 * 12.50', 2500],
  ])('%s is %d cents', (text, minor) => expect(readMoney(text, 2, 'EUR').value).toBe(minor))

  it('asks about 3,40 and refuses another currency', () => {
    expect(readMoney('3,40', 2, 'EUR').offers?.map((offer) => offer.value)).toEqual([340, 340000])
    const typed = readMoney('3,400', 2, 'EUR', COMMA) // thousands, or three decimals?
    expect(typed.sentence).toBe('“3,400” has more decimals than EUR: 3,40 or 3.400,00?')
    expect(typed.offers?.map((offer) => offer.value)).toEqual([340, 340000])
    expect(readMoney('0,125', 2, 'EUR', COMMA).offers?.map((offer) => offer.value)).toEqual([13])
    expect(readMoney('12.5', 0, 'JPY').offers?.map((offer) => offer.label)).toEqual(['13'])
    expect(readMoney('3.400', 3, 'KWD').value).toBe(3400)
    expect(readMoney('$5', 2, 'EUR').sentence).toContain('in EUR')
    expect(readMoney('5 cans', 2, 'EUR').value).toBeNull()
    expect(readMoney('-5', 2, 'EUR').value).toBeNull()
  })
})

describe('what is printed', () => {
  it('reads back as the same number, whatever the marks', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2_000_000_000, max: 2_000_000_000 }),
        fc.integer({ min: 0, max: 6 }),
        fc.constantFrom(...ALL),
        (whole, digits, marks) => {
          const value = Number((whole / 10 ** digits).toFixed(digits))
          expect(read(written(value, marks), 'mm', marks).value).toBe(value === 0 ? 0 : value)
        },
      ),
      { numRuns: 3000 },
    )
  })

  it('is the same for every amount of money', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 9_999_999_99 }),
        fc.constantFrom(...ALL),
        (minor, marks) => {
          expect(readMoney('€' + written(minor / 100, marks, 2, 2), 2, 'EUR', marks).value).toBe(
            minor,
          )
        },
      ),
      { numRuns: 3000 },
    )
  })

  it('by the server has a point, and is said with the workshop’s marks', () => {
    const sentence =
      'Screw M2.5 on USB 3.2: 1,234.5 mm of 9.0 mm, €3,400.00 at 12.30, room 20, 5 left.'
    expect(said(sentence, POINT)).toBe(sentence)
    expect(said(sentence, COMMA)).toBe(
      'Screw M2.5 on USB 3.2: 1.234,5 mm of 9,0 mm, €3.400,00 at 12,30, room 20, 5 left.',
    )
  })
})

describe('any text of digits, marks, units and operators', () => {
  it('with a blank where decimals would stand is refused', () => {
    expect(read('1. 1/11', 'mm').value).toBeNull()
    expect(read('3, 5', 'mm', COMMA).value).toBeNull()
  })

  const pieces = [
    '1',
    '2',
    '30',
    '400',
    '0',
    '.',
    ',',
    "'",
    ' ',
    '+',
    '-',
    '*',
    '/',
    '(',
    ')',
    'mm',
    'cm',
    '"',
  ]
  it('is read as an independent reader reads it, or refused', () => {
    let readable = 0
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...pieces), { minLength: 1, maxLength: 9 }),
        fc.constantFrom(...ALL),
        (parts, marks) => {
          const text = parts.join('')
          const { value } = read(text, 'mm', marks)
          if (value === null) return
          readable++
          const slow = slowly(text, marks)
          const near = slow !== null && Math.abs(value - slow) <= Math.abs(slow) * 1e-12
          expect({ text, value: near ? slow : value }).toEqual({ text, value: slow })
        },
      ),
      { numRuns: 20_000 },
    )
    expect(readable).toBeGreaterThan(1000)
  })

  it('made as a sum of products is never refused', () => {
    const factor = fc.integer({ min: 1, max: 99999 }).map((n) => n / 100)
    const term = fc.array(factor, { minLength: 1, maxLength: 3 })
    fc.assert(
      fc.property(
        fc.array(term, { minLength: 1, maxLength: 4 }),
        fc.constantFrom(...ALL),
        (terms, marks) => {
          const text = terms
            .map((each) => each.map((n) => written(n, marks)).join(' * '))
            .join(' + ')
          const sum = terms.reduce((all, each) => all + each.reduce((a, b) => a * b, 1), 0)
          if (sum < 1e12) expect(read(text, 'mm', marks).value).toBeCloseTo(sum, 2)
        },
      ),
    )
  })
})
