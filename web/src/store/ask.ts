import { defineStore } from 'pinia'
import { computed, ref } from 'vue'

/** Which dialog is open. */
export const useAsk = defineStore('ask', () => {
  const keys = ref(false)
  const find = ref(false)
  const any = computed(() => keys.value || find.value)
  return { keys, find, any }
})
