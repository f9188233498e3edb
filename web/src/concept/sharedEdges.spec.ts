import { describe, expect, it } from 'vitest'
import type { Elevation, Face } from '../api/types'
import { sharedEdges } from './sharedEdges'

/** A build of width 200, height 100, depth 300 with one thing 10 wide and 20 high on a face. */
function faces(on: Face, xMm: number, yMm: number): Elevation[] {
  const size: Record<Face, [number, number]> = {
    FRONT: [200, 100],
    BACK: [200, 100],
    LEFT: [300, 100],
    RIGHT: [300, 100],
    TOP: [200, 300],
    BOTTOM: [200, 300],
  }
  return (Object.keys(size) as Face[]).map(
    (face) =>
      ({
        face,
        widthMm: size[face][0],
        heightMm: size[face][1],
        items: face === on ? [{ place: { xMm, yMm, widthMm: 10, heightMm: 20 } }] : [],
      }) as unknown as Elevation,
  )
}
const of = (all: Elevation[], face: Face) => {
  const grid = sharedEdges(
    all.find((each) => each.face === face)!,
    all,
  )
  const at = (lines: { atMm: number }[]) => lines.map((line) => line.atMm).sort((a, b) => a - b)
  return { across: at(grid.across), up: at(grid.up) }
}

describe('edges of other faces', () => {
  it('share the height all round', () => {
    const all = faces('FRONT', 30, 40)
    for (const face of ['LEFT', 'RIGHT', 'BACK'] as const)
      expect(of(all, face).up).toEqual([40, 60])
  })
  it('are turned on the back, and straight on top and bottom', () => {
    const all = faces('FRONT', 30, 40)
    expect(of(all, 'TOP').across).toEqual([30, 40])
    expect(of(all, 'BOTTOM').across).toEqual([30, 40])
    expect(of(all, 'BACK').across).toEqual([160, 170])
  })
  it('run from the front along the depth', () => {
    const all = faces('LEFT', 280, 0) // 10 to 20 mm behind the front
    expect(of(all, 'RIGHT').across).toEqual([10, 20])
    expect(of(all, 'TOP').up).toEqual([10, 20])
    expect(of(all, 'BOTTOM').up).toEqual([280, 290])
  })
  it('come back unchanged over two faces', () => {
    for (const via of ['BACK', 'TOP', 'BOTTOM'] as const) {
      const there = of(faces('FRONT', 30, 40), via).across
      const back = of(faces(via, there[0], 0), 'FRONT').across
      expect(back).toEqual([30, 40])
    }
  })
  it('do not count the face itself', () => {
    expect(of(faces('FRONT', 30, 40), 'FRONT')).toEqual({ across: [], up: [] })
  })
})
