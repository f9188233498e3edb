import schema from 'virtual:thing-schema'
import type { FieldFacts } from '../../scripts/thing-schema'
import { plain } from './words'

export interface Option {
  value: string | null
  label: string
}

/** One field of a form: its name alone, or with what is special about it. */
export interface FieldSpec {
  /** Dotted name inside the thing, "drawing.cornerMm". */
  field: string
  label?: string
  /** Where the name of the field doesn't tell it. */
  unit?: string
  hint?: string
  options?: readonly Option[]
  /** A choice of nothing, and how it is called. */
  none?: string
  /** Shown while nothing is stored. */
  instead?: string | number
  /** Shown times this. */
  times?: number
  /** Typed as a number, though it is kept otherwise. */
  number?: boolean
  duration?: boolean
  optional?: boolean
  required?: boolean
  disabled?: boolean
  hideLabel?: boolean
  /** Words may be long: so many lines to begin with, more as they are typed. */
  lines?: number
  class?: string
  /** What is changed beside the field, or in its stead. */
  set?: (value: never) => object
  get?: () => unknown
}

/** Endings of names, and the unit they stand for. */
const UNITS: [RegExp, string][] = [
  [/^ohmPerMetre$/, 'Ω/m'],
  [/PerMetre$/, '/m'],
  [/Mm2$/, 'mm²'],
  [/Mm$/, 'mm'],
  [/Um$/, 'µm'],
  [/Ml$/, 'ml'],
  [/L$/, 'l'],
  [/Kg$/, 'kg'],
  [/[gG]rams(PerSpool)?$/, 'g'],
  [/[wW]atts$/, 'W'],
  [/[mM]illiamps/, 'mA'],
  [/Gb$/, 'GB'],
  [/[dD]ays$/, 'days'],
  [/[mM]onths$/, 'months'],
  [/[mM]inutes$/, 'min'],
  [/[hH]ours$/, 'h'],
  [/[pP]ercent$/, '%'],
  [/[dD]egrees$/, '°'],
  [/Px$|^pixels/, 'px'],
  [/^quantity$|Outputs$|Headers$|^count$/, '×'],
]

/** What the OpenAPI document says of a field; list positions are passed over. */
export function factsOf(kind: string, field: string): FieldFacts {
  let record = schema.kinds[kind]?.record
  let facts: FieldFacts | undefined
  for (const step of field.split('.')) {
    if (facts?.type === 'list' && /^\d+$/.test(step)) continue
    facts = schema.records[record ?? '']?.[step]
    if (!facts) throw new Error(`${kind} have no “${field}”`)
    record = facts.record
  }
  return facts!
}

const lastOf = (field: string) => field.split('.').pop()!

export function unitOf(field: string): string {
  return UNITS.find(([ending]) => ending.test(lastOf(field)))?.[1] ?? ''
}

/** "outerRadiusMm" → "Outer radius" */
export function labelOf(field: string): string {
  const bare = lastOf(field).replace(
    /(Mm2|Mm|Um|Ml|Kg|Gb|Watts|Minor|Hours|Days|Months|Minutes|Percent|Degrees|Px|Id)$/,
    '',
  )
  const words = (bare || lastOf(field)).replace(/([A-Z])/g, ' $1').toLowerCase()
  return words.charAt(0).toUpperCase() + words.slice(1)
}

/** How a field is typed. */
export function controlOf(spec: FieldSpec, facts: FieldFacts) {
  if (spec.number) return 'number'
  if (spec.options || facts.values) return 'choice'
  if (facts.type === 'boolean') return 'check'
  if (facts.format === 'date') return 'date'
  if (facts.type === 'string') return /hex$/i.test(spec.field) ? 'colour' : 'text'
  return lastOf(spec.field).endsWith('Minor') ? 'money' : 'number'
}

const worded = new WeakMap<FieldFacts, readonly Option[]>()
const behindNone = new WeakMap<readonly Option[], Map<string, readonly Option[]>>()

/**
 * What can be chosen, in the words given or those of the document. The same list each time, so that
 * a field whose choices stay is not drawn anew.
 */
export function optionsOf(spec: FieldSpec, facts: FieldFacts): readonly Option[] {
  const { none } = spec
  const options =
    spec.options ??
    known(worded, facts, () => facts.values!.map((value) => ({ value, label: plain(value) })))
  if (none === undefined) return options
  const led = known(behindNone, options, () => new Map<string, readonly Option[]>())
  return known(led, none, () => [{ value: '', label: none }, ...options])
}

interface Known<K, V> {
  get(key: K): V | undefined
  set(key: K, value: V): unknown
}
function known<K, V>(those: Known<K, V>, key: K, make: () => V): V {
  const value = those.get(key) ?? make()
  those.set(key, value)
  return value
}

/** The value at a dotted name. */
export function valueAt(thing: object, field: string): unknown {
  return field
    .split('.')
    .reduce<unknown>((at, step) => (at as Record<string, unknown> | null)?.[step], thing)
}

/** The topmost field of a dotted name, with the value in it: `{window: {…, xMm: 3}}`. */
export function changeAt(thing: object, field: string, value: unknown): object {
  const [first, ...rest] = field.split('.')
  const inner = (thing as Record<string, unknown>)[first]
  const next = rest.length ? within(inner, rest, value) : value
  return { [first]: next }
}

function within(held: unknown, path: string[], value: unknown): unknown {
  const [first, ...rest] = path
  const copy = (Array.isArray(held) ? [...held] : { ...(held as object) }) as Record<
    string,
    unknown
  >
  copy[first] = rest.length ? within(copy[first], rest, value) : value
  return copy
}
