/**
 * What a field measures, told by the unit behind it. Every unit is a factor to the first one of its
 * dimension; temperatures also have a zero of their own.
 */
export interface Dimension {
  /** "a length" */
  words: string
  units: Record<string, number>
  /** Where the unit's zero lies, in the first unit: 0 °F is −17.78 °C. */
  zeros?: Record<string, number>
}

const LENGTH: Dimension = {
  words: 'a length',
  units: { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8, µm: 0.001 },
}
const TIME: Dimension = {
  words: 'a time',
  units: { min: 1, h: 60, d: 1440, s: 1 / 60, weeks: 10_080 },
}
const TEMPERATURE: Dimension = {
  words: 'a temperature',
  units: { '°C': 1, '°F': 5 / 9, K: 1 },
  zeros: { '°C': 0, '°F': -160 / 9, K: -273.15 },
}
const DIMENSIONS: Dimension[] = [
  LENGTH,
  TIME,
  TEMPERATURE,
  { words: 'a difference of temperature', units: { 'K difference': 1 } },
  { words: 'a number of months', units: { months: 1, years: 12 } },
  { words: 'a mass', units: { kg: 1, g: 0.001, lb: 0.45359237, oz: 0.028349523125 } },
  { words: 'a force', units: { N: 1, kN: 1000 } },
  { words: 'a power', units: { W: 1, kW: 1000, mW: 0.001 } },
  { words: 'a current', units: { A: 1, mA: 0.001 } },
  { words: 'a voltage', units: { V: 1, mV: 0.001 } },
  { words: 'a storage', units: { GB: 1, TB: 1000, MB: 0.001 } },
  { words: 'a volume', units: { l: 1, ml: 0.001, cl: 0.01, 'cm³': 0.001 } },
  { words: 'an area', units: { 'm²': 1, 'dm²': 0.01, 'cm²': 1e-4, 'mm²': 1e-6 } },
  { words: 'an angle', units: { '°': 1, rad: 180 / Math.PI } },
  { words: 'a share', units: { '%': 1 } },
  { words: 'a speed', units: { 'mm/s': 1, 'm/s': 1000, 'm/min': 1000 / 60, 'mm/min': 1 / 60 } },
  { words: 'a time for a length', units: { 'min/m': 1, 'h/m': 60, 's/m': 1 / 60 } },
  { words: 'a time for an area', units: { 'min/m²': 1, 'h/m²': 60, 's/m²': 1 / 60 } },
  { words: 'an area in a time', units: { 'm²/min': 1, 'm²/h': 1 / 60 } },
  {
    words: 'a flow of air',
    units: { 'm³/h': 1, 'm³/min': 60, 'l/s': 3.6, 'l/min': 0.06, cfm: 1.69901082 },
  },
  { words: 'a rate of melting', units: { 'mm³/s': 1, 'cm³/h': 1000 / 3600 } },
  { words: 'a rate of turning', units: { rpm: 1 } },
  { words: 'a number on a length', units: { '/m': 1, '/cm': 100 } },
  { words: 'a thermal resistance', units: { 'K/W': 1 } },
  { words: 'a loudness', units: { dBA: 1, dB: 1 } },
  { words: 'a difference of colour', units: { ΔE00: 1 } },
  { words: 'a frequency', units: { Hz: 1, kHz: 1000, MHz: 1e6, GHz: 1e9 } },
  { words: 'a flow of data', units: { 'MB/s': 1, 'kB/s': 0.001, 'Gbit/s': 125, 'Mbit/s': 0.125 } },
  { words: 'a number of dots', units: { px: 1 } },
  { words: 'light in a room', units: { lx: 1, klx: 1000 } },
  { words: 'a brightness', units: { 'cd/m²': 1 } },
  { words: 'a resistance on a length', units: { 'Ω/m': 1, 'mΩ/m': 0.001 } },
]

