import { describe, expect, it } from 'vitest'
import { arrangement, MARGIN_PX } from './arrangement'

const box = (widthMm: number, heightMm: number, depthMm: number) => ({
  xMm: 0,
  yMm: 0,
  zMm: 0,
  widthMm,
  heightMm,
  depthMm,
})

describe('three views of a box', () => {
  it('stand side by side where that draws them larger', () => {
    expect(arrangement(box(260, 388, 412), 872, 640)).toEqual({
      layout: 'row',
      scale: (872 - 3 * 86 - 36) / (2 * 260 + 412),
    })
  })

  it('leave the fourth corner to the list where the box is wide', () => {
    expect(arrangement(box(1200, 300, 600), 872, 640).layout).toBe('corner')
  })

  it('stand below each other on a phone', () => {
    expect(arrangement(box(260, 388, 412), 360, 700).layout).toBe('stack')
  })

  it('are never wider than the room, whatever the box', () => {
    let seed = 7
    const random = (from: number, to: number) => {
      seed = (seed * 16807) % 2147483647
      return from + (seed % (to - from))
    }
    for (let i = 0; i < 500; i++) {
      const b = box(random(20, 5000), random(20, 5000), random(20, 5000))
      const width = random(300, 1600)
      const { layout, scale } = arrangement(b, width, random(500, 1200))
      const across = (mm: number) => mm * scale + MARGIN_PX.across
      const used = {
        row: 2 * across(b.widthMm) + across(b.depthMm) + 36,
        corner: across(b.widthMm) + across(b.depthMm) + 18,
        stack: Math.max(across(b.widthMm), across(b.depthMm)),
      }[layout]
      expect(scale).toBeGreaterThan(0)
      expect(used).toBeLessThanOrEqual(width + 1e-6)
    }
  })
})
