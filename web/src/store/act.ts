import { newId } from '../api/client'

/**
 * Which act an edit belongs to: all keys of one visit to a field are one step of undo, two fields
 * are two. Outside of fields each press or gesture is an act; keys that follow quickly are one.
 */
const PAUSE_MS = 1000
let act = newId()
let lastKey = 0

export const actNow = () => act

/** From here on it is another act. */
export function begin() {
  act = newId()
}
function key(event: KeyboardEvent) {
  const field = (event.target as HTMLElement | null)?.closest?.('input, textarea, select')
  if (field) return
  if (event.timeStamp - lastKey > PAUSE_MS) begin()
  lastKey = event.timeStamp
}
if (typeof document !== 'undefined') {
  document.addEventListener('focusin', begin, true)
  document.addEventListener('pointerdown', begin, true)
  document.addEventListener('keydown', key, true)
}
