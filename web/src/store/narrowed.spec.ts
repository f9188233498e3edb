import { describe, expect, it } from 'vitest'
import { typedSince, without, wholly } from './narrowed'

const base = { id: 'p', widthMm: 400, window: { xMm: 10 }, name: 'Side' }
const typed = { id: 'p', widthMm: 4, window: { xMm: 20 }, name: 'Left' }
const refused = (...pointers: string[]) => pointers.map((pointer) => ({ pointer, sentence: 'No.' }))

describe('a thing of which some fields were refused', () => {
  it('is saved without them', () => {
    expect(without(typed, base, refused('#/widthMm'))).toEqual({ ...typed, widthMm: 400 })
    expect(without(typed, base, refused('#/widthMm', '#/window/xMm'))).toEqual({
      ...base,
      name: 'Left',
    })
    expect(wholly(typed, base, refused('#/widthMm'))).toBe(true)
    expect(wholly({ ...base, widthMm: 4 }, base, refused('#/widthMm'))).toBe(false)
  })

  it('is left whole where that saves nothing', () => {
    expect(without({ ...base, widthMm: 4 }, base, refused('#/widthMm'))).toBeNull()
    expect(without(typed, base, [])).toBeNull()
    expect(without(typed, undefined, refused('#/widthMm'))).toBeNull()
    expect(without(null, base, refused('#'))).toBeNull()
    expect(wholly(typed, undefined, refused('#/widthMm'))).toBe(true)
    expect(wholly(typed, base, refused('#'))).toBe(true)
  })

  it('is saved with what was typed since', () => {
    const since = { ...typed, name: 'Left window' }
    expect(typedSince(since, base, typed)).toEqual({ ...base, name: 'Left window' })
    expect(typedSince(typed, base, typed)).toBeNull()
    expect(typedSince(since, base, undefined)).toBeNull()
  })
})
