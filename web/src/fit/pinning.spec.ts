import { describe, expect, it } from 'vitest'
import type { Box } from '../api/types'
import { bayAt, into } from './pinning'

const box = (xMm: number, yMm: number, zMm: number, side: number, depthMm = side): Box => ({
  xMm,
  yMm,
  zMm,
  widthMm: side,
  depthMm,
  heightMm: side,
})
const front = { id: 'front', box: box(0, 0, 0, 200, 300) }
const middle = { id: 'middle', box: box(0, 320, 0, 200, 500) }
const bays = [front, middle]

describe('a thing that a hand moved', () => {
  it('belongs to the bay that it lies in wholly', () => {
    expect(bayAt(box(10, 538.5, 0, 100), bays, 'front')).toBe('middle')
    expect(bayAt(box(10, 100, 0, 100), bays, 'front')).toBe('front')
  })
  it('stays in its own bay where that holds it, also when another does', () => {
    const all = { id: 'all', box: box(0, 0, 0, 200, 900) }
    expect(bayAt(box(10, 400, 0, 100), [all, middle], 'middle')).toBe('middle')
  })
  it('goes to the bay that holds most of it where none holds it', () => {
    expect(bayAt(box(10, 270, 0, 100), bays, 'front')).toBe('middle')
    expect(bayAt(box(10, 240, 0, 100), bays, 'front')).toBe('front')
    expect(bayAt(box(900, 900, 900, 100), bays, 'front')).toBe('front')
  })
  it('is set into a chosen bay as near as it lies', () => {
    expect(into(box(150, 20, 40, 100), middle)).toEqual({ xMm: 100, yMm: 320, zMm: 40 })
    expect(into(box(-5, 900, -9, 100), middle)).toEqual({ xMm: 0, yMm: 720, zMm: 0 })
    expect(into(box(50, 400, 10, 600), middle)).toEqual({ xMm: 0, yMm: 320, zMm: 0 })
  })
})
