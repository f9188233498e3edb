/** Puts a thing among others by its id; null takes it out. */
export function putThing<T extends { id: string }>(list: T[], id: string, value: T | null) {
  const at = list.findIndex((thing) => thing.id === id)
  list.splice(at >= 0 ? at : list.length, at >= 0 ? 1 : 0, ...(value ? [value] : []))
}

/** "panels/p1" → kind and id. */
export function partsOf(key: string): [string, string] {
  const slash = key.indexOf('/')
  return [key.slice(0, slash), key.slice(slash + 1)]
}
