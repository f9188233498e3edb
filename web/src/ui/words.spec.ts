import { describe, expect, it } from 'vitest'
import { count, day, duration, mm, money, workingTime } from './words'

describe('how numbers are written', () => {
  it('always with their unit', () => {
    expect(mm(77.6)).toBe('77.6 mm')
    expect(duration(95)).toBe('1 h 35')
    expect(duration(40)).toBe('40 min')
    expect(duration(-5)).toBe('−5 min')
    expect(duration(-16908)).toBe('−281 h 48')
    expect(money(286000, 'EUR')).toBe('€2,860.00')
    expect(day('2026-03-03')).toBe('3 Mar')
  })

  it('one as one, of cans and of packs', () => {
    expect(count(1, 'cans')).toBe('1 can')
    expect(count(2, 'cans')).toBe('2 cans')
    expect(count(1, 'packs of 10 sheets')).toBe('1 pack of 10 sheets')
    expect(count(0.44, 'packs of 50 pieces')).toBe('0.44 packs of 50 pieces')
    expect(count(1, 'm')).toBe('1 m')
  })

  it('in working days where hours no longer mean anything', () => {
    expect(workingTime(95, 450)).toBe('1 h 35')
    expect(workingTime(899, 450)).toBe('14 h 59')
    expect(workingTime(900, 450)).toBe('2 working days')
    expect(workingTime(435 * 60 + 25, 480)).toBe('54 working days')
  })
})
