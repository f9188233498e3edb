import { describe, expect, it } from 'vitest'
import type { Enclosure } from '../api/types'
import { endsOf, feetOf, resized } from './feet'

const box = { widthMm: 300, depthMm: 300, heightMm: 300 } as Enclosure
const own = { ...box, supports: { kind: 'FEET', on: feetOf(box) } } as Enclosure

describe('the feet of a box of one’s own', () => {
  it('go with its size, key by key, while nobody has moved them', () => {
    let now = own
    for (const widthMm of [100, 150, 1500]) now = { ...now, ...resized(now, { widthMm }) }
    expect(now.supports.on).toMatchObject([
      { xMm: 120, toXMm: 1380, yMm: 24 },
      { xMm: 120, toXMm: 1380, yMm: 276 },
    ])
  })
  it('keep their names and limits as they go', () => {
    const [front, back] = own.supports.on
    const named = { ...own, supports: { ...own.supports, on: [front, { ...back, mostKg: 9 }] } }
    const on = resized(named, { depthMm: 600 }).supports!.on
    expect(on[1]).toMatchObject({ name: 'back feet', mostKg: 9, yMm: 552 })
  })
  it('stay where somebody put them', () => {
    const [front, back] = own.supports.on
    for (const on of [[{ ...front, xMm: 40 }, back], [front], [{ ...front, toYMm: 60 }, back]]) {
      const moved = { ...own, supports: { ...own.supports, on } }
      expect(resized(moved, { widthMm: 1500 })).toEqual({ widthMm: 1500 })
    }
  })
  it('do not care about the height', () => {
    expect(resized(own, { heightMm: 700 } as never).supports).toEqual(own.supports)
  })
})

describe('where a support stands', () => {
  const foot = feetOf(box)[0]
  it('is one point for a foot and two for a line, the missing one as the first', () => {
    expect(endsOf({ ...foot, toXMm: null })).toEqual([{ xMm: 24, yMm: 24 }])
    expect(endsOf(foot)).toEqual([
      { xMm: 24, yMm: 24 },
      { xMm: 276, yMm: 24 },
    ])
    expect(endsOf({ ...foot, toXMm: null, toYMm: 200 })[1]).toEqual({ xMm: 24, yMm: 200 })
  })
})
