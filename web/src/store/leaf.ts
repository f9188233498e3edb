/** Parts of a thing by JSON pointer (`#/window/widthMm`), for values refused one field at a time. */
type Bag = Record<string, unknown>

const steps = (pointer: string) =>
  pointer
    .replace(/^#?\/?/, '')
    .split('/')
    .filter(Boolean)
const isBag = (value: unknown): value is Bag => typeof value === 'object' && value !== null

export function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b)
}

/** What stands at a pointer; undefined where nothing does. */
export function leafAt(thing: unknown, pointer: string): unknown {
  return steps(pointer).reduce<unknown>((at, step) => (isBag(at) ? at[step] : undefined), thing)
}

/** Pointers to the leaves that differ; a list with other members counts as one leaf. */
export function changedLeaves(before: unknown, after: unknown, at = '#'): string[] {
  if (same(before, after)) return []
  const lists = Array.isArray(before) || Array.isArray(after)
  const alike = Array.isArray(before) && Array.isArray(after) && sameMembers(before, after)
  if (!isBag(before) || !isBag(after) || (lists && !alike)) return [at]
  const names = new Set([...Object.keys(before), ...Object.keys(after)])
  return [...names].flatMap((name) => changedLeaves(before[name], after[name], `${at}/${name}`))
}

/**
 * A copy of `thing` with what stands at the pointer taken from `from`. Where a list on the way has
 * other members there, the whole list is taken: its places would not mean the same.
 */
export function withLeaf<T>(thing: T, pointer: string, from: unknown): T {
  return laid(thing, steps(pointer), from) as T
}
/** A copy of `thing` with all of these taken from `from`. */
export function withLeaves<T>(thing: T, pointers: string[], from: unknown): T {
  return pointers.reduce((copy, pointer) => withLeaf(copy, pointer, from), thing)
}
function laid(thing: unknown, path: string[], from: unknown): unknown {
  if (path.length === 0) return from
  if (!isBag(thing) || !isBag(from)) return from
  if (Array.isArray(thing) && (!Array.isArray(from) || !sameMembers(thing, from))) return from
  const [step, ...rest] = path
  const copy = (Array.isArray(thing) ? [...thing] : { ...thing }) as Bag
  const inner = laid(thing[step], rest, from[step])
  if (inner === undefined) delete copy[step]
  else copy[step] = inner
  return copy
}
function sameMembers(a: unknown[], b: unknown[]): boolean {
  const id = (member: unknown) => (isBag(member) ? member.id : undefined)
  return a.length === b.length && a.every((member, at) => id(member) === id(b[at]))
}

/** Whether the server's value holds all that was sent (it may add what has defaults). */
export function covers(theirs: unknown, sent: unknown): boolean {
  if (typeof sent !== 'object' || sent === null) return same(theirs, sent)
  if (typeof theirs !== 'object' || theirs === null) return false
  return Object.entries(sent).every(
    ([field, value]) =>
      value === null || value === undefined || covers((theirs as Bag)[field], value),
  )
}
