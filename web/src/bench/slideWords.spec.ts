import { describe, expect, it } from 'vitest'
import { hoursWords, slidWords } from './slideWords'

const hours = (from: string, to: string) => ({ day: 'MONDAY' as const, from, to })
const build = (change: object) => ({
  buildId: 'b',
  buildName: 'Moss Archive',
  finishBefore: '2026-03-18',
  finishAfter: '2026-03-20',
  spareBefore: 4,
  spareAfter: 2,
  verdictBefore: 'ON_TIME' as const,
  verdictAfter: 'TIGHT' as const,
  ...change,
})

describe('what slides, in words', () => {
  it('writes hours from to, and midnight as 24:00', () => {
    expect(hoursWords([hours('09:00:00', '12:45:00'), hours('20:00:00', '23:59:00')])).toBe(
      '09:00–12:45, 20:00–24:00',
    )
  })

  it('says the days and what is left before the reveal', () => {
    expect(slidWords(build({}))).toBe(
      'Moss Archive is done on 20 Mar instead of 18 Mar, 2 working days before its reveal.',
    )
    expect(slidWords(build({ spareAfter: -1.5, verdictAfter: 'LATE' }))).toBe(
      'Moss Archive is done on 20 Mar instead of 18 Mar, 1.5 working days after its reveal.',
    )
  })

  it('says nothing of a reveal that is not known or as far as before', () => {
    expect(slidWords(build({ spareAfter: null }))).toBe(
      'Moss Archive is done on 20 Mar instead of 18 Mar.',
    )
    expect(slidWords(build({ verdictAfter: 'ON_TIME' }))).toBe(
      'Moss Archive is done on 20 Mar instead of 18 Mar.',
    )
    expect(slidWords(build({ finishAfter: null, spareAfter: null }))).toContain('an open day')
    expect(slidWords(build({ finishAfter: '2026-03-18', verdictAfter: 'ON_TIME' }))).toBe(
      'Moss Archive is done on 18 Mar as before.',
    )
  })
})
