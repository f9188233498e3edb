// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useShell } from '../store/shell'
import BrokenBuilds from './BrokenBuilds.vue'

beforeEach(() => setActivePinia(createPinia()))

function open(mendable: boolean, leftOut: string[] = []) {
  const build = { id: 'b', name: 'Moss', sentence: '“Moss” can’t be worked out: 9.0 mm.', mendable }
  return mount(BrokenBuilds, {
    props: { broken: [build], leftOut },
    global: { plugins: [PrimeVue] },
  })
}

describe('a build that can’t be worked out', () => {
  it('says why, and is put back with one press', async () => {
    const asked: string[] = []
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      asked.push(`${init.method} ${url}`)
      return new Response('', { status: 200 })
    })
    const yard = open(true)
    expect(yard.text()).toContain('“Moss” can’t be worked out: 9.0 mm.')
    await yard.find('button').trigger('click')
    await flushPromises()
    expect(asked).toEqual(['POST /api/builds/b/mend'])
    expect(yard.emitted('mended')).toHaveLength(1)
    expect(useShell().message).toContain('Moss is as it was before')
  })
  it('says what of the workshop is left out', () => {
    const sentence = '“Quayside” of the suppliers is left out: it says “x”.'
    expect(open(true, [sentence]).text()).toContain(sentence)
  })
  it('offers no press where nothing is known that would mend it', () => {
    expect(open(false).find('button').exists()).toBe(false)
  })
})
