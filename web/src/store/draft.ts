import { ref, watch, type Ref } from 'vue'
import { useSession } from './session'

const PREFIX = 'ember-yard-draft:'
const placeOf = (key: string) => `${PREFIX}${useSession().account?.id ?? 'nobody'}:${key}`

/** Lays a draft down for a form that is about to open. */
export function putDraft(key: string, value: string) {
  localStorage.setItem(placeOf(key), JSON.stringify(value))
}

/**
 * Something half typed in a form: it survives reload and belongs to the account that typed it. Back
 * at its first value it is forgotten, so emptying a form after it was sent is enough. Never for
 * passwords or tokens.
 *
 * @param key names the form and the field, with the thing it is about
 */
export function useDraft(key: string, first: string): Ref<string>
export function useDraft<T extends string | number | null>(key: string, first: T): Ref<T>
export function useDraft<T extends string | number | null>(key: string, first: T): Ref<T> {
  const place = placeOf(key)
  const draft = ref(first) as Ref<T>
  const kept = localStorage.getItem(place)
  try {
    if (kept !== null) draft.value = JSON.parse(kept)
  } catch {
    localStorage.removeItem(place)
  }
  watch(
    draft,
    (value) => {
      try {
        if (value === first) localStorage.removeItem(place)
        else localStorage.setItem(place, JSON.stringify(value))
      } catch {
        // a full storage loses the draft at a reload, never the form that is open
      }
    },
    { flush: 'sync' },
  )
  return draft
}
