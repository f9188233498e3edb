// @vitest-environment happy-dom
import { flushPromises, shallowMount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { routerKey } from 'vue-router'
import type { BuildPicture } from '../api/types'
import { useBuild } from '../store/build'
import SpaceView from './SpaceView.vue'

const BOX = { xMm: 0, yMm: 0, zMm: 0, widthMm: 100, depthMm: 80, heightMm: 60 }
const thing = (id: string, play: number) => ({
  id,
  componentId: id,
  name: id.toUpperCase(),
  bayId: 'bay',
  turn: 'UPRIGHT',
  pinned: false,
  hull: BOX,
  boxes: [],
  margins: { leftMm: play, rightMm: 9, frontMm: 9, backMm: 9, belowMm: 9, aboveMm: 9 },
})
/** What stands in the space, each with so much play to its left. */
function shown(play: Record<string, number>) {
  const outer = { ...BOX, widthMm: 400 }
  const components = Object.keys(play).map((id) => ({ id, fitted: {} }))
  useBuild().view = {
    build: { components, enclosures: [{ name: 'Box', widthMm: 400 }] },
    overall: null,
    fit: {
      space: {
        outer,
        overall: outer,
        bays: [{ id: 'bay', name: 'Bay' }],
        things: Object.entries(play).map(([id, mm]) => thing(id, mm)),
        unplaced: [],
        order: [],
        screens: [],
      },
    },
  } as unknown as BuildPicture
}

describe('the thing whose place is typed', () => {
  it('stays the one though another has less play by then', async () => {
    setActivePinia(createPinia())
    shown({ a: 1, b: 5 })
    const space = shallowMount(SpaceView, { global: { provide: { [routerKey]: {} } } })
    const title = () => space.get('.picked h3').text()
    expect(title()).toBe('A')
    shown({ a: 7, b: 5 })
    await flushPromises()
    expect(title()).toBe('A')
    shown({ b: 5, c: 2 })
    await flushPromises()
    expect(title()).toBe('C')
  })
})
