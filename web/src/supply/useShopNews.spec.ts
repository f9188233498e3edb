// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { useBuild } from '../store/build'
import { useShopNews } from './useShopNews'

const { send, get } = vi.hoisted(() => ({ send: vi.fn(), get: vi.fn() }))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  send,
  get,
}))

describe('what shops said', () => {
  it('is never overwritten by what was read before they were asked', async () => {
    setActivePinia(createPinia())
    useBuild().reload = vi.fn(() => Promise.resolve())
    let late: (read: object) => void = () => undefined
    get.mockReturnValue(new Promise((answered) => (late = answered)))
    send.mockResolvedValue({ connected: true, askedAt: '2026-03-20T12:00:00Z' })
    let shop = {} as ReturnType<typeof useShopNews>
    const shown = mount(defineComponent({ setup: () => ((shop = useShopNews()), () => null) }))
    await shop.ask()
    late({ connected: true, askedAt: null })
    await flushPromises()
    expect(shop.news.value?.askedAt).toBe('2026-03-20T12:00:00Z')
    shown.unmount()
  })
})
