import { computed, nextTick, ref, watch, type ComputedRef, type Ref } from 'vue'
import { useShell } from '../store/shell'
import type { Offer } from '../units/reading'
import { useUnread } from './unread'

/**
 * What was understood of a text: a value, or why there is none and what might be meant. An open one
 * may be the beginning of another (a day without its year) and is taken when the field is left.
 */
export type Understood<T> =
  | { value: T; open?: boolean; sentence?: undefined; offers?: undefined }
  | { value?: undefined; sentence: string; offers?: Offer[] }

/**
 * What stands in a field. The program writes there only while nothing was typed in it since it was
 * entered, and nothing typed waits or was refused: until then it stays as typed.
 *
 * @param shown the stored value as text
 * @param read what a text is understood as
 * @param problem the sentence of a refusal that may come long after the field was left
 * @param own the value belongs to a form on this screen, which may empty its fields
 */
export function useTyped<T>(from: {
  shown: () => string
  /** The value behind the text, and how it is told to whoever keeps it. */
  value: () => T
  tell: (value: T) => void
  read: (text: string) => Understood<T>
  problem: () => string
  own?: () => boolean
}): {
  text: Ref<string>
  typing: Ref<boolean>
  /** Why what is being typed can't be read; null while it can, or nobody types. */
  wrong: ComputedRef<{ sentence: string; offers?: Offer[] } | null>
  put: (value: string | undefined) => void
  enter: () => void
  leave: () => void
} {
  const shell = useShell()
  const unread = useUnread()
  const text = ref(from.shown())
  /** Keys were pressed here since the text was last the program's. */
  const typing = ref(false)
  let inside = false
  let last = { typed: '', shown: '' }

  const settled = () => !from.problem() && from.read(text.value).value !== undefined
  const wrong = computed(() => {
    const understood = typing.value ? from.read(text.value) : null
    return understood?.sentence === undefined ? null : understood
  })
  function write() {
    if (wrong.value) remember(null)
    text.value = from.shown()
    typing.value = false
  }
  /** A text that was chosen as a whole to be typed over still is when it is another. */
  function writeUnderTheCaret() {
    const field = document.activeElement as HTMLInputElement | null
    const whole =
      !!field?.value && field.selectionEnd === field.value.length && !field.selectionStart
    write()
    if (whole) nextTick(() => field.select?.())
  }
  watch(from.shown, () => {
    if (typing.value && !(from.own?.() && from.shown() === '')) return
    if (inside) writeUnderTheCaret()
    else write()
  })
  watch(from.problem, (problem) => {
    if (inside) return
    if (problem && last.typed && from.shown() === last.shown) {
      text.value = last.typed
      typing.value = true
    } else if (!problem && typing.value && settled()) write()
  })
  // undo and its like are commands of the person, not of the program: the field follows, even entered
  watch(
    () => shell.shownAnew,
    () => {
      last = { typed: '', shown: '' }
      write()
    },
    { flush: 'sync' },
  )
  /** What was stored before the typing, as a value and as text. */
  let first = from.value()
  let over = from.shown()
  let told = false
  let latest = first

  /** Text nobody can read outlives a reload; a form keeps its own. */
  function remember(typed: string | null) {
    if (!from.own?.()) unread.keep(over, typed)
  }
  const kept = from.own?.() ? null : unread.found(over)
  if (kept !== null) {
    text.value = kept
    typing.value = true
  }

  /**
   * Tells what was read. While nothing can be read (undefined) the value from before the typing
   * stands: `90` on the way to `90 kg` is not kept as 90.
   */
  function say(value: T | undefined) {
    if (value !== undefined) tell(value)
    else if (told) tell(first)
    told = value !== undefined
  }
  /**
   * A key that changes nothing (`140.` on the way to `140.5`) is not told: its answer would bring
   * what others stored meanwhile, and the next key would be typed over that unseen.
   */
  function tell(value: T) {
    if (told && JSON.stringify(value) === JSON.stringify(latest)) return
    latest = value
    from.tell(value)
  }
  function put(value: string | undefined) {
    if (!typing.value) {
      first = from.value()
      over = from.shown()
      told = false
    }
    text.value = value ?? ''
    typing.value = true
    const understood = from.read(text.value)
    say(understood.sentence !== undefined || understood.open ? undefined : understood.value)
    remember(understood.sentence === undefined ? null : text.value)
  }
  function enter() {
    inside = true
  }
  function leave() {
    inside = false
    if (!typing.value) return write()
    const understood = from.read(text.value)
    if (understood.sentence === undefined && understood.open && understood.value !== from.value())
      say(understood.value)
    if (!settled()) return
    last = { typed: text.value, shown: from.shown() }
    write()
  }
  return { text, typing, wrong, put, enter, leave }
}
