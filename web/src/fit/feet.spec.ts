import { describe, expect, it } from 'vitest'
import type { Enclosure } from '../api/types'
import { feetOf, resized } from './feet'

const box = { widthMm: 300, depthMm: 300, heightMm: 300 } as Enclosure
const own = { ...box, supports: { kind: 'FEET', ...feetOf(box) } } as Enclosure

describe('the feet of a box of one’s own', () => {
  it('go with its size, key by key, while nobody has moved them', () => {
    let now = own
    for (const widthMm of [100, 150, 1500]) now = { ...now, ...resized(now, { widthMm }) }
    expect(now.supports).toMatchObject({ leftMm: 120, rightMm: 1380, frontMm: 24, backMm: 276 })
  })
  it('stay where somebody put them', () => {
    const moved = { ...own, supports: { ...own.supports, leftMm: 40 } }
    expect(resized(moved, { widthMm: 1500 })).toEqual({ widthMm: 1500 })
  })
  it('do not care about the height', () => {
    expect(resized(own, { heightMm: 700 } as never).supports).toEqual(own.supports)
  })
})
