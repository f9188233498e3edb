import { getCurrentInstance, onBeforeUnmount } from 'vue'
import { useSession } from '../store/session'

const PREFIX = 'ember-yard-unread:'
/** How many fields stand at a place: rows of one list are told apart by their order. */
const standing = new Map<string, number>()

/**
 * Keeps what can't be read in a field over a reload of its screen, in this tab and for this account.
 * The field is known by its place: the address, its tag in the source, its label, its order among
 * equals, and the stored value it shows.
 */
export function useUnread() {
  const instance = getCurrentInstance()
  const tag = instance?.attrs['data-tag']
  const row = `${location.pathname}${location.search}|${String(tag)}|${String(instance?.props.label)}`
  const order = standing.get(row) ?? 0
  standing.set(row, order + 1)
  onBeforeUnmount(() => standing.set(row, (standing.get(row) ?? 1) - 1))
  const account = useSession().account?.id ?? 'nobody'
  const place = (shown: string) => `${PREFIX}${account}:${row}|${order}|${shown}`

  /** What was typed over this value before the reload, if it could not be read. */
  function found(shown: string): string | null {
    return tag ? sessionStorage.getItem(place(shown)) : null
  }
  /** Remembers what can't be read; null once it can, or was given up. */
  function keep(shown: string, text: string | null) {
    if (!tag) return
    try {
      if (text === null) sessionStorage.removeItem(place(shown))
      else sessionStorage.setItem(place(shown), text)
    } catch {
      // a full storage loses it at a reload, never while the field is open
    }
  }
  return { found, keep }
}
