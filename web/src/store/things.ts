export type Thing = { id: string; readonly figureKeys?: Record<string, string> }

/** “outside-finishes” → “outsideFinishes”, the list of that kind in a build or the workshop's book */
export function listName(kind: string): string {
  return kind.replace(/-(\w)/g, (_dash, letter: string) => letter.toUpperCase())
}

/** “briefs” → “brief”, of which there is one */
function singleName(kind: string): string {
  return kind.replace(/s$/, '')
}

/** The thing of a kind in a build or the workshop's book. */
export function findThing(holder: object, kind: string, id: string): unknown {
  const fields = holder as Record<string, unknown>
  const list = fields[listName(kind)]
  return Array.isArray(list)
    ? (list as Thing[]).find((thing) => thing.id === id)
    : fields[singleName(kind)]
}

/** Puts a thing in its place, or among the others of its kind; null or nothing takes it out of those. */
export function putThing(holder: object, kind: string, id: string, value: unknown) {
  const fields = holder as Record<string, unknown>
  const list = fields[listName(kind)]
  if (Array.isArray(list)) {
    const at = (list as Thing[]).findIndex((thing) => thing.id === id)
    list.splice(at >= 0 ? at : list.length, at >= 0 ? 1 : 0, ...(value ? [value] : []))
  } else if (value && singleName(kind) in fields) {
    fields[singleName(kind)] = value
  }
}

/** "panels/p1" → kind and id. */
export function partsOf(key: string): [string, string] {
  const slash = key.indexOf('/')
  return [key.slice(0, slash), key.slice(slash + 1)]
}
