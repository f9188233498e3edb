import { describe, expect, it } from 'vitest'
import { thing } from './fakeThing'
import { ageOf, amount, shortOf, there, wants } from './useRack'

const depot = { buildId: 'd', buildName: 'Line 9 Depot', needKey: 'k', quantity: 79.4, coming: 0 }

describe('what runs short', () => {
  it('says how long a rest lies there: days, then months, nothing where nobody knows', () => {
    expect(ageOf('2026-03-03', '2026-03-03')).toBe('from today')
    expect(ageOf('2026-02-26', '2026-03-03')).toBe('5 days old')
    expect(ageOf('2025-01-07', '2026-03-03')).toBe('14 months old')
    expect(ageOf('2026-03-09', '2026-03-03')).toBe('from today')
    expect(ageOf(null, '2026-03-03')).toBe('')
  })
  it('says how much is missing and who wants it, before what is low or old', () => {
    const notes = shortOf([
      thing('sky', { old: true, have: 60 }),
      thing('inserts', { low: true, have: 6, unit: 'pieces' }),
      thing('red', { missing: 44.4, wanted: 79.4, have: 35, users: [depot] }),
      thing('fern', { wanted: 10, have: 20 }),
    ])
    expect(notes.map((note) => note.title)).toEqual([
      'red: 44 ml missing',
      'inserts runs low',
      'sky dries up',
    ])
    expect(notes[0].detail).toBe('Line 9 Depot wants 79 ml, 35 ml on the rack.')
    expect(notes[2].detail).toContain('nobody wants it')
  })
  it('says of an old can that somebody wants to try it first', () => {
    const [note] = shortOf([thing('sky', { old: true, have: 90, wanted: 79, users: [depot] })])
    expect(note.detail).toContain('spray a test card')
  })
  it('is silent about what is there', () => {
    expect(shortOf([thing('fern', { have: 5, wanted: 5 })])).toEqual([])
    expect(wants(thing('fern'))).toBe('nobody wants any')
  })
})

describe('amounts on the rack', () => {
  it('are as fine as one can see them', () => {
    expect(amount({ unit: 'ml' }, 79.44)).toBe('79 ml')
    expect(amount({ unit: 'm' }, 3.24)).toBe('3.2 m')
    expect(amount({ unit: 'm²' }, 0.024)).toBe('0.02 m²')
    expect(amount({ unit: 'pieces' }, 22)).toBe('22 pieces')
  })
  it('are shown where some is there or wanted', () => {
    expect([
      there(thing('a')),
      there(thing('b', { have: 1 })),
      there(thing('c', { wanted: 1 })),
    ]).toEqual([false, true, true])
  })
})
