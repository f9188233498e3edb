import './page.css'
import { painted, type ScreenPicture } from './picture'
import { follow, type PageNews } from './stream'

/** The page of one screen: paints what it is told, and says when it is told nothing any more. */

/** How often it says that it is still open. */
const HERE_MS = 20_000
/** A line that breaks and comes again at once is not worth a word. */
const PATIENCE_MS = 6_000

const token = decodeURIComponent(location.pathname.split('/').pop() ?? '')
let picture: ScreenPicture | null = null
let brokenAt: number | null = null
let brokenSince = ''

function show() {
  const away = brokenAt !== null && performance.now() - brokenAt > PATIENCE_MS
  if (!picture) {
    document.body.replaceChildren(
      ...(away ? [words('away', `no connection since ${brokenSince}`)] : []),
    )
    return
  }
  document.title = picture.open ? picture.name : 'Screen'
  document.body.style.background = picture.groundHex
  document.body.replaceChildren(
    picture.open
      ? painted(picture)
      : words('closed', 'This page was withdrawn, or what it showed is gone.'),
    ...(away ? [words('away', `no connection since ${brokenSince}`)] : []),
  )
}
function words(kind: string, text: string): HTMLElement {
  const said = document.createElement('p')
  said.className = kind
  said.textContent = text
  return said
}
function hear(news: PageNews) {
  if ('picture' in news) picture = news.picture
  else if (news.line) {
    if (brokenAt === null) return
    brokenAt = null
  } else {
    if (brokenAt !== null) return
    brokenAt = performance.now()
    brokenSince = new Date().toTimeString().slice(0, 5)
    setTimeout(show, PATIENCE_MS + 100)
  }
  show()
}

/** By the worker that all pages of this browser share; by oneself where there is none. */
function begin() {
  if (typeof SharedWorker === 'undefined') {
    follow([token], (_, news) => hear(news))
    return
  }
  const worker = new SharedWorker(new URL('./worker.ts', import.meta.url), {
    type: 'module',
    name: 'screens',
  })
  worker.port.onmessage = ({ data }: MessageEvent<PageNews>) => hear(data)
  worker.port.postMessage({ token })
  setInterval(() => worker.port.postMessage({ here: true }), HERE_MS)
  addEventListener('pagehide', () => worker.port.postMessage({ bye: true }))
  addEventListener('pageshow', () => worker.port.postMessage({ here: true }))
}
begin()
