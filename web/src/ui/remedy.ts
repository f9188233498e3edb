import type { Finding } from '../api/types'

export type Change = NonNullable<Finding['remedies'][number]['change']>

/** A change without words takes out what held words or things, and switches what was on or off. */
function valueOf(change: Change, before: unknown) {
  if (change.items) return change.items
  if (change.text != null) return change.text
  if (typeof before === 'boolean') return change.value !== 0
  return typeof before === 'string' || (before && typeof before === 'object') ? null : change.value
}

/**
 * A copy of a thing with one field set; `bays.2.change.higherMm` reaches into lists too, and into
 * what nobody has said anything of yet.
 */
export function withChange<T extends object>(thing: T, change: Change): T {
  const copy = JSON.parse(JSON.stringify(thing))
  const steps = change.field.split('.')
  const last = steps.pop() as string
  const into = steps.reduce((inside, step) => (inside[step] ??= {}), copy)
  into[last] = valueOf(change, into[last])
  return copy
}
