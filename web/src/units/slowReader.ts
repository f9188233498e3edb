import type { Marks } from './marks'

/**
 * An independent reader for tests: marks away by a pattern over the whole number, then a stack of
 * operators (shunting yard) instead of rules that call each other. Lengths in mm, cm and inches.
 */
export function slowly(text: string, marks: Marks): number | null {
  const tokens = tokensOf(text, marks)
  if (!tokens) return null
  const values: number[] = []
  const waiting: string[] = []
  const RANK: Record<string, number> = { '+': 1, '-': 1, '*': 2, '/': 2 }
  const apply = () => {
    const [b, a, sign] = [values.pop()!, values.pop()!, waiting.pop()!]
    values.push(sign === '+' ? a + b : sign === '-' ? a - b : sign === '*' ? a * b : a / b)
  }
  let wantsNumber = true
  for (const token of tokens) {
    if (typeof token === 'number') {
      values.push(token)
      wantsNumber = false
    } else if (token === '(') {
      waiting.push(token)
      wantsNumber = true
    } else if (token === ')') {
      while (waiting[waiting.length - 1] !== '(') apply()
      waiting.pop()
    } else if (token in UNITS) {
      // a unit binds like a factor, so that 1/4" is a quarter of an inch
      while (RANK[waiting[waiting.length - 1]] === 2) apply()
      values.push(values.pop()! * UNITS[token])
    } else {
      if (wantsNumber) values.push(0)
      while (RANK[waiting[waiting.length - 1]] >= RANK[token]) apply()
      waiting.push(token)
      wantsNumber = false
    }
  }
  while (waiting.length) apply()
  const value = Number(values[0].toFixed(6))
  return value === 0 ? 0 : value
}

const UNITS: Record<string, number> = { mm: 1, cm: 10, '"': 25.4 }

function tokensOf(text: string, marks: Marks): (number | string)[] | null {
  const group = marks.group && `\\${marks.group}`
  const grouped = `\\d{1,3}(?:[ '\u202f${group}]\\d{3})+(?!\\d)`
  const number = `(?:${grouped}|\\d+)?(?:\\${marks.decimal}\\d*)?`
  const fraction = `(\\d+)\\s*/\\s*(\\d+)(?![\\d.,' ]*\\d)`
  const mixed = withoutForeignGroups(text, marks).replace(
    new RegExp(`(?<![\\d.,])(\\d{1,3}(?:[${group}' ]\\d{3})+|\\d+) ${fraction}`, 'g'),
    '($1+$2/$3)',
  )
  const pattern = new RegExp(`\\s*(mm|cm|"|[-+*/()]|${number})\\s*`, 'y')
  const tokens: (number | string)[] = []
  while (pattern.lastIndex < mixed.length) {
    const found = pattern.exec(mixed)?.[1]
    if (!found) return null
    tokens.push(found in UNITS || /^[-+*/()]$/.test(found) ? found : plainly(found, marks))
  }
  return tokens
}
/** 1,400.1 and 1,234,567 can be meant one way only, though the workshop groups otherwise. */
function withoutForeignGroups(text: string, marks: Marks): string {
  const other = marks.decimal === '.' ? ',' : '\\.'
  const sure = `[1-9]\\d{0,2}(?:(?:${other}\\d{3})+(?=\\${marks.decimal}\\d*)|(?:${other}\\d{3}){2,}(?!\\d))`
  return text.replace(new RegExp(`(?<![\\d.,'])${sure}`, 'g'), (groups) =>
    groups.replace(/[.,]/g, ''),
  )
}
const plainly = (text: string, marks: Marks) =>
  Number(
    (marks.group ? text.replaceAll(marks.group, '') : text)
      .replace(/[ ']/g, '')
      .replace(marks.decimal, '.'),
  )
