import { describe, expect, it } from 'vitest'
import { daysFrom, dewPointC, noSpray, solventFactor } from './airWords'

describe('air', () => {
  it('dries as the handbook says', () => {
    expect(solventFactor(14, 70)).toBeCloseTo(1.7, 2)
    expect(solventFactor(20, 50)).toBe(1)
    expect(dewPointC(18, 70)).toBeCloseTo(12.4, 1)
  })
  it('says why one may not spray', () => {
    expect(noSpray(18, 86)).toBe('over 85 %')
    expect(noSpray(9, 50)).toBe('under 10 °C')
    expect(noSpray(33, 50)).toBe('over 32 °C')
    expect(noSpray(13, 84)).toBe('dew point too near')
    expect(noSpray(14, 70)).toBe('')
  })
  it('counts days over the end of a month', () => {
    expect(daysFrom('2026-02-27', 3)).toEqual(['2026-02-27', '2026-02-28', '2026-03-01'])
  })
})
