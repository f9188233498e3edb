// @vitest-environment happy-dom
import { shallowMount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { BuildPicture } from '../api/types'
import { useBuild } from '../store/build'
import HeldView from './HeldView.vue'

const line = (id: string, more: object) => ({
  componentId: id,
  name: id,
  pieces: 1,
  bay: 'Tray',
  held: null,
  proposed: true,
  points: [],
  screws: 0,
  massKg: 0.5,
  warm: false,
  tapeCm2: 28.5,
  backCm2: 31.5,
  tapeWhy: { formula: '', inputs: [] },
  ...more,
})
function opened(things: object[], fixing: object = {}, hungOn: object[] = []) {
  useBuild().view = {
    build: {
      components: [
        { id: 'a', fitted: { fixing } },
        { id: 'b', fitted: {} },
      ],
    },
    fit: { held: { things, hungOn } },
  } as unknown as BuildPicture
  return shallowMount(HeldView, { global: { stubs: { RouterLink: true } } })
}

describe('what holds things', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('counts what nothing holds', () => {
    const view = opened([line('a', {}), line('b', { held: 'STRAP', proposed: false })])
    expect(view.text()).toContain('2 things in their places, 1 of them held by nothing')
    expect(view.get('[aria-label=a]').text()).toContain('nothing holds it')
    expect(view.get('[aria-label=b]').text()).not.toContain('nothing holds it')
  })

  it('says screws where it is screwed and tape where it is taped', () => {
    const points = ['front left', 'front right', 'back left', 'back right']
    const screwed = opened([line('a', { held: 'POINTS', points, screws: 3 })])
    expect(screwed.get('[aria-label=a]').text()).toContain('3 of 4 screws')
    const taped = opened([line('a', { held: 'TAPE', points })], { held: 'TAPE' })
    expect(taped.get('[aria-label=a]').text()).toContain('28.5 of 31.5 cm² tape')
    expect(taped.get('[aria-label=a]').text()).not.toContain('screws')
  })

  it('lists what hung on a bay that is cut away', () => {
    const view = opened([line('a', { held: 'BRACKET' })], {}, [
      { bay: 'Cage', things: ['Drive'], beside: ['Fans'] },
      { bay: 'Shelf', things: [], beside: [] },
    ])
    expect(view.findAll('.hung').map((each) => each.text().replace(/\s+/g, ' '))).toEqual([
      '“Cage” is cut awayDrive hung on it. Against it: Fans.',
      '“Shelf” is cut awayNothing hung on it.',
    ])
  })

  it('says why it is empty', () => {
    expect(opened([]).text()).toContain('Nothing has a place yet')
  })
})
