import type { YardRow } from '../api/types'
import { day, duration } from '../ui/words'

export interface Verdict {
  sign: 'stop' | 'risk' | 'note' | 'done'
  verdict: string
  detail: string
}

/** How a build stands, in words; the sign says the same by shape. */
export function verdictWords(row: YardRow, money: (minor: number) => string): Verdict {
  const spare = row.fuse.spareDays ?? 0
  const days = (count: number) => `${Math.abs(count)} working days`
  switch (row.fuse.verdict) {
    case 'LATE':
      return { sign: 'stop', verdict: 'Late', detail: `${days(spare)} past the reveal` }
    case 'TIGHT':
      return { sign: 'risk', verdict: 'Tight', detail: `${days(spare)} spare` }
    case 'ON_TIME':
      return {
        sign: 'done',
        verdict: 'On time',
        detail: row.fuse.finish ? `${days(spare)} spare` : 'nothing left to plan',
      }
    case 'UNDATED':
      return {
        sign: 'note',
        verdict: 'No reveal date',
        detail: row.fuse.finish ? `planned finish ${day(row.fuse.finish)}` : 'nothing left to plan',
      }
    case 'REVEALED': {
      const earned = row.earnedPerHourMinor ? money(row.earnedPerHourMinor) : ''
      const guessed = row.guessedMinutes ? `${duration(row.guessedMinutes)} of it guessed` : ''
      const hours = duration(row.loggedMinutes + row.guessedMinutes)
      const detail = [hours, guessed, earned && `${earned} an hour`]
      return { sign: 'note', verdict: 'Revealed', detail: detail.filter(Boolean).join(' · ') }
    }
    default:
      return {
        sign: 'note',
        verdict: 'Brief',
        detail: `${row.answered} of ${row.questions} answers`,
      }
  }
}
