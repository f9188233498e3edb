import { describe, expect, it } from 'vitest'
import { workingTime } from '../ui/words'
import { workingDayMinutes } from './workingDay'

const open = (day: 'MONDAY' | 'TUESDAY', from: string, to: string) => ({ day, from, to })

describe('a working day', () => {
  it('is the mean of the days on which it is open, a break not counted', () => {
    expect(workingDayMinutes([open('MONDAY', '09:00', '17:00')])).toBe(480)
    expect(
      workingDayMinutes([
        open('MONDAY', '09:00', '12:00'),
        open('MONDAY', '13:00', '17:00'),
        open('TUESDAY', '09:00', '12:00'),
      ]),
    ).toBe(300)
    expect(workingDayMinutes([open('MONDAY', '00:00', '23:59')])).toBe(1440)
    expect(workingDayMinutes([])).toBe(480)
  })

  it('takes over from hours where they no longer mean anything', () => {
    expect(workingTime(95, 480)).toBe('1 h 35')
    expect(workingTime(959, 480)).toBe('15 h 59')
    expect(workingTime(960, 480)).toBe('2 working days')
    expect(workingTime(435 * 60 + 25, 480)).toBe('54 working days')
  })
})
