import { vi } from 'vitest'

/** A browser in which nothing changes its size, for tests of drawings. */
export function fakeResize() {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  )
}
