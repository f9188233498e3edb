import type { ScreenPicture } from './picture'

/** What a page is told. */
export type PageNews = { picture: ScreenPicture } | { line: boolean }

/** What a page shows whose link opens nothing. */
const CLOSED: ScreenPicture = {
  open: false,
  name: '',
  viewXMm: 0,
  viewYMm: 0,
  widthMm: 1,
  heightMm: 1,
  turnDegrees: 0,
  groundHex: '#000000',
  marks: [],
}
const FIRST_WAIT_MS = 1_000
const LONGEST_WAIT_MS = 10_000
/** The server says every 15 seconds that it is there; after so long without, the line is dead. */
const DEAD_MS = 40_000

/**
 * One stream for several pages of this browser, taken up again whenever it breaks.
 *
 * @param tokens of the pages
 * @param tell what a page is told, by its place among the tokens
 * @returns ends it
 */
export function follow(tokens: string[], tell: (page: number, news: PageNews) => void): () => void {
  const over = new AbortController()
  void keep(tokens, tell, over.signal)
  return () => over.abort()
}

async function keep(
  tokens: string[],
  tell: (page: number, news: PageNews) => void,
  over: AbortSignal,
) {
  const all = (line: boolean) => tokens.forEach((_, page) => tell(page, { line }))
  const closed = () => tokens.forEach((_, page) => tell(page, { picture: CLOSED }))
  let wait = FIRST_WAIT_MS
  while (!over.aborted) {
    try {
      const opened = await once(tokens, over, (about, value) => {
        wait = FIRST_WAIT_MS
        all(true)
        const page = /^page\/(\d+)$/.exec(about)
        if (page) tell(Number(page[1]), { picture: value as ScreenPicture })
      })
      if (!opened) {
        // it may be opened again one day: asked for now and then
        all(true)
        closed()
        await new Promise((done) => setTimeout(done, LONGEST_WAIT_MS))
        continue
      }
    } catch {
      // it broke: taken up again below
    }
    if (over.aborted) return
    all(false)
    await new Promise((done) => setTimeout(done, wait))
    wait = Math.min(LONGEST_WAIT_MS, wait * 2)
  }
}

/** Reads one stream to its end; false where none of the tokens opens anything. */
async function once(
  tokens: string[],
  over: AbortSignal,
  hear: (about: string, value: unknown) => void,
): Promise<boolean> {
  const dead = new AbortController()
  const stop = () => dead.abort()
  over.addEventListener('abort', stop)
  let silent = setTimeout(stop, DEAD_MS)
  try {
    const answer = await fetch('/api/screens/live', {
      headers: { 'X-Screen-Tokens': tokens.join(',') },
      credentials: 'omit',
      cache: 'no-store',
      signal: dead.signal,
    })
    if (answer.status === 404) return false
    if (!answer.ok || !answer.body) return true
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader()
    let rest = ''
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return true
      clearTimeout(silent)
      silent = setTimeout(stop, DEAD_MS)
      const events = (rest + value).split('\n\n')
      rest = events.pop()!
      for (const event of events) {
        const data = event
          .split('\n')
          .filter((line) => line.startsWith('data:'))
          .map((line) => line.slice(5))
          .join('\n')
        if (!data) continue
        const news = JSON.parse(data) as { about: string; value: unknown }
        hear(news.about, news.value)
      }
    }
  } finally {
    clearTimeout(silent)
    over.removeEventListener('abort', stop)
  }
}
