import { onBeforeUnmount, ref } from 'vue'
import type { NestProgress } from '../api/types'
import { useLive } from '../store/live'

/** A search for a layout, as it goes on; let go of when this screen goes. */
export function useSearch() {
  const live = useLive()
  const now = ref<NestProgress | null>(null)
  let off = () => {}

  function follow(begun: NestProgress) {
    off()
    now.value = begun
    off = live.on<NestProgress>(`nest/${begun.id}`, (news) => (now.value = news))
  }
  function forget() {
    off()
    now.value = null
  }
  onBeforeUnmount(() => off())
  return { now, follow, forget }
}