/** Ways people write a unit. */
const ALSO: Record<string, string> = {
  '"': 'in', '″': 'in', inch: 'in', inches: 'in', um: 'µm', μm: 'µm',
  mins: 'min', hours: 'h', hour: 'h', hr: 'h', hrs: 'h', day: 'd', days: 'd', week: 'weeks', sec: 's',
  month: 'months', year: 'years', yr: 'years', yrs: 'years',
  C: '°C', F: '°F', '° C': '°C', '° F': '°F', deg: '°', degrees: '°',
  lbs: 'lb', watts: 'W', w: 'W', kw: 'kW', a: 'A', ma: 'mA', v: 'V',
  L: 'l', mL: 'ml', Ml: 'ml', m2: 'm²', 'm^2': 'm²', cm2: 'cm²', 'cm^2': 'cm²', mm2: 'mm²', 'mm^2': 'mm²',
  cm3: 'cm³', 'min/m2': 'min/m²', 'm2/min': 'm²/min', 'm3/h': 'm³/h', 'mm3/s': 'mm³/s', CFM: 'cfm',
  gb: 'GB', tb: 'TB', mb: 'MB', 'dB(A)': 'dBA', dba: 'dBA', KG: 'kg', Kg: 'kg', MM: 'mm', n: 'N',
  lux: 'lx', nit: 'cd/m²', nits: 'cd/m²', 'cd/m2': 'cd/m²', 'ohm/m': 'Ω/m', 'mohm/m': 'mΩ/m', 'Ω/m': 'Ω/m',
} // prettier-ignore

/** Words behind a plain number, in fields that count. */
const NOUNS = /^(×|x|pieces?|pcs?|cans?|sheets?|leads?)$/

/** What a field with this unit measures; null where it counts. */
export function dimensionOf(unit: string): Dimension | null {
  const name = unitName(unit.replace(/^±\s*/, ''))
  if (name === 'K') return DIMENSIONS[3]
  return DIMENSIONS.find((dimension) => name in dimension.units) ?? null
}

/** The one name of a unit that is written in several ways. */
export function unitName(written: string): string {
  return ALSO[written] ?? written
}

export const isCount = (unit: string) => dimensionOf(unit) === null
export const isNoun = (word: string) => NOUNS.test(word)

/**
 * `value` of a written unit in the unit of a field, null where it measures something else.
 *
 * `("2", "TB")` in GB → 2000 · 68 °F in °C → 20 · 9 °F of a difference in K → 5
 */
export function converted(value: number, written: string, field: string): number | null {
  const unit = unitName(written)
  const own = unitName(field.replace(/^±\s*/, ''))
  if (field === 'money') return null
  if (field === '') return unit === '%' ? value / 100 : null
  if (own === 'K') return difference(value, unit)
  const dimension = dimensionOf(field)
  if (!dimension) return isNoun(unit) || unit === own ? value : null
  if (unit === own) return value
  if (!(unit in dimension.units)) return null
  const zeros = dimension.zeros ?? {}
  return (
    (value * dimension.units[unit] + (zeros[unit] ?? 0) - (zeros[own] ?? 0)) / dimension.units[own]
  )
}
function difference(value: number, unit: string): number | null {
  return unit in TEMPERATURE.units ? value * TEMPERATURE.units[unit] : null
}

/** Units a field takes, as a sentence says them: "mm, cm, m, in, ft or µm". */
export function unitsWords(field: string): string {
  const own = unitName(field.replace(/^±\s*/, ''))
  const names =
    own === 'K' ? Object.keys(TEMPERATURE.units) : Object.keys(dimensionOf(field)?.units ?? {})
  return names.length < 2
    ? (names[0] ?? '')
    : `${names.slice(0, -1).join(', ')} or ${names[names.length - 1]}`
}

/** Whether a word is any unit at all. */
export function isUnit(word: string): boolean {
  return dimensionOf(word) !== null || isNoun(word)
}
