import { onBeforeUnmount, ref } from 'vue'

/** Looks at something at the server while it changes; closes by itself when this screen goes. */
export function useStream<T>(over: (value: T) => boolean) {
  const value = ref<T | null>(null)
  let source: EventSource | null = null
  function close() {
    source?.close()
    source = null
  }
  function follow(address: string, after?: (last: T) => void) {
    close()
    source = new EventSource(address)
    source.onmessage = (event) => {
      const now = JSON.parse(event.data) as T
      value.value = now
      if (over(now)) {
        close()
        after?.(now)
      }
    }
  }
  onBeforeUnmount(close)
  return { value, follow, close }
}
