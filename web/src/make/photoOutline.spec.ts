import { expect, it } from 'vitest'
import { asPath, boxOf } from './photoOutline'

const points = [
  { xMm: 10, yMm: -30 },
  { xMm: 60.04, yMm: -30 },
  { xMm: 60, yMm: 5 },
]
it('lays an outline of points at the origin', () => {
  expect(boxOf(points)).toEqual({ x: 10, y: -30, w: 50.04, h: 35 })
  expect(asPath(points)).toBe('M0.0 0.0L50.0 0.0L50.0 35.0Z')
})
