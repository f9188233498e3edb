const TEXT =
  'textarea, input:not([type]), input[type=text], input[type=search], input[type=password]'

/**
 * Versions as whoever is here has seen them. What others stored meanwhile is shown around a field
 * that somebody types in, and not in it: what is typed there was typed on the version before, and
 * the server has to know, or their change would be lost without a word.
 */
export class SeenVersions {
  private readonly waiting = new Map<string, number>()
  private typing = false

  constructor(private readonly show: (path: string, version: number) => void) {
    document.addEventListener?.('input', (event) => this.typed(event.target), true)
    document.addEventListener?.('focusout', () => this.left())
  }
  /** A thing was read anew. */
  read(path: string, version: number, known: boolean) {
    if (known && this.typing) this.waiting.set(path, version)
    else this.show(path, version)
  }
  /** The server has answered for an edit of it: that is seen. */
  answered(path: string) {
    this.waiting.delete(path)
  }
  private typed(field: EventTarget | null) {
    this.typing ||= (field as Element | null)?.matches?.(TEXT) ?? false
  }
  private left() {
    this.typing = false
    for (const [path, version] of this.waiting) this.show(path, version)
    this.waiting.clear()
  }
}
