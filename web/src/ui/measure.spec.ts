import { describe, expect, it } from 'vitest'
import { readMeasure, readMoney } from './measure'
import { duration, mm, money, day } from './words'

describe('what builders type', () => {
  it.each([
    ['12+3.5', 15.5],
    ['1/4"', 6.35],
    ['2 in', 50.8],
    ['412', 412],
    ['2,5', 2.5],
    ['10 cm - 5', 95],
    [' 1.5m ', 1500],
  ])('reads %s as %d mm', (text, value) => expect(readMeasure(text, 'length')).toBe(value))

  it.each([
    ['1h30', 90],
    ['3d', 4320],
    ['45', 45],
    ['1h + 15 min', 75],
  ])('reads %s as %d minutes', (text, value) => expect(readMeasure(text, 'duration')).toBe(value))

  it.each(['', 'abc', '12+', '1/0', '3 parsecs', '--2', '1 2'])('can’t read “%s”', (text) =>
    expect(readMeasure(text, 'length')).toBeNull(),
  )

  it('adds as often as there are signs', () => {
    for (let n = 1; n < 30; n++) {
      const terms = Array.from({ length: n }, (_, i) => i + 0.5)
      const sum = terms.reduce((a, b) => a + b, 0)
      expect(readMeasure(terms.join('+'), 'length')).toBeCloseTo(sum, 6)
    }
  })

  it('keeps money in whole minor units', () => {
    expect(readMoney('12.50', 2)).toBe(1250)
    expect(readMoney('€ 9,90', 2)).toBe(990)
    expect(readMoney('0.1+0.2', 2)).toBe(30)
    expect(readMoney('x', 2)).toBeNull()
    for (let minor = 0; minor < 5000; minor += 37) {
      expect(readMoney((minor / 100).toFixed(2), 2)).toBe(minor)
    }
  })
})

describe('how numbers are written', () => {
  it('always with their unit', () => {
    expect(mm(77.6)).toBe('77.6 mm')
    expect(duration(95)).toBe('1 h 35')
    expect(duration(40)).toBe('40 min')
    expect(money(286000, 'EUR')).toBe('€2,860.00')
    expect(day('2026-03-03')).toBe('3 Mar')
  })
})
