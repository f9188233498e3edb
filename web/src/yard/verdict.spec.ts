import { describe, expect, it } from 'vitest'
import type { YardRow } from '../api/types'
import { verdictWords } from './verdict'

function row(verdict: YardRow['fuse']['verdict'], spareDays: number | null): YardRow {
  return {
    fuse: { verdict, spareDays, finish: '2026-03-20' },
    answered: 5,
    questions: 7,
    loggedMinutes: 3690,
    guessedMinutes: 0,
    earnedPerHourMinor: 1420,
  } as YardRow
}
const money = (minor: number) => `€${minor / 100}`

describe('how a build stands', () => {
  it('says late, tight and on time by sign and by word', () => {
    expect(verdictWords(row('LATE', -2.3), money)).toEqual({
      sign: 'stop',
      verdict: 'Late',
      detail: '2.3 working days past the reveal',
    })
    expect(verdictWords(row('TIGHT', 1.7), money).sign).toBe('risk')
    expect(verdictWords(row('ON_TIME', 12), money).detail).toBe('12 working days spare')
  })

  it('says what is agreed without a day, and when nothing is left', () => {
    const undated = row('UNDATED', null)
    expect(verdictWords(undated, money)).toEqual({
      sign: 'note',
      verdict: 'No reveal date',
      detail: 'planned finish 20 Mar',
    })
    const done = { ...row('ON_TIME', null) }
    done.fuse = { ...done.fuse, finish: null }
    expect(verdictWords(done, money).detail).toBe('nothing left to plan')
  })

  it('tells answers of an enquiry and the earned hour of a revealed build', () => {
    expect(verdictWords(row('ENQUIRY', null), money).detail).toBe('5 of 7 answers')
    expect(verdictWords(row('REVEALED', null), money).detail).toBe('61 h 30 · €14.2 an hour')
    expect(verdictWords(row('REVEALED', null), () => '').detail).toBe('61 h 30')
    const guessed = { ...row('REVEALED', null), guessedMinutes: 90 }
    expect(verdictWords(guessed, money).detail).toBe('63 h · 1 h 30 of it guessed · €14.2 an hour')
  })
})
