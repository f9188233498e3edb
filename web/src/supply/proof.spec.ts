import { describe, expect, it } from 'vitest'
import { proofWords } from './proof'

describe('a proof that is due', () => {
  const due = { taskKey: 'order:o1/proven', by: '2026-03-12', plannedOn: '2026-03-10' }
  it('is planned before its day, or late', () => {
    expect(proofWords({ ...due, passed: false })).toEqual({
      words: 'to be proven by 12 Mar, planned for 10 Mar',
      late: false,
    })
    expect(proofWords({ ...due, plannedOn: '2026-03-13', passed: false })?.late).toBe(true)
  })
  it('has no day where nobody takes the thing back, and nothing to say where it passed', () => {
    expect(proofWords({ ...due, by: null, plannedOn: null, passed: false })).toEqual({
      words: 'to be proven',
      late: false,
    })
    expect(proofWords({ ...due, passed: true })?.words).toBe('proven')
    expect(proofWords(null)).toBe(null)
  })
})
