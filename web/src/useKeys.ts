import { onBeforeUnmount, onMounted } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { LEDGERS, STOPS } from './stops'
import { useAsk } from './store/ask'
import { useClock } from './store/clock'
import { useSession } from './store/session'
import { useShell } from './store/shell'
import { useUndo } from './store/undo'
import { intoTitle } from './useFocusKept'

/** The keys of the yard. They never fire inside a field. */
export function useKeys() {
  const router = useRouter()
  const route = useRoute()
  const shell = useShell()
  const ask = useAsk()
  const session = useSession()
  const clock = useClock()
  const undoing = useUndo()

  function inField(target: EventTarget | null): boolean {
    const element = target as HTMLElement | null
    return !!element?.closest('input, textarea, select, [contenteditable], [role=combobox]')
  }
  function jump(key: string): boolean {
    if (key === 'y') router.push('/yard')
    else if (key === 'b') router.push('/bench')
    else if (route.params.id) {
      const target = [...STOPS, ...LEDGERS].find((stop) => stop.key === key)
      if (!target) return false
      router.push(`/builds/${route.params.id}/${target.path}`)
    } else return false
    return true
  }
  function other(key: string): boolean {
    if (key === 'w') shell.watchOpen = !shell.watchOpen
    else if (key === '/') ask.find = true
    else if (key === '?') ask.keys = true
    else if (key === 'n' && shell.newHere) intoTitle(shell.newHere)
    else if (key === 's') clock.toggle()
    else return false
    return true
  }
  function pressed(event: KeyboardEvent) {
    if (!session.account || ask.any) return
    const chord = event.ctrlKey || event.metaKey ? event.key.toLowerCase() : ''
    if (chord === 'z' || chord === 'y') {
      // saved as typed: undo means the thing, inside a field as well
      event.preventDefault()
      if (chord === 'y' || event.shiftKey) undoing.redo()
      else undoing.undo()
      return
    }
    if (event.key === 'Escape' && inField(event.target)) (event.target as HTMLElement).blur()
    if (event.ctrlKey || event.metaKey || event.altKey || inField(event.target)) return
    if (jump(event.key) || other(event.key)) event.preventDefault()
  }
  onMounted(() => window.addEventListener('keydown', pressed))
  onBeforeUnmount(() => window.removeEventListener('keydown', pressed))
}
