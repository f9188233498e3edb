import type { FieldError } from '../api/client'

export interface Edit {
  /** "panels/p1" */
  key: string
  /** Address of the thing. */
  path: string
  /** The whole thing; null takes it away. */
  value: unknown
  /** Where the thing is made by a POST: that address. */
  post?: string
  /** What was done, where it is no thing but an act: refused, it is said and let go. */
  deed?: string
}

/** An edit on its way: on which version it was typed and what was sent of it last. */
export interface Waiting extends Edit {
  /** The step of undo it belongs to. */
  act?: string
  version?: number
  /** What the server held of it when it was typed. */
  base?: unknown
  /** The last values sent, the newest last: an answer that was lost is known again by them. */
  sent?: unknown[]
}

/** An edit of which some fields, or all (`#`), were refused; they stay as typed. */
export interface Refused extends Edit {
  errors: FieldError[]
  /** Nothing of it could be stored without its refused fields. */
  whole?: boolean
}

export interface Conflict extends Edit {
  /** null where they took the thing away. */
  theirs: { version: number; value: unknown } | null
  /** Pointers to what both changed; empty where all of it is asked. */
  places: string[]
  /** Everything laid together, what both changed taken from one side. */
  both: { mine: unknown; theirs: unknown } | null
}

/** The name of a thing before its sentence: "Tide board: ". */
export function nameOf(edit: Edit): string {
  const thing = (edit.value ?? {}) as Record<string, unknown>
  const name = [thing.name, thing.title, thing.text].find(
    (words) => typeof words === 'string' && words,
  )
  return name ? `“${name}”: ` : ''
}
