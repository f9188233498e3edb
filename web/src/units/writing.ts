import { computed, shallowRef } from 'vue'
import type { Writing } from '../api/types'
import { said as saidWith, written, type Marks } from './marks'

/** How the workshop writes; the workshop's settings put theirs here as soon as they are known. */
export const writing = shallowRef<Writing>({
  decimal: 'POINT',
  group: 'COMMA',
  clock: 'HOURS_24',
  dates: 'DAY_FIRST',
})

/** IANA zone of the bench clock. */
export const zone = shallowRef('UTC')

const GROUPS = { COMMA: ',', POINT: '.', BLANK: '\u202f', APOSTROPHE: '’', NONE: '' } as const

export function marksOf(of: Writing): Marks {
  return { decimal: of.decimal === 'COMMA' ? ',' : '.', group: GROUPS[of.group] }
}
/** The marks numbers are written with here. */
export const marks = computed(() => marksOf(writing.value))

/** A number with its decimals, always the same many: 9 → "9.0". */
export function fixed(value: number, digits: number): string {
  return written(value, { ...marks.value, group: '' }, digits, digits)
}
/** A number as it is kept, at most three decimals and nothing between thousands: 412, 8.467. */
export function exact(value: number): string {
  return written(value, { ...marks.value, group: '' }, 3)
}
/** A mass as one would say it: 0.35 kg → "350 g", 1.6 kg → "1.60 kg". */
export function mass(kg: number): string {
  if (kg >= 1) return `${fixed(kg, 2)} kg`
  return `${fixed(kg * 1000, kg > 0 && kg < 0.01 ? 1 : 0)} g`
}
/** A sentence of the server with the workshop's marks. */
export function said(sentence: string | null | undefined): string {
  const words = saidWith(sentence ?? '', marks.value)
  return writing.value.clock === 'HOURS_24' ? words : words.replace(TIME, (time) => clockTime(time))
}
const TIME = /(?<![\d:])(?:[01]\d|2[0-3]):[0-5]\d(?![\d:])/g

/** A time of day, `14:05` → "14:05" or "2:05 pm". */
export function clockTime(time: string): string {
  const [hours, minutes] = time.split(':').map(Number)
  if (writing.value.clock === 'HOURS_24' || Number.isNaN(hours)) return time.slice(0, 5)
  const half = hours < 12 ? 'am' : 'pm'
  return `${hours % 12 || 12}:${String(minutes).padStart(2, '0')} ${half}`
}
