import { exact, said } from '../units/writing'
import { day, money, plain } from '../ui/words'

/** What the end of a field's name says of its value. */
const UNITS: Record<string, string> = {
  mm: 'mm',
  um: 'µm',
  kg: 'kg',
  ml: 'ml',
  c: '°C',
  degrees: '°',
  percent: '%',
  watts: 'W',
  minutes: 'min',
  hours: 'h',
  days: 'days',
}

/** The names in a pointer, and the unit its value is in: “#/window/widthMm” → window, width; mm. */
function parts(pointer: string) {
  const steps = pointer
    .slice(2)
    .split('/')
    .map((step) => (/^\d+$/.test(step) ? `${Number(step) + 1}` : step.replace(/([A-Z])/g, ' $1')))
    .map((step) => step.toLowerCase())
  const words = steps[steps.length - 1].split(' ')
  const last = words[words.length - 1]
  const kind = words.length > 1 && (last in UNITS || last === 'minor' || last === 'hex') ? last : ''
  if (kind) steps[steps.length - 1] = words.slice(0, -1).join(' ')
  return { steps, kind }
}
/** “#/window/widthMm” → “window, width” */
export function leafName(pointer: string): string {
  return parts(pointer).steps.join(', ')
}
/** A value as its field shows it: with its unit, an amount with its currency. */
export function leafValue(pointer: string, value: unknown, currency: string): string {
  if (value === undefined) return 'taken away'
  if (value === null || value === '') return 'nothing'
  const { kind } = parts(pointer)
  if (typeof value === 'number')
    return kind === 'minor' ? money(value, currency) : `${exact(value)} ${UNITS[kind] ?? ''}`.trim()
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.length ? `${value.length} entries` : 'nothing'
  if (typeof value === 'object') return 'another one'
  const text = String(value)
  if (/^\d{4}-\d\d-\d\d$/.test(text)) return day(text)
  return /^[A-Z][A-Z_]+$/.test(text) ? plain(text) : said(text)
}
