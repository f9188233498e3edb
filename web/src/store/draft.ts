import { ref, watch, type Ref } from 'vue'
import { useSession } from './session'

const PREFIX = 'ember-yard-draft:'

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
  const place = `${PREFIX}${useSession().account?.id ?? 'nobody'}:${key}`
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
