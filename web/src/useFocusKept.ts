import { onBeforeUnmount, onMounted } from 'vue'

/**
 * Choosing something never drops the focus to the page: where the thing that had it goes away, the
 * nearest part of the screen that is still there takes it, so that the next Tab goes on from there.
 * A field never takes it by itself: the keys of the yard go on working.
 */
export function useFocusKept() {
  let path: HTMLElement[] = []

  function entered(event: FocusEvent) {
    path = []
    for (let at = event.target as HTMLElement | null; at; at = at.parentElement) path.push(at)
  }
  function changed() {
    const [last, ...around] = path
    if (!last || last.isConnected || document.activeElement !== document.body) return
    const near = around.find((element) => element.isConnected)
    if (!near || near === document.body || near === document.documentElement) return
    if (near.tabIndex < 0) near.setAttribute('tabindex', '-1')
    near.classList.add('takes-focus')
    near.focus({ preventScroll: true })
  }
  const watching = new MutationObserver(changed)
  onMounted(() => {
    document.addEventListener('focusin', entered)
    watching.observe(document.body, { childList: true, subtree: true })
  })
  onBeforeUnmount(() => {
    document.removeEventListener('focusin', entered)
    watching.disconnect()
  })
}

const TEXT = 'main input:not([type]), main input[type=text], main textarea'
const TRIES = 20
const TRY_MS = 30

/** After something new was asked for: the cursor goes into its title as soon as that is there. */
export async function intoTitle(ask: () => void) {
  const before = new Set(document.querySelectorAll(TEXT))
  ask()
  for (let tries = 0; tries < TRIES; tries++) {
    await new Promise((done) => setTimeout(done, TRY_MS))
    if (document.activeElement?.matches(TEXT)) return
    const fresh = [...document.querySelectorAll<HTMLInputElement>(TEXT)].find(
      (field) => !before.has(field) && !field.disabled,
    )
    if (fresh) return enter(fresh)
  }
  const name = [...document.querySelectorAll<HTMLLabelElement>('main label')].find(
    (label) => label.textContent?.trim() === 'Name',
  )
  const field = name && document.getElementById(name.htmlFor)
  if (field) enter(field as HTMLInputElement)
}
function enter(field: HTMLInputElement) {
  field.focus()
  field.select?.()
}
