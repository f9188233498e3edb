import { describe, expect, it } from 'vitest'
import type { WiringModel } from '../api/types'
import { crossings, lines, placesOf, type Rope } from './wiringPlaces'

const socket = (id: string, used = true) => ({ id, name: id, count: 1, used, lacking: '' })
const taker = (id: string, kind: 'SCREEN' | 'DEVICE' = 'SCREEN', lit = true) => ({
  id,
  name: id,
  kind,
  note: '',
  lit,
  why: '',
  fixed: false,
  widthMm: 260,
  heightMm: 70,
})
const rope = (from: string, to: string, words = 'its own lead', lit = true): Rope => ({
  from,
  to,
  words,
  plugs: '',
  lengthMm: 500,
  lit,
})
function wiring(more: Partial<WiringModel>): WiringModel {
  return {
    givers: [
      { id: 'card', name: 'Card', note: '', sockets: [socket('a'), socket('b')] },
      { id: 'board', name: 'Board', note: '', sockets: [socket('c')] },
    ],
    between: [{ id: 'hub', linkId: 'hub', name: 'Hub', note: '', bought: true }],
    takers: [taker('s1'), taker('s2'), taker('d1', 'DEVICE'), taker('d2', 'DEVICE')],
    ropes: [
      rope('a', 's1'),
      rope('b', 's2'),
      rope('c', 'hub'),
      rope('hub', 'd1'),
      rope('hub', 'd2'),
    ],
    ...more,
  } as WiringModel
}

describe('places of the wiring', () => {
  it('lay nothing over anything, at any width', () => {
    for (const width of [620, 700, 872, 1400]) {
      const { givers, takers, between, height } = placesOf(wiring({}), width)
      for (const column of [givers, takers, between])
        column.slice(1).forEach((spot, index) => {
          expect(spot.y).toBeGreaterThanOrEqual(column[index].y + column[index].height)
        })
      for (const spot of [...givers, ...takers, ...between]) {
        expect(spot.x).toBeGreaterThanOrEqual(0)
        expect(spot.x + spot.width).toBeLessThanOrEqual(width)
        expect(spot.y + spot.height).toBeLessThanOrEqual(height + 60)
      }
      const left = givers[0].width
      expect(between[0].x).toBeGreaterThan(left)
      expect(between[0].x + between[0].width).toBeLessThan(takers[0].x)
    }
  })

  it('stay where they are when a lead changes', () => {
    const before = placesOf(wiring({}), 872)
    const after = placesOf(wiring({ ropes: [rope('b', 's1'), rope('a', 's2')] }), 872)
    expect(after.givers).toEqual(before.givers)
    expect(after.takers).toEqual(before.takers)
    expect(crossings(before)).toBe(0)
    expect(crossings(after)).toBe(1)
  })

  it('put a hub at the mean height of what hangs on it, and hubs apart from one another', () => {
    const two = wiring({
      between: ['x', 'y'].map((id) => ({ id, linkId: id, name: id, note: '', bought: true })),
      ropes: [rope('c', 'x'), rope('x', 'd1'), rope('c', 'y'), rope('y', 'd1')],
    })
    const places = placesOf(two, 872)
    const device = places.takers[2]
    expect(places.between[0].y + places.between[0].height / 2).toBe(device.y + device.height / 2)
    expect(places.between[1].y).toBeGreaterThan(places.between[0].y + places.between[0].height)
  })

  it('draw a rope from every end that is there, and none to one that is gone', () => {
    const places = placesOf(wiring({ ropes: [rope('a', 's1'), rope('gone', 's2')] }), 872)
    expect(places.ropes.map((each) => each.of.from)).toEqual(['a'])
    expect(places.ropes[0].from.x).toBe(places.givers[0].width)
    expect(places.ropes[0].to.x).toBe(places.takers[0].x)
  })

  it('say nothing of the way to a hub, and break long words in two', () => {
    const places = placesOf(wiring({}), 872)
    expect(places.ropes.find((each) => each.of.to === 'hub')!.lines).toEqual([])
    expect(lines(rope('a', 's1', 'Adapter Sedge + Lead HDMI 0.5 m'), 40)).toEqual([
      'Adapter Sedge',
      'Lead HDMI 0.5 m',
    ])
    expect(lines(rope('a', 's1', 'is dead: no graphics in it'), 14)).toEqual([
      'is dead: no',
      'graphics in it',
    ])
    expect(lines(rope('a', 's1', 'one two three four five six seven'), 10)[1]).toMatch(/…$/)
    expect(lines(rope('a', 's1', ''), 10)).toEqual([])
  })
})
