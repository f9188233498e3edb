import { describe, expect, it } from 'vitest'
import { overlap, placeLabels, placesAround, room, type Area } from './labels'

const DRAWING: Area = { x: 0, y: 0, width: 400, height: 300 }
const label = (key: string, of: Area, text = key) => ({ key, text, places: placesAround(of, text) })

describe('labels on a drawing', () => {
  it('stand in the middle where there is room', () => {
    const { shown } = placeLabels([label('1', { x: 100, y: 100, width: 60, height: 40 })], DRAWING)
    expect(shown).toEqual([{ key: '1', text: '1', x: 130, y: 120 }])
  })

  it('step aside for the one before, and go to the list where nothing is left', () => {
    const same = { x: 100, y: 100, width: 8, height: 8 }
    const labels = [...'abcdefghijklmnop'].map((key) => label(key, same))
    const { shown, listed } = placeLabels(labels, DRAWING)
    expect(shown[0]).toMatchObject({ key: 'a', x: 104, y: 104 })
    expect(shown.length).toBeGreaterThan(1)
    expect([...shown.map((each) => each.key), ...listed].sort()).toEqual([...'abcdefghijklmnop'])
    expect(listed).not.toContain('a')
  })

  it('keep off what stands there already', () => {
    const of = { x: 100, y: 100, width: 30, height: 30 }
    const taken = room('412.0', { x: 115, y: 115 })
    const { shown } = placeLabels([label('7', of)], DRAWING, [taken])
    expect(shown.every((each) => !overlap(room(each.text, each), taken))).toBe(true)
  })

  it('never overlap and never leave the drawing, on 200 random ones', () => {
    let seed = 11
    const random = (to: number) => {
      seed = (seed * 16807) % 2147483647
      return seed % to
    }
    let listedAtAll = 0
    for (let round = 0; round < 200; round++) {
      const labels = Array.from({ length: 1 + random(40) }, (_, i) =>
        label(
          `k${i}`,
          { x: random(380), y: random(280), width: 1 + random(120), height: 1 + random(90) },
          '8'.repeat(1 + random(12)),
        ),
      )
      const { shown, listed } = placeLabels(labels, DRAWING)
      listedAtAll += listed.length
      expect(shown.length + listed.length).toBe(labels.length)
      const areas = shown.map((each) => room(each.text, each))
      areas.forEach((area, i) => {
        expect(area.x).toBeGreaterThanOrEqual(0)
        expect(area.y + area.height).toBeLessThanOrEqual(300)
        areas.slice(i + 1).forEach((other) => expect(overlap(area, other)).toBe(false))
      })
    }
    expect(listedAtAll).toBeGreaterThan(0)
  })
})
