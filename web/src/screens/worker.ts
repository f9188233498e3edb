import { follow } from './stream'

/** Holds the one stream of this browser for all its pages: it has six lines to a host. */

/** A page that says nothing for so long is gone; one in the background is slow to say so. */
const GONE_MS = 180_000
/** Pages that open together are followed together. */
const TOGETHER_MS = 60

interface Page {
  port: MessagePort
  token: string
  saidAt: number
}
const pages = new Set<Page>()
let end: (() => void) | null = null
let soon: ReturnType<typeof setTimeout> | undefined

function begin() {
  end?.()
  const followed = [...pages]
  end = followed.length
    ? follow(
        followed.map((page) => page.token),
        (index, news) => followed[index].port.postMessage(news),
      )
    : null
}
function anew() {
  clearTimeout(soon)
  soon = setTimeout(begin, TOGETHER_MS)
}
setInterval(() => {
  const now = Date.now()
  const gone = [...pages].filter((page) => now - page.saidAt > GONE_MS)
  gone.forEach((page) => pages.delete(page))
  if (gone.length) anew()
}, GONE_MS / 6)

type Said = { token: string } | { here: true } | { bye: true }
const scope = self as unknown as { onconnect: (event: MessageEvent) => void }
scope.onconnect = (event) => {
  const port = event.ports[0]
  const page: Page = { port, token: '', saidAt: Date.now() }
  port.onmessage = ({ data }: MessageEvent<Said>) => {
    page.saidAt = Date.now()
    if ('token' in data) {
      page.token = data.token
      pages.add(page)
      anew()
    } else if ('bye' in data) {
      pages.delete(page)
      anew()
    } else if (page.token && !pages.has(page)) {
      pages.add(page)
      anew()
    }
  }
}
