import { written } from '../units/marks'
import { clockTime, fixed, marks, zone } from '../units/writing'
import { localOf } from '../units/zone'

/** How numbers, days and names are written on screens. */

export function mm(value: number): string {
  return `${fixed(value, 1)} mm`
}

export function duration(minutes: number): string {
  const whole = Math.round(minutes)
  if (whole < 0) return `−${duration(-whole)}`
  const hours = Math.floor(whole / 60)
  const rest = whole % 60
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`
}

/** Working time: hours as long as they mean something, then working days of so many minutes. */
export function workingTime(minutes: number, dayMinutes: number): string {
  if (Math.abs(minutes) < 2 * dayMinutes) return duration(minutes)
  return `${Math.floor(minutes / dayMinutes)} working days`
}

export function moneyDigits(currency: string): number {
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency }).resolvedOptions()
    .maximumFractionDigits as number
}

export function money(minor: number, currency: string): string {
  const digits = moneyDigits(currency)
  const sign = new Intl.NumberFormat('en-GB', { style: 'currency', currency })
    .formatToParts(1)
    .find((part) => part.type === 'currency')!.value
  const amount = written(Math.abs(minor) / 10 ** digits, marks.value, digits, digits)
  return `${minor < 0 ? '-' : ''}${sign}${amount}`
}

const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ')
const WEEKDAYS = 'Sun Mon Tue Wed Thu Fri Sat'.split(' ')

/** Days of the bench clock, read without any time zone. */
export function dateOf(text: string): Date {
  const [date, time = '00:00'] = text.split('T')
  const [year, month, dayOfMonth] = date.split('-').map(Number)
  const [hours, minutes] = time.split(':').map(Number)
  return new Date(Date.UTC(year, month - 1, dayOfMonth, hours, minutes))
}

export function day(text: string): string {
  const date = dateOf(text)
  return `${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`
}

/** The day of an instant, in the workshop: 23:49 UTC may be tomorrow. */
export function dayHere(instant: string): string {
  return day(localOf(instant, zone.value))
}

export function clockHere(instant: string): string {
  return clock(localOf(instant, zone.value))
}

export function weekday(text: string): string {
  return `${WEEKDAYS[dateOf(text).getUTCDay()]} ${day(text)}`
}

export function clock(text: string): string {
  return clockTime(text.slice(11, 16))
}

/** Today as the time, another day with its name. */
export function moment(text: string, now: string): string {
  if (text.slice(0, 10) === now.slice(0, 10)) return clock(text)
  return `${weekday(text)} ${clock(text)}`
}

export function daysBetween(from: string, to: string): number {
  return Math.round(
    (dateOf(to.slice(0, 10)).getTime() - dateOf(from.slice(0, 10)).getTime()) / 864e5,
  )
}

/** PERFORMANCE_HARDWARE → "performance hardware". */
export function plain(constant: string): string {
  return constant.toLowerCase().replaceAll('_', ' ')
}

export function sentence(constant: string): string {
  const words = plain(constant)
  return words.charAt(0).toUpperCase() + words.slice(1)
}

/** One of a unit: can, pack of 10 sheets, m. */
function one(unit: string): string {
  if (unit.startsWith('packs of ')) return unit.replace('packs', 'pack')
  return unit.endsWith('s') ? unit.slice(0, -1) : unit
}

/** 1 can, 2 cans, 1 pack of 10 sheets, 0.9 m. */
export function count(quantity: number, unit: string): string {
  const number = Number(quantity.toFixed(2))
  return `${written(number, marks.value, 2)} ${number === 1 ? one(unit) : unit}`
}
