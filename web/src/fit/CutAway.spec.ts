// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { fakeResize } from '../ui/fakeResize'
import type { PlacedThing, SpaceModel } from '../api/types'
import { overlap, room } from '../ui/labels'
import CutAway from './CutAway.vue'
import type { Sight } from './projection'

beforeEach(() => {
  setActivePinia(createPinia())
  fakeResize()
})

const box = (xMm: number, yMm: number, zMm: number, side: number) => ({
  ...{ xMm, yMm, zMm },
  ...{ widthMm: side, depthMm: side, heightMm: side },
})
const thing = (id: string, at: ReturnType<typeof box>) =>
  ({
    id,
    componentId: id,
    name: `Thing ${id}`,
    kind: 'DRIVE',
    bayId: 'bay',
    turn: 'UPRIGHT',
    pinned: false,
    hull: at,
    solids: [{ ofId: id, what: 'body', body: true, hard: true, box: at }],
    margins: { leftMm: 5, rightMm: 5, frontMm: 5, backMm: 5, belowMm: 5, aboveMm: 5 },
  }) as unknown as PlacedThing
const SPACE = {
  outer: { ...box(0, 0, 0, 300), heightMm: 400 },
  bays: [{ id: 'bay', name: 'Bay', box: box(10, 10, 10, 280), access: 'FRONT', changed: false }],
  things: [thing('a', box(20, 30, 40, 60)), thing('b', box(160, 30, 40, 60))],
  unplaced: [
    { componentId: 'c', name: 'Too high', ghost: box(100, 100, 200, 80), missing: '2.3 mm height' },
  ],
} as unknown as SpaceModel

const open = (sight: Sight, space = SPACE, movable = true) =>
  mount(CutAway, { props: { space, sight, height: 500, scale: 1, picked: null, movable } })

describe('the enclosure cut open', () => {
  it.each([
    ['plan', 'ArrowUp', [0, 1]],
    ['front', 'ArrowLeft', [-1, 0]],
    ['side', 'ArrowDown', [0, -1]],
  ] as const)('moves a thing by its arrows, %s', async (sight, key, [across, up]) => {
    const art = open(sight)
    const thing = art.find('[role=button]')
    await thing.trigger('keydown', { key })
    await thing.trigger('keydown', { key, shiftKey: true })
    const moves = art.emitted('move') as [PlacedThing, number, number][]
    expect(moves.map(([, x, y]) => [x, y])).toEqual([
      [across, up],
      [across * 10, up * 10],
    ])
  })

  it('moves a thing by the hand in millimetres, and not by a mere press', async () => {
    const art = open('front')
    const thing = art.find('[role=button]')
    thing.element.setPointerCapture = () => undefined
    await thing.trigger('pointerdown', { clientX: 10, clientY: 10 })
    await thing.trigger('pointerup')
    expect(art.emitted('move')).toBeUndefined()
    await thing.trigger('pointerdown', { clientX: 10, clientY: 10 })
    await thing.trigger('pointermove', { clientX: 30, clientY: 5 })
    await thing.trigger('pointerup')
    expect((art.emitted('move')![0] as unknown[]).slice(1)).toEqual([20, 5])
  })

  it('is only picked where nothing may move', async () => {
    const art = open('front', SPACE, false)
    const thing = art.find('[role=button]')
    await thing.trigger('keydown', { key: 'ArrowLeft' })
    await thing.trigger('keydown', { key: 'Enter' })
    expect(art.emitted('move')).toBeUndefined()
    expect(art.emitted('pick')).toHaveLength(1)
  })

  it('says once what is short, in the view where it is seen', () => {
    const short = (sight: Sight) =>
      open(sight)
        .findAll('text.short')
        .map((each) => each.text())
    expect(short('front')).toEqual(['2.3 mm short'])
    expect(short('plan')).toEqual([])
    expect(short('side')).toEqual([])
  })

  it('writes no label over another, however many things lie there', () => {
    const many = Array.from({ length: 30 }, (_, i) =>
      thing(`t${i}`, box(20 + (i % 6) * 12, 30 + i * 5, 40 + (i % 4) * 9, 20)),
    )
    for (const sight of ['plan', 'front', 'side'] as const) {
      const art = open(sight, { ...SPACE, things: many } as SpaceModel)
      const areas = art.findAll('figure text:not(.dimension text)').map((text) =>
        room(text.text(), {
          x: Number(text.attributes('x')),
          y: Number(text.attributes('y')) - 4.5,
        }),
      )
      expect(areas.length).toBeGreaterThan(3)
      areas.forEach((area, i) =>
        areas.slice(i + 1).forEach((other) => expect(overlap(area, other)).toBe(false)),
      )
    }
  })
})
