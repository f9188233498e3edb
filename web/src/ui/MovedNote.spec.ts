// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { BuildPicture, Moved } from '../api/types'
import { useBuild } from '../store/build'
import MovedNote from './MovedNote.vue'

beforeEach(() => setActivePinia(createPinia()))

function note(count: number) {
  const moved = Array.from({ length: count }, (_, n) => ({
    buildId: `b${n}`,
    sentence: `Build ${n}: planned finish 17 Mar instead of 16 Mar; it shares Bench.`,
  })) as Moved[]
  useBuild().view = { moved } as unknown as BuildPicture
  return mount(MovedNote, { global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } } })
}

describe('what a change moved besides', () => {
  it('is not there while nothing moved', () => {
    expect(note(0).text()).toBe('')
  })

  it('names three builds with the reason and counts the others', () => {
    const shown = note(5)
    expect(shown.findAll('a')).toHaveLength(3)
    expect(shown.text()).toContain('Build 0: planned finish 17 Mar instead of 16 Mar')
    expect(shown.text()).toContain('and 2 more')
  })
})
