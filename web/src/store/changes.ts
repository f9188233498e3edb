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
      now[field] = raw(value)
    } else {
      if (!copied.has(field)) now[field] = markRaw((now[field] as unknown[]).slice())
      copied.add(field)
      ;(now[field] as unknown[])[Number(place)] = value
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
