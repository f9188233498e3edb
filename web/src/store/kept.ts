/**
 * What the browser keeps until the server has answered for it, apart for every account: nobody else
 * on the same tablet sends it or sees it. Windows of one account share it, entry by entry.
 */
const PREFIX = 'ember-yard-unsaved:'

export class KeptEntries<T> {
  constructor(
    private readonly account: string,
    private readonly kind: 'pending' | 'refused',
    /** Called when the browser can't keep any more. */
    private readonly full: () => void,
  ) {}

  private get place() {
    return `${PREFIX}${this.kind}:${this.account}`
  }
  all(): [string, T][] {
    try {
      const read = JSON.parse(localStorage.getItem(this.place) ?? '[]')
      return Array.isArray(read) ? read : []
    } catch {
      return []
    }
  }
  /** Keeps or forgets one entry and leaves what other windows keep. */
  put(path: string, entry: T | null) {
    const rest = this.all().filter(([kept]) => kept !== path)
    const all = entry === null ? rest : [...rest, [path, entry]]
    try {
      localStorage.setItem(this.place, JSON.stringify(all))
    } catch {
      // it is sent all the same; only a reload in between would lose it
      this.full()
    }
  }
}
