import type { FieldError } from '../api/client'
import { changedLeaves, same, withLeaves } from './leaf'

/**
 * What can be saved of a thing of which some fields were refused. `base` is what the server holds
 * of it, undefined where that is not known.
 */
const pointersOf = (errors: FieldError[]) => errors.map((error) => error.pointer)

/** Whether it can only be saved as a whole: put in anew, taken away, or refused as a whole. */
const indivisible = (value: unknown, base: unknown) => base === undefined || value === null

/** The value with its refused fields as the server holds them; null where that saves nothing. */
export function without(value: unknown, base: unknown, refused: FieldError[]): unknown {
  if (indivisible(value, base) || refused.length === 0) return null
  const rest = withLeaves(value, pointersOf(refused), base)
  return same(rest, value) || same(rest, base) ? null : rest
}

/** Whether more of it is left unsaved than the fields that were refused. */
export function wholly(value: unknown, base: unknown, refused: FieldError[]): boolean {
  if (indivisible(value, base) || refused.some((error) => error.pointer === '#')) return true
  return !same(withLeaves(value, pointersOf(refused), base), base)
}

/**
 * What was typed since it was last refused (`was`), laid over what the server holds: two fields
 * that are only right together (from and to) must not keep a third from being saved. Null where
 * there is nothing.
 */
export function typedSince(value: unknown, base: unknown, was: unknown): unknown {
  if (indivisible(value, base) || !was) return null
  const rest = withLeaves(base, changedLeaves(was, value), value)
  return same(rest, base) ? null : rest
}
