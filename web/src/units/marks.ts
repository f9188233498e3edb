/** How the workshop writes numbers: its decimal mark and what stands between thousands. */
export interface Marks {
  decimal: '.' | ','
  group: ',' | '.' | '\u202f' | '’' | ''
}

export const POINT: Marks = { decimal: '.', group: ',' }

/**
 * Prints a number with the workshop's marks, at most `digits` decimals, none that are zero.
 *
 * `1234.5` → "1,234.5" with a point, "1.234,5" with a comma. What is printed reads back as the same
 * number (`units.spec.ts`).
 */
export function written(value: number, marks: Marks, digits = 6, always = 0): string {
  const fixed = value.toFixed(digits)
  const negative = fixed.startsWith('-') && Number(fixed) !== 0
  const [whole, fraction = ''] = fixed.replace('-', '').split('.')
  const short = fraction.replace(/0+$/, '').padEnd(always, '0')
  return (
    (negative ? '−' : '') +
    whole.replace(/\B(?=(\d{3})+$)/g, marks.group) +
    (short ? marks.decimal + short : '')
  )
}

/** A figure inside a sentence; version numbers and names such as M2.5 or USB 3.2 are none. */
const FIGURE =
  /(?<![\w.,#])(?<!USB |HDMI |DisplayPort |PCIe |version )\d{1,3}(?:(?:,\d{3})+(?:\.\d+)?|\d*\.\d+)(?![\w.,]*\d)/g

/** A sentence of the server, whose figures have a point, as the workshop writes them. */
export function said(sentence: string, marks: Marks): string {
  if (marks.decimal === '.' && marks.group === ',') return sentence
  return sentence.replace(FIGURE, (figure) => {
    const [whole, fraction] = figure.split('.')
    return whole.replaceAll(',', marks.group) + (fraction ? marks.decimal + fraction : '')
  })
}
