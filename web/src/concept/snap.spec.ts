import { describe, expect, it } from 'vitest'
import { gridOf, snap, type Box } from './snap'

const FACE = { widthMm: 200, heightMm: 100 }
const box = (xMm: number, yMm: number, widthMm = 20, heightMm = 10): Box => ({
  xMm,
  yMm,
  widthMm,
  heightMm,
})
const drop = (at: Box, others: Box[] = [], tolerance = 3) =>
  snap(at, FACE, others, gridOf(FACE, others), tolerance)

describe('dragging clicks into place', () => {
  it('goes free away from every line', () => {
    expect(drop(box(33, 21), [], 2)).toMatchObject({ xMm: 33, yMm: 21, across: null, up: null })
  })

  it('clicks to the edges and the centre of the face', () => {
    expect(drop(box(2, 1))).toMatchObject({ xMm: 0, yMm: 0 })
    expect(drop(box(179, 88))).toMatchObject({ xMm: 180, yMm: 90 })
    const centred = drop(box(91.5, 44))
    expect(centred).toMatchObject({ xMm: 90, yMm: 45 })
    expect(centred.across?.words).toBe('centre')
  })

  it('clicks to edges of other things', () => {
    const other = box(50, 60, 30, 20)
    expect(drop(box(81, 30), [other])).toMatchObject({ xMm: 80 })
    expect(drop(box(120, 61), [other])).toMatchObject({ yMm: 60 })
  })

  it('finds equal gaps between neighbours, and between a neighbour and the edge', () => {
    const left = box(0, 0, 37, 100)
    const right = box(150, 0, 50, 100)
    const between = drop(box(82, 40), [left, right], 3)
    expect(between.xMm).toBeCloseTo((37 + 150 - 20) / 2)
    expect(between.across?.words).toBe('equal gaps')
    const beside = drop(box(108, 40), [left], 3)
    expect(beside.xMm).toBeCloseTo((37 + 200 - 20) / 2)
  })

  it('never moves further than the tolerance', () => {
    const others = [box(13, 7, 31, 22), box(90, 41, 9, 33), box(150, 3, 18, 60)]
    for (let i = 0; i < 500; i++) {
      const at = box((i * 37.7) % 180, (i * 23.3) % 90)
      const to = drop(at, others, 2.5)
      expect(Math.abs(to.xMm - at.xMm)).toBeLessThan(2.5)
      expect(Math.abs(to.yMm - at.yMm)).toBeLessThan(2.5)
      if (!to.across) expect(to.xMm).toBe(at.xMm)
    }
  })
})
