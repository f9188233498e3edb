/** Days and times of day as people write them, and as ISO texts. */
const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ')
const FIRST_YEAR = 1970
const LAST_YEAR = 2200

/** A day or time that was read, as ISO text, or the sentence that says what would do. */
export type Moment =
  | { iso: string; sentence?: undefined; open?: boolean }
  | { iso: null; sentence: string; open?: undefined }

const cannot = (sentence: string): Moment => ({ iso: null, sentence })

/**
 * Reads a day: `9 Mar 2026`, `9/3/26`, `9.3.`, `2026-03-09`, `today`, `tomorrow`. Without a year it is
 * the next such day from today on. With points the day comes first, with `/` as the workshop says.
 *
 * @param today ISO date of the bench
 */
export function readDay(text: string, dates: 'DAY_FIRST' | 'MONTH_FIRST', today: string): Moment {
  const line = text
    .trim()
    .toLowerCase()
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*,?\s+/, '')
  if (line === 'today') return { iso: today }
  if (line === 'tomorrow') return { iso: later(today, 1) }
  const iso = line.match(/^(\d{4})-(\d{1,2})-(\d{1,2})$/)
  if (iso) return valid(Number(iso[1]), Number(iso[2]), Number(iso[3]))
  const named =
    line.match(/^(\d{1,2})\.?\s*([a-z]{3,9})\.?,?(?:\s*(\d{4}|\d{2}))?$/) ??
    swapped(line.match(/^([a-z]{3,9})\.?\s*(\d{1,2})(?:,?\s+(\d{4}|\d{2}))?$/))
  if (named) {
    const month = MONTHS.findIndex((name) => named[2].startsWith(name)) + 1
    if (!month) return cannot(`“${named[2]}” is no month. Write 9 Mar 2026.`)
    return dated(named[3], month, Number(named[1]), today)
  }
  const digits = line.match(/^(\d{1,2})([./-])(\d{1,2})(?:\2|(?:\2(\d{4}|\d{2})))?$/)
  if (!digits) return cannot('Can’t read this day. Write 9 Mar 2026.')
  const monthFirst = dates === 'MONTH_FIRST' && digits[2] !== '.'
  const [day, month] = monthFirst ? [digits[3], digits[1]] : [digits[1], digits[3]]
  return dated(digits[4], Number(month), Number(day), today)
}
function swapped(found: RegExpMatchArray | null) {
  return found ? ['', found[2], found[1], found[3]] : null
}
function dated(year: string | undefined, month: number, day: number, today: string): Moment {
  if (year?.length === 4) return valid(Number(year), month, day)
  // two digits may be the first of four: `9 Mar 20` on the way to 2026
  if (year) return open(valid(Number(`20${year}`), month, day))
  const thisYear = valid(Number(today.slice(0, 4)), month, day)
  if (thisYear.iso === null || thisYear.iso >= today) return open(thisYear)
  return open(valid(Number(today.slice(0, 4)) + 1, month, day))
}
/** It reads as a day, and a year may still follow: taken when the field is left. */
function open(moment: Moment): Moment {
  return moment.iso === null ? moment : { ...moment, open: true }
}
function valid(year: number, month: number, day: number): Moment {
  if (year < FIRST_YEAR || year > LAST_YEAR)
    return cannot(`A year between ${FIRST_YEAR} and ${LAST_YEAR}.`)
  if (month < 1 || month > 12) return cannot(`There is no month ${month}. Write 9 Mar 2026.`)
  const date = new Date(Date.UTC(year, month - 1, day))
  if (date.getUTCMonth() !== month - 1 || day < 1) return cannot(`That month has no day ${day}.`)
  return { iso: date.toISOString().slice(0, 10) }
}
function later(iso: string, days: number): string {
  return new Date(Date.parse(iso + 'T00:00Z') + days * 864e5).toISOString().slice(0, 10)
}

/** `2026-03-09` → "9 Mar 2026": months by name, so that nobody has to ask which number is which. */
export function writtenDay(iso: string | null | undefined): string {
  const found = iso?.match(/^(\d{4})-(\d{2})-(\d{2})/)
  if (!found) return ''
  const name = MONTHS[Number(found[2]) - 1]
  return `${Number(found[3])} ${name.charAt(0).toUpperCase()}${name.slice(1)} ${found[1]}`
}

/** Reads a time of day: `9`, `9:30`, `9.30`, `0930`, `9h30`, `9 am`, `9:30 pm`, `noon`. */
export function readTime(text: string): Moment {
  const line = text
    .trim()
    .toLowerCase()
    .replaceAll('.m.', 'm')
    .replaceAll('a.m', 'am')
    .replaceAll('p.m', 'pm')
  if (line === 'noon') return { iso: '12:00' }
  const found =
    line.match(/^(\d{1,2})(?:\s*[:.h]\s*(\d{2})?)?\s*(am|pm|a|p)?$/) ??
    line.match(/^(\d{1,2})(\d{2})\s*(am|pm|a|p)?$/)
  if (!found) return cannot('Can’t read this time. Write 9:30.')
  let hours = Number(found[1])
  const minutes = Number(found[2] ?? 0)
  const half = found[3]?.[0]
  if (half && (hours < 1 || hours > 12)) return cannot(`There is no ${hours} ${found[3]}.`)
  if (half) hours = (hours % 12) + (half === 'p' ? 12 : 0)
  if (hours > 23 || minutes > 59) return cannot('A time lies between 0:00 and 23:59.')
  return { iso: `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}` }
}
