import { vi } from 'vitest'

/** What the saver needs of a browser, for its tests: cookies and what is kept. */
export function fakeBrowser(kept: () => Record<string, string>) {
  vi.stubGlobal('document', {
    cookie: 'XSRF-TOKEN=t',
    documentElement: { classList: { toggle: () => undefined } },
  })
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept()[key] ?? null,
    setItem: (key: string, value: string) => (kept()[key] = value),
  })
}
