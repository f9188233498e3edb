import { converted, dimensionOf, isUnit, unitName, unitsWords } from './dimensions'
import { POINT, written, type Marks } from './marks'
import { readNumeral } from './numeral'

/** Something to press that says what was meant. */
export interface Offer {
  label: string
  value: number
}

/** What a field reads in what was typed: a number in the field's unit, or why it can't. */
export type Reading =
  | { value: number; sentence?: undefined; offers?: undefined }
  | { value: null; sentence: string; offers: Offer[] }

/** A number on the way; `unit` where one was written with it. */
interface Part {
  value: number
  unit: boolean
}

/** Why it stops. Thrown inside this file only. */
class Unreadable extends Error {
  constructor(
    sentence: string,
    readonly offers: Offer[] = [],
  ) {
    super(sentence)
  }
}

const NUMERAL =
  /^(?:\d{1,3}(?:[ \u00a0\u2009\u202f'’]\d{3})+(?!\d)(?:[.,]\d+)*|\d[\d.,]*|[.,]\d[\d.,]*)/
const UNIT =
  /^(?:dB\(A\)|(?:ΔE00|[cdm]?m\^?[23](?![\d.,])|[µμ°a-zA-ZΔΩ²³]+)(?:\/(?:[cdm]?m\^?[23](?![\d.,])|[a-zA-Z]+[²³]?))?|["″%×]|\/c?m(?![a-zA-Z²³]))/u
const STANDARD_GRAVITY = 9.81

/**
 * Reads what builders type into a field of a unit: sums, differences, products, quotients, brackets,
 * `1 1/4"`, and units of the field's dimension. A plain number counts in the field's unit.
 *
 * mm: `12+3.5` → 15.5 · `1/4"` → 6.35 · `1 1/4"` → 31.75 · `2*(3 cm)` → 60 · min: `1h30`, `1:30` → 90 ·
 * N: `90 kg` → asked, 882.9 or 1,765.8.
 */
export function read(text: string, unit: string, marks: Marks = POINT): Reading {
  const line = text
    .replaceAll('−', '-')
    .replaceAll('–', '-')
    .replaceAll('·', '*')
    .replaceAll('÷', '/')
    .trim()
  try {
    // `1. 1/11`: the blank stands where the decimals would
    if (/[.,]\s+\d/.test(line)) throw new Unreadable(cannot(unit, marks))
    const reader = new Reader(line.replace(/^[±×]\s*/, ''), unit, marks)
    const value = Number(reader.whole().toFixed(6))
    if (!Number.isFinite(value) || Math.abs(value) >= 1e15)
      throw new Unreadable(cannot(unit, marks))
    return { value: value === 0 ? 0 : value }
  } catch (stop) {
    if (stop instanceof Unreadable)
      return { value: null, sentence: stop.message, offers: stop.offers }
    throw stop
  }
}

/** What is kept as whole numbers: `2.5` cans → asked, 2 or 3; `1.26 h` in min → 75 or 76. */
export function readWhole(text: string, unit: string, marks: Marks = POINT): Reading {
  const reading = read(text, unit, marks)
  if (reading.value === null || Number.isInteger(reading.value)) return reading
  const near = [0, 1].map((more) => Math.floor(reading.value) + more)
  const say = (value: number) => written(value, marks)
  const noun = dimensionOf(unit) && unit !== '%' ? ` ${unit}` : ''
  return {
    value: null,
    sentence: `Whole${noun || ' numbers'} only: ${near.map(say).join(' or ')}?`,
    offers: near.map((value) => ({ label: say(value), value })),
  }
}

/** A whole amount in minor units: `€3,400.00` → 340000. The currency's sign or code may stand by. */
export function readMoney(
  text: string,
  digits: number,
  currency: string,
  marks: Marks = POINT,
): Reading {
  const signs = new Set([currency, currency.toLowerCase(), signOf(currency)])
  const foreign = text.match(/\p{Sc}|[A-Za-z]+/gu)?.find((word) => !signs.has(word))
  if (foreign)
    return {
      value: null,
      sentence: `“${foreign}” can’t be read: amounts here are in ${currency}.`,
      offers: [],
    }
  let bare = text
  signs.forEach((sign) => (bare = bare.replaceAll(sign, '')))
  const finer = tooFine(bare, digits, currency, marks)
  if (finer) return finer
  const reading = read(bare, 'money', marks)
  if (reading.value === null)
    return {
      ...reading,
      offers: reading.offers.map((offer) => ({ ...offer, value: minor(offer.value, digits) })),
    }
  if (reading.value < 0)
    return { value: null, sentence: 'An amount can’t be below zero.', offers: [] }
  return { value: minor(reading.value, digits) }
}
/** An amount with more decimals than its currency has: “3,400” may be a price or thousands. */
function tooFine(text: string, digits: number, currency: string, marks: Marks): Reading | null {
  const bare = text.trim()
  const [, whole, decimals] = bare.match(`^(\\d+)[${marks.decimal}](\\d+)$`) ?? []
  if (!decimals || decimals.length <= digits) return null
  const amounts = [minor(Number(`${whole}.${decimals}`), digits)]
  if (decimals.length === 3 && !whole.startsWith('0'))
    amounts.push(Number(whole + decimals) * 10 ** digits)
  const say = (amount: number) => written(amount / 10 ** digits, marks, digits, digits)
  return {
    value: null,
    sentence: `“${bare}” has more decimals than ${currency}: ${amounts.map(say).join(' or ')}?`,
    offers: amounts.map((value) => ({ label: say(value), value })),
  }
}
const minor = (value: number, digits: number) =>
  Math.round(Number((value * 10 ** digits).toFixed(4)))
function signOf(currency: string): string {
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency })
    .formatToParts(1)
    .find((part) => part.type === 'currency')!.value
}

function cannot(unit: string, marks: Marks): string {
  if (unit === 'min' || unit === 'h' || unit === 'd')
    return 'Can’t read this. Write 45, 1h30 or 3d.'
  if (unit === 'money') return `Can’t read this amount. Write ${written(12.5, marks, 2, 2)}.`
  return dimensionOf(unit) && dimensionOf(unit) === dimensionOf('mm')
    ? `Can’t read this. Write ${written(12, marks)}+${written(3.5, marks)}, 1/4" or 2 in.`
    : `Can’t read this. Write a number such as ${written(12.5, marks)}, or a sum.`
}

/** A recursive reader of one line; each rule takes what it knows and leaves the rest. */
class Reader {
  private at = 0
  private depth = 0

  constructor(
    private readonly line: string,
    private readonly unit: string,
    private readonly marks: Marks,
  ) {}

  whole(): number {
    const sum = this.sum()
    this.blanks()
    if (this.at < this.line.length || !this.line) this.stop()
    return sum.value
  }

  private sum(): Part {
    if (++this.depth > 40) this.stop()
    this.blanks()
    let left = this.signed()
    for (;;) {
      this.blanks()
      const sign = this.take(/^[+-]/)
      if (!sign) break
      const right = this.product()
      left = {
        value: left.value + (sign === '+' ? right.value : -right.value),
        unit: left.unit || right.unit,
      }
    }
    this.depth--
    return left
  }
  private signed(): Part {
    const sign = this.take(/^[+-]/)
    const first = this.product()
    return sign === '-' ? { ...first, value: -first.value } : first
  }
  private product(): Part {
    let left = this.piece()
    for (;;) {
      this.blanks()
      const sign = this.operator()
      if (!sign) return left
      left = this.combined(left, sign, this.piece())
    }
  }
  /** `×` before a number multiplies; behind the last one it only says "pieces". */
  private operator(): string {
    const mark = this.line.slice(this.at).match(/^(?:[*/]|[×x](?=\s*[\d(.,]))/)?.[0] ?? ''
    if (mark === '/' && UNIT.test(this.line.slice(this.at))) return ''
    this.at += mark.length
    return mark
  }
  private combined(left: Part, sign: string, right: Part): Part {
    if (sign !== '/') {
      if (left.unit && right.unit) this.stop()
      return { value: left.value * right.value, unit: left.unit || right.unit }
    }
    if (right.value === 0) throw new Unreadable('Can’t divide by 0.')
    if (left.unit && right.unit) this.stop()
    // 1/4" is a quarter of an inch, not one over four inches
    return right.unit && this.fraction
      ? { value: left.value * (this.fraction.unitValue / this.fraction.bare), unit: true }
      : right.unit
        ? this.stop()
        : { value: left.value / right.value, unit: left.unit }
  }
  /** The last plain number with a unit, for what stands over it. */
  private fraction: { bare: number; unitValue: number } | null = null

  private piece(): Part {
    this.blanks()
    this.fraction = null
    if (this.take(/^\(/)) {
      const inner = this.sum()
      this.blanks()
      if (!this.take(/^\)/)) this.stop()
      this.fraction = null
      return this.withUnit(inner)
    }
    const shown = this.onAClock()
    if (shown) return shown
    const number = this.numeral()
    const mixed = this.mixed(number)
    if (mixed !== null) return this.withUnit({ value: mixed, unit: false })
    const part = this.withUnit({ value: number, unit: false })
    if (part.unit) {
      const one = converted(1, this.lastUnit, this.unit)
      this.fraction =
        one === null || dimensionOf(this.unit)?.zeros ? null : { bare: number, unitValue: one }
    }
    return this.clock(part, number)
  }
  /** `1:30`: hours and minutes as a clock shows them, where hours are meant. */
  private onAClock(): Part | null {
    if (!['min', 'h', 'd', 'days'].includes(this.unit)) return null
    const found = this.line.slice(this.at).match(/^(\d{1,3}):([0-5]\d)(?:\s*h)?(?![\w:.,])/)
    if (!found) return null
    this.at += found[0].length
    return {
      value: converted(60 * Number(found[1]) + Number(found[2]), 'min', this.unit)!,
      unit: true,
    }
  }
  private numeral(): number {
    const found = this.take(NUMERAL)
    if (!found) this.stop()
    if (/[ \u00a0\u2009\u202f]/.test(found) && /^\s*\//.test(this.line.slice(this.at)))
      throw new Unreadable(
        `Can’t tell whether “${found}” is one number. Write it without the blank, or with a +.`,
      )
    const numeral = readNumeral(found, this.marks)
    if (!numeral) this.stop()
    if ('value' in numeral) return numeral.value
    throw this.question(found, numeral.meant)
  }
  /** The whole line with one number said plainly, so that the offer is what the field would hold. */
  private question(found: string, meant: number[]): Unreadable {
    const before = this.line.slice(0, this.at - found.length)
    const after = this.line.slice(this.at)
    const offers = meant.flatMap((value) => {
      const plain = before + String(value).replace('.', this.marks.decimal) + after
      const reading = read(plain, this.unit, this.marks)
      return reading.value === null
        ? []
        : [{ label: this.plainly(found, value), value: reading.value }]
    })
    const words = meant.map((value) => this.plainly(found, value))
    return new Unreadable(`Can’t tell what “${found}” means: ${words.join(' or ')}?`, offers)
  }
  private plainly(found: string, value: number): string {
    const typed = found.split(/[.,]/)[1] ?? ''
    return written(
      value,
      this.marks,
      6,
      Number.isInteger(value) && value >= 1000 ? 0 : typed.length,
    )
  }
  /** `1 1/4` → 1.25; only whole numbers, and only where the fraction is a proper one. */
  private mixed(whole: number): number | null {
    const found = this.line
      .slice(this.at)
      .match(/^[ \u00a0](\d{1,4})\s*\/\s*(\d{1,4})(?![\d.,'’]|[ \u00a0]\d)/)
    if (!found || !Number.isInteger(whole)) return null
    const [over, under] = [Number(found[1]), Number(found[2])]
    if (under === 0 || over >= under) this.stop()
    this.at += found[0].length
    return whole + over / under
  }
  private lastUnit = ''
  private withUnit(part: Part): Part {
    this.blanks()
    const found = this.line.slice(this.at).match(UNIT)?.[0]
    if (!found || /^[×x]\s*[\d(.,]/.test(this.line.slice(this.at))) return part
    const known = unitName(found)
    if (part.unit) this.stop()
    this.at += found.length
    this.lastUnit = known
    const value = converted(part.value, known, this.unit)
    if (value === null) throw this.wrongUnit(part.value, known)
    return { value, unit: true }
  }
  /** `1h30`, `1 h 30 min`, `2 d 19 h`: smaller and smaller times behind each other. */
  private clock(part: Part, number: number): Part {
    if (!part.unit || dimensionOf(this.unit) !== dimensionOf('min')) return part
    let sum = part.value
    let unit = this.lastUnit
    for (;;) {
      const more = this.line.slice(this.at).match(/^\s*(\d{1,4})\s*(min|h|d|s|m)?(?![\w.,'’/*×(])/)
      const named = more?.[2] === 'm' ? 'min' : more?.[2]
      const next = more && (named ?? { d: 'h', h: 'min' }[unit])
      const order = ['weeks', 'd', 'h', 'min', 's']
      if (!more || !next || order.indexOf(next) <= order.indexOf(unit)) break
      if (!Number.isInteger(number)) this.stop()
      this.at += more[0].length
      sum += converted(Number(more[1]), next, this.unit)!
      unit = next
      this.fraction = null
    }
    return { value: sum, unit: true }
  }
  private wrongUnit(value: number, unit: string): Unreadable {
    if (this.unit === 'N' && dimensionOf(unit) === dimensionOf('kg')) {
      const newton = converted(value, unit, 'kg')! * STANDARD_GRAVITY
      const offer = (label: string, force: number) => ({
        label: `${label}: ${written(Math.round(force), this.marks)} N`,
        value: Number(force.toFixed(6)),
      })
      return new Unreadable(
        `${written(value, this.marks)} ${unit} is a mass; this field takes a force in ${unitsWords('N')}.`,
        [offer('it stands there', newton), offer('× 2, somebody sits down on it', newton * 2)],
      )
    }
    const wanted = unitsWords(this.unit)
    const words = dimensionOf(this.unit)?.words
    if (!isUnit(unit))
      return new Unreadable(`“${unit}” is no unit known here.${wanted ? ` Write ${wanted}.` : ''}`)
    return new Unreadable(
      words
        ? `This field takes ${words}: write ${wanted}, not ${unit}.`
        : `This field takes a plain number, not ${unit}.`,
    )
  }
  private blanks() {
    while (/\s/.test(this.line[this.at] ?? '')) this.at++
  }
  private take(pattern: RegExp): string {
    const found = this.line.slice(this.at).match(pattern)?.[0] ?? ''
    this.at += found.length
    return found
  }
  private stop(): never {
    throw new Unreadable(cannot(this.unit, this.marks))
  }
}
