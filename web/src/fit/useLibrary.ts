import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get } from '../api/client'
import type { LibraryView } from '../api/types'

/** Hardware, lights and enclosures to choose from: read when one is first chosen. */
export const useLibrary = defineStore('library', () => {
  const view = ref<LibraryView | null>(null)
  const problem = ref('')
  const hardware = computed(() => view.value?.hardware ?? [])
  const lights = computed(() => view.value?.lights ?? [])
  const enclosures = computed(() => view.value?.enclosures ?? [])

  async function load(again = false) {
    if (view.value && !again) return
    try {
      view.value = await get<LibraryView>('/api/library')
      problem.value = ''
    } catch (refusal) {
      problem.value = (refusal as Error).message
    }
  }
  return { view, problem, hardware, lights, enclosures, load }
})
