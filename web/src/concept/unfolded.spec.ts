import { describe, expect, it } from 'vitest'
import type { Elevation, Face } from '../api/types'
import { kindWords, KINDS, measures } from './faceWords'
import { unfolded } from './unfolded'

const face = (name: Face, widthMm: number, heightMm: number) =>
  ({ face: name, widthMm, heightMm }) as Elevation
const faces = [
  face('FRONT', 260, 388),
  face('BACK', 260, 388),
  face('LEFT', 412, 388),
  face('RIGHT', 412, 388),
  face('TOP', 260, 412),
  face('BOTTOM', 260, 412),
]

describe('six faces on one sheet', () => {
  it('lie beside the edges they share, none over another, all on the sheet', () => {
    const sheet = unfolded(faces, 10)
    const boxes = faces.map((each) => ({ ...sheet.at[each.face], each }))
    for (const { xMm, yMm, each } of boxes) {
      expect(xMm + each.widthMm).toBeLessThanOrEqual(sheet.widthMm)
      expect(yMm + each.heightMm).toBeLessThanOrEqual(sheet.heightMm)
      for (const other of boxes) {
        if (other.each === each) continue
        const apart =
          xMm + each.widthMm <= other.xMm ||
          other.xMm + other.each.widthMm <= xMm ||
          yMm + each.heightMm <= other.yMm ||
          other.yMm + other.each.heightMm <= yMm
        expect(apart, `${each.face} and ${other.each.face}`).toBe(true)
      }
    }
    expect(sheet.at.LEFT.xMm + 412 + 10).toBe(sheet.at.FRONT.xMm)
    expect(sheet.at.TOP.yMm + 412 + 10).toBe(sheet.at.FRONT.yMm)
  })
  it('stay within a gap of each other', () => {
    expect(unfolded(faces, 50).widthMm - unfolded(faces, 10).widthMm).toBe(3 * 40)
  })
})

describe('words for things on faces', () => {
  it('say where a thing lies to the tenth of a millimetre', () => {
    const place = { xMm: 40, yMm: 100.25, widthMm: 250, heightMm: 200 }
    expect(measures({ place } as never)).toBe('x 40.0  y 100.3  250.0 × 200.0')
  })
  it('name every kind', () => {
    for (const { value, label } of KINDS) expect(kindWords(value)).toBe(label)
  })
})
