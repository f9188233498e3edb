import { computed, shallowRef } from 'vue'

/**
 * Things made on this screen that are not among those read yet: between the answer to their saving
 * and the next reading they would vanish under the hand that types in them.
 */
export function useMadeHere<T extends { id: string }>(read: () => T[]) {
  const made = shallowRef<T[]>([])
  const unread = computed(() =>
    made.value.filter((thing) => !read().some((each) => each.id === thing.id)),
  )
  /** As it was last typed. */
  function put(thing: T) {
    made.value = [...made.value.filter((each) => each.id !== thing.id), thing]
  }
  function drop(id: string) {
    made.value = made.value.filter((each) => each.id !== id)
  }
  return { unread, put, drop }
}
