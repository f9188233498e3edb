// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { AT_STOP, EVERYWHERE, type Section } from '../store/sections'
import BuildShell from './BuildShell.vue'

let away: boolean

/** A server that has every section, and may be away. */
async function answer(url: string) {
  if (away) throw new TypeError('no connection')
  if (!url.includes('/sections')) return new Response('{}')
  const want = new URL(url, 'http://here').searchParams.get('want')!.split(',') as Section[]
  const all: Partial<Record<Section, unknown>> = { head: {}, build: { brief: {} }, findings: [] }
  const sections = Object.fromEntries(want.map((each) => [each, all[each] ?? {}]))
  const tags = Object.fromEntries(want.map((each) => [each, 'same']))
  const answer = { revision: 1, now: '', versions: {}, tags, sections, changes: {} }
  return new Response(JSON.stringify(answer))
}

async function shellAt(path: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      {
        path: '/builds/:id',
        component: BuildShell,
        children: Object.keys(AT_STOP).map((stop) => ({
          path: stop,
          component: { template: `<h2>${stop}</h2>` },
        })),
      },
    ],
  })
  await router.push(path)
  const page = mount(
    { template: '<RouterView />' },
    { global: { plugins: [router], stubs: { FuseHeader: true } } },
  )
  await flushPromises()
  return { router, page }
}

beforeEach(() => {
  vi.useFakeTimers()
  away = false
  vi.stubGlobal('fetch', vi.fn(answer))
  setActivePinia(createPinia())
})
const asked = () =>
  vi
    .mocked(fetch)
    .mock.calls.map(([url]) => String(url))
    .filter((url) => url.includes('/sections'))

describe('a build that is open', () => {
  it('asks for what its stop shows, and for no more when one comes back', async () => {
    const { router, page } = await shellAt('/builds/b/fit')
    expect(page.text()).toBe('fit')
    expect(asked()[0]).toContain(`want=${[...EVERYWHERE, ...AT_STOP.fit]}`)
    await router.push('/builds/b/money')
    await flushPromises()
    expect(page.text()).toBe('money')
    await router.push('/builds/b/fit')
    await flushPromises()
    expect(page.text()).toBe('fit')
    expect(asked()).toHaveLength(2)
  })

  it('says so where the server is away before a stop was ever looked at, and shows it then', async () => {
    const { router, page } = await shellAt('/builds/b/fit')
    away = true
    await router.push('/builds/b/money')
    await flushPromises()
    expect(page.text()).toContain('does not answer: what is shown here comes as soon as it does')
    await router.push('/builds/b/fit')
    await flushPromises()
    expect(page.text()).toBe('fit')
    away = false
    await router.push('/builds/b/money')
    await flushPromises()
    expect(page.text()).toBe('money')
  })
})
