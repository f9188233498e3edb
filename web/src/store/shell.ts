import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { said } from '../units/writing'

/** How the window stands: night bench, watch panel, messages, what `n` means here. */
export const useShell = defineStore('shell', () => {
  const night = ref(localStorage.getItem('ember-yard-night') === 'yes')
  const watchOpen = ref(true)
  const message = ref('')
  const newHere = ref<(() => void) | null>(null)
  /** Grows when a person commands that what is stored be shown: undo, theirs taken, typing dropped. */
  const shownAnew = ref(0)
  let timer: ReturnType<typeof setTimeout> | undefined

  watch(
    night,
    (on) => {
      document.documentElement.classList.toggle('night', on)
      localStorage.setItem('ember-yard-night', on ? 'yes' : 'no')
    },
    { immediate: true },
  )
  /** Says something quietly for some seconds. */
  function say(words: string) {
    message.value = said(words)
    clearTimeout(timer)
    timer = setTimeout(() => (message.value = ''), 6000)
  }
  function showAnew() {
    shownAnew.value++
  }
  return { night, watchOpen, message, newHere, shownAnew, showAnew, say }
})
