import { afterEach, vi } from 'vitest'

/** Test files share one page and its clock: what one of them faked is real again for the next. */
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})
