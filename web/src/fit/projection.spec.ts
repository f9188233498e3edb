import { describe, expect, it } from 'vitest'
import type { PlacedThing } from '../api/types'
import { flat, gaps, moved, pieces } from './projection'

const box = { xMm: 1, yMm: 2, zMm: 3, widthMm: 10, depthMm: 20, heightMm: 30 }
function thing(id: string, at: typeof box): PlacedThing {
  const solid = { ofId: id, what: 'body', body: true, hard: true, box: at }
  return {
    id,
    componentId: id,
    name: id,
    kind: 'OTHER',
    bayId: 'b',
    turn: 'UPRIGHT',
    pinned: false,
    hull: at,
    solids: [solid],
    margins: {
      leftMm: 1,
      rightMm: 2,
      frontMm: 3,
      backMm: 4,
      belowMm: 5,
      aboveMm: 6,
      tightest: 'X',
      between: 'the wall',
    },
  }
}

describe('projection', () => {
  it('shows width and depth in plan, height in the elevations', () => {
    expect(flat(box, 'plan')).toEqual({ x: 1, y: 2, width: 10, height: 20 })
    expect(flat(box, 'front')).toEqual({ x: 1, y: 3, width: 10, height: 30 })
    expect(flat(box, 'side')).toEqual({ x: 2, y: 3, width: 20, height: 30 })
  })

  it('draws what is nearer to the eye later', () => {
    const low = thing('low', box)
    const high = thing('high', { ...box, zMm: 50 })
    const behind = thing('behind', { ...box, yMm: 90 })
    const order = (things: PlacedThing[], sight: 'plan' | 'front') =>
      pieces(things, sight).map((piece) => piece.thing.id)
    expect(order([high, low], 'plan')).toEqual(['low', 'high'])
    expect(order([low, behind], 'front')).toEqual(['behind', 'low'])
  })

  it('draws keep-outs under bodies and knows the main one', () => {
    const one = thing('one', box)
    one.solids.push({ ofId: 'one', what: 'plug', body: false, hard: true, box })
    one.solids.push({ ofId: 'rider', what: 'body', body: true, hard: true, box })
    const drawn = pieces([one], 'plan')
    expect(drawn[0].role).toBe('hard')
    expect(drawn.filter((piece) => piece.main)).toHaveLength(1)
  })

  it.each([
    ['plan', { xMm: 3.5, yMm: 1, zMm: 3 }],
    ['front', { xMm: 3.5, yMm: 2, zMm: 2 }],
    ['side', { xMm: 1, yMm: 4.5, zMm: 2 }],
  ] as const)('moves along the axes of the %s only, by half millimetres', (sight, place) => {
    expect(moved({ xMm: 1, yMm: 2, zMm: 3 }, sight, 2.6, -1.1)).toEqual(place)
  })

  it('reads free lengths along its axes', () => {
    expect(gaps(thing('a', box), 'plan')).toEqual({
      across: { low: 1, high: 2 },
      up: { low: 3, high: 4 },
    })
    expect(gaps(thing('a', box), 'side')).toEqual({
      across: { low: 3, high: 4 },
      up: { low: 5, high: 6 },
    })
  })
})
