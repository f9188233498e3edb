import { describe, expect, it } from 'vitest'
import type { Requirement } from '../api/types'
import { answered, MEASURES, newLimit, wayOf } from './requirementWords'

const wish = {
  id: 'r',
  text: 'low',
  priority: 'MUST',
  kind: 'LOOK',
  answer: '',
  outcome: 'OPEN',
} as Requirement
const limit = newLimit('HEIGHT_MM', '2026-04-01', '#2E4A45')

describe('ways to answer a requirement', () => {
  it('take the kind of their measure', () => {
    for (const { value, kind } of MEASURES) {
      const changed = answered(wish, 'measure', newLimit(value, '2026-04-01', '#2E4A45'))
      expect(changed.kind).toBe(kind)
      expect(wayOf(changed)).toBe('measure')
    }
  })
  it('leave nothing of the old way behind', () => {
    const ban = answered(answered(wish, 'measure', limit), 'ban', limit)
    expect(ban).toMatchObject({ kind: 'BAN', limit: null })
    expect(wayOf(ban)).toBe('ban')
    const person = answered(ban, 'person', limit)
    expect(person).toMatchObject({ kind: 'LOOK', limit: null, ban: null })
    expect(person.text).toBe('low')
  })
  it('start at least for capacities and at most for the rest', () => {
    expect(newLimit('STORAGE_GB', '', '').comparison).toBe('AT_LEAST')
    expect(newLimit('MASS_KG', '', '').comparison).toBe('AT_MOST')
  })
  it('give a day and a colour only where they belong', () => {
    expect(newLimit('REVEAL_DAY', '2026-04-01', '#000000')).toMatchObject({
      day: '2026-04-01',
      targetHex: null,
    })
    expect(newLimit('COLOUR_DELTA_E00', '2026-04-01', '#2E4A45')).toMatchObject({
      day: null,
      targetHex: '#2E4A45',
    })
  })
})
