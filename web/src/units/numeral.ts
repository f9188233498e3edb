import type { Marks } from './marks'

/** A number as it stands, or the ways it may be meant. */
export type Numeral = { value: number } | { meant: number[] } | null

const BLANK = /[ \u00a0\u2009\u202f]/
const GROUPING = /[ \u00a0\u2009\u202f'’]/g

/**
 * Reads digits with marks. Blanks and `'` group where three digits follow; the workshop's grouping
 * mark groups in threes; the other mark is asked about, never guessed.
 *
 * With a point: `1,234.50` → 1234.5 · `3.4` → 3.4 · `3,4` → 3.4 or 3,400? · `1 234` → 1234.
 */
export function readNumeral(text: string, marks: Marks): Numeral {
  const bare = withoutBlanks(text)
  if (bare === null) return null
  const other = marks.decimal === '.' ? ',' : '.'
  const parts = bare.split(marks.decimal)
  if (parts.length > 2) return asked(bare, marks.decimal, other)
  const [whole, fraction = ''] = parts
  if (fraction && !/^\d+$/.test(fraction)) return null
  if (!whole.includes(other)) return digits(whole, fraction)
  const groups = whole.split(other)
  const grouped =
    /^[1-9]\d{0,2}$/.test(groups[0]) && groups.slice(1).every((part) => /^\d{3}$/.test(part))
  if (grouped && (marks.group === other || groups.length > 2 || parts.length === 2))
    return digits(groups.join(''), fraction)
  return parts.length === 2 ? null : asked(whole, other, marks.decimal)
}

/** `3,40` with a point as mark: 3.40 or 3,400. */
function asked(text: string, mark: string, other: string): Numeral {
  if (text.includes(other)) return null
  const parts = text.split(mark)
  if (parts.length !== 2 || !/^\d*$/.test(parts[0]) || !/^\d+$/.test(parts[1])) return null
  const asFraction = Number(`${parts[0] || '0'}.${parts[1]}`)
  const padded = parts[1].padEnd(3, '0')
  const couldGroup = /^[1-9]\d{0,2}$/.test(parts[0]) && padded.length === 3
  return { meant: couldGroup ? [asFraction, Number(parts[0] + padded)] : [asFraction] }
}
function digits(whole: string, fraction: string): Numeral {
  if (!/^\d*$/.test(whole) || whole + fraction === '') return null
  const value = Number(`${whole || '0'}.${fraction || '0'}`)
  return Number.isFinite(value) && value < 1e15 ? { value } : null
}
/** Without what groups by blanks; null where a blank or `'` stands elsewhere. */
function withoutBlanks(text: string): string | null {
  if (!BLANK.test(text) && !/['’]/.test(text)) return text
  const whole = text.match(/^\d{1,3}(?:[ \u00a0\u2009\u202f'’]\d{3})+(?=$|[.,])/)
  if (!whole) return null
  const rest = text.slice(whole[0].length)
  if (/[ \u00a0\u2009\u202f'’]/.test(rest)) return null
  return whole[0].replace(GROUPING, '') + rest
}
