import { markRaw } from 'vue'

/**
 * What is held, with what changed in its place: “panels.3” is an element of a list in a field,
 * “brief” a field, “3” an element where the section itself is a list. Everything else stays the same
 * object, and what is drawn from it is not drawn again.
 */
export function changed<T extends object>(held: T, changes: Record<string, unknown>): T {
  const now = (Array.isArray(held) ? held.slice() : { ...held }) as Record<string, unknown>
  const copied = new Set<string>()
  for (const [name, value] of Object.entries(changes)) {
    const [field, place] = name.split('.')
    if (place === undefined) {
      now[field] = raw(kept(now[field], value))
    } else {
      if (!copied.has(field)) now[field] = markRaw((now[field] as unknown[]).slice())
      copied.add(field)
      const list = now[field] as unknown[]
      list[Number(place)] = kept(list[Number(place)], value)
    }
  }
  return markRaw(now) as T
}

/** The same in something that is watched in depth: it is changed where it is. */
export function change(held: object, changes: Record<string, unknown>) {
  const fields = held as Record<string, unknown>
  for (const [name, value] of Object.entries(changes)) {
    const [field, place] = name.split('.')
    if (place === undefined) fields[field] = value
    else (fields[field] as unknown[])[Number(place)] = value
  }
}

/** What is derived comes whole with the next answer: nobody watches what is in it. */
export function raw<T>(value: T): T {
  return value !== null && typeof value === 'object' ? markRaw(value) : value
}

/**
 * What came, and of what was there all that is equal: that stays the same object.
 *
 * @param came is changed
 */
export function kept<T>(was: unknown, came: T): T {
  if (!isObject(was) || !isObject(came) || Array.isArray(was) !== Array.isArray(came)) return came
  const names = Object.keys(came)
  let same = names.length === Object.keys(was).length
  for (const name of names) {
    ;(came as Record<string, unknown>)[name] = kept(was[name], came[name])
    same &&= name in was && came[name] === was[name]
  }
  return same ? (was as T) : came
}
function isObject(value: unknown): value is Record<string, unknown> {
  return value !== null && typeof value === 'object'
}
