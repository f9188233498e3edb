/** What a field measures. Lengths are kept in mm, durations in minutes, the rest as typed. */
export type Quantity = 'length' | 'duration' | 'number'

const IN_MM: Record<string, number> = { mm: 1, cm: 10, m: 1000, in: 25.4, '"': 25.4, '″': 25.4 }
const IN_MINUTES: Record<string, number> = { min: 1, h: 60, d: 1440 }

/**
 * Reads what builders type: sums, fractions and units.
 *
 * `12+3.5` → 15.5 · `1/4"` → 6.35 · `2 in` → 50.8 · `1h30` → 90 · `3d` → 4320 · `2,5` → 2.5
 *
 * Returns null where it can't be read.
 */
export function readMeasure(text: string, quantity: Quantity): number | null {
  const words = text.trim().replaceAll('−', '-').replaceAll(',', '.')
  if (!words) return null
  const terms = words.match(/[+-]?[^+-]+/g)
  if (!terms || terms.join('') !== words) return null
  let sum = 0
  for (const term of terms) {
    const value = readTerm(term.trim(), quantity)
    if (value === null) return null
    sum += value
  }
  return Number(sum.toFixed(6))
}

function readTerm(term: string, quantity: Quantity): number | null {
  const sign = term.startsWith('-') ? -1 : 1
  const body = term.replace(/^[+-]\s*/, '')
  if (quantity === 'duration') {
    const clock = body.match(/^(\d+)\s*h\s*(\d{1,2})(?:\s*min)?$/)
    if (clock) return sign * (Number(clock[1]) * 60 + Number(clock[2]))
  }
  const match = body.match(/^(\d*\.?\d+|\d+\.)(?:\s*\/\s*(\d*\.?\d+))?\s*([a-zA-Z"″%°]*)$/)
  if (!match) return null
  const value = match[2] ? Number(match[1]) / Number(match[2]) : Number(match[1])
  if (!Number.isFinite(value)) return null
  const factor = unitFactor(match[3], quantity)
  return factor === null ? null : sign * value * factor
}

function unitFactor(unit: string, quantity: Quantity): number | null {
  if (!unit) return 1
  if (quantity === 'length') return IN_MM[unit] ?? null
  if (quantity === 'duration') return IN_MINUTES[unit] ?? null
  return 1
}

/** Reads an amount typed in major units into minor units: `12.50` → 1250. Null where unreadable. */
export function readMoney(text: string, digits: number): number | null {
  const value = readMeasure(text.replace(/[^\d.,+\-\s]/g, ''), 'number')
  return value === null || value < 0 ? null : Math.round(value * 10 ** digits)
}
