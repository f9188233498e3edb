import { ref, watch, type Ref } from 'vue'
import { useShell } from '../store/shell'

/**
 * What stands in a field. The program writes there only while nobody is in it and nothing typed in
 * it waits or was refused: a field that has the focus, or whose text was refused, stays as typed.
 *
 * @param shown the stored value as text
 * @param settled whether what was typed is readable and not refused
 * @param problem the sentence of a refusal that may come long after the field was left
 * @param own the value belongs to a form on this screen, which may empty its fields
 */
export function useTyped<T>(from: {
  shown: () => string
  /** The value behind the text, and how it is told to whoever keeps it. */
  value: () => T
  tell: (value: T) => void
  settled: (text: string) => boolean
  problem: () => string
  own?: () => boolean
}): {
  text: Ref<string>
  typing: Ref<boolean>
  type: (value: string | undefined) => void
  enter: () => void
  leave: () => void
  say: (value: T | undefined) => void
} {
  const shell = useShell()
  const text = ref(from.shown())
  /** Keys were pressed here since the text was last the program's. */
  const typing = ref(false)
  let inside = false
  /** What is stored was asked for: the field shows it, entered or not, until the next key. */
  let following = false
  let last = { typed: '', shown: '' }

  function write() {
    text.value = from.shown()
    typing.value = false
  }
  watch(from.shown, () => {
    if (
      from.own?.() ? !typing.value || from.shown() === '' : (!inside || following) && !typing.value
    )
      write()
  })
  watch(from.problem, (problem) => {
    if (inside) return
    if (problem && last.typed && from.shown() === last.shown) {
      text.value = last.typed
      typing.value = true
    } else if (!problem && typing.value && from.settled(text.value)) write()
  })
  // undo and its like are commands of the person, not of the program: the field follows, even entered
  watch(
    () => shell.shownAnew,
    () => {
      following = true
      last = { typed: '', shown: '' }
      write()
    },
    { flush: 'sync' },
  )
  let first: T
  let told = false

  /**
   * Tells what was read. While nothing can be read (undefined) the value from before the typing
   * stands: `90` on the way to `90 kg` is not kept as 90.
   */
  function say(value: T | undefined) {
    if (value !== undefined) from.tell(value)
    else if (told) from.tell(first)
    told = value !== undefined
  }
  function type(value: string | undefined) {
    if (!typing.value) {
      first = from.value()
      told = false
    }
    text.value = value ?? ''
    typing.value = true
    following = false
  }
  function enter() {
    inside = true
  }
  function leave() {
    inside = false
    if (!typing.value) return write()
    if (!from.settled(text.value)) return
    last = { typed: text.value, shown: from.shown() }
    write()
  }
  return { text, typing, type, enter, leave, say }
}
