import type { DaySlides, OpenHours } from '../api/types'
import { clockTime } from '../units/writing'
import { day } from '../ui/words'

/** 09:00–12:45, 13:15–17:00 */
export function hoursWords(hours: OpenHours[]): string {
  return hours.map((each) => `${time(each.from)}–${time(each.to)}`).join(', ')
}

/** 23:59 stands for midnight: a time of day can’t say 24:00. */
function time(text: string): string {
  return text.startsWith('23:59') ? '24:00' : clockTime(text.slice(0, 5))
}

/** What becomes of a build, as a sentence. */
export function slidWords(each: DaySlides['builds'][number]): string {
  const is = each.finishAfter ? day(each.finishAfter) : 'an open day'
  const was = each.finishBefore ? day(each.finishBefore) : 'an open day'
  const moved = is === was ? `is done on ${is} as before` : `is done on ${is} instead of ${was}`
  return `${each.buildName} ${moved}${verdict(each)}.`
}

function verdict(each: DaySlides['builds'][number]): string {
  const spare = each.spareAfter
  if (spare === null || spare === undefined) return ''
  if (spare < 0) return `, ${-spare} working days after its reveal`
  return each.verdictAfter === each.verdictBefore ? '' : `, ${spare} working days before its reveal`
}
