import type { OpenHours } from '../api/types'

const minuteOf = (time: string) => {
  const [hours, minutes] = time.split(':').map(Number)
  return time.startsWith('23:59') ? 24 * 60 : hours * 60 + minutes
}

/** Working minutes of a day of the workshop, on average over the days on which it is open. */
export function workingDayMinutes(hours: OpenHours[]): number {
  const days = new Set(hours.map((open) => open.day)).size
  const minutes = hours.reduce((sum, open) => sum + minuteOf(open.to) - minuteOf(open.from), 0)
  return days === 0 ? 8 * 60 : minutes / days
}
