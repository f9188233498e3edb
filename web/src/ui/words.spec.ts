import { describe, expect, it } from 'vitest'
import { day, duration, mm, money } from './words'

describe('how numbers are written', () => {
  it('always with their unit', () => {
    expect(mm(77.6)).toBe('77.6 mm')
    expect(duration(95)).toBe('1 h 35')
    expect(duration(40)).toBe('40 min')
    expect(money(286000, 'EUR')).toBe('€2,860.00')
    expect(day('2026-03-03')).toBe('3 Mar')
  })
})
