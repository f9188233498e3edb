/**
 * A form in which something typed can't be read is not sent: the value from before would go instead,
 * and nobody would notice. The field, which says why, is entered.
 */
export function heedUnread(page: EventTarget = document) {
  page.addEventListener(
    'submit',
    (event) => {
      const unread = (event.target as HTMLElement).querySelector<HTMLElement>('[data-unread]')
      if (!unread) return
      event.preventDefault()
      event.stopImmediatePropagation()
      unread.focus()
    },
    { capture: true },
  )
}
