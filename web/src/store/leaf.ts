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

/**
 * A copy of `thing` with what stands at the pointer taken from `from`. Where a list on the way has
 * other members there, the whole list is taken: its places would not mean the same.
 */
export function withLeaf<T>(thing: T, pointer: string, from: unknown): T {
  return laid(thing, steps(pointer), from) as T
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
