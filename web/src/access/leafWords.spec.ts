import { describe, expect, it } from 'vitest'
import { leafName, leafValue } from './leafWords'

const shown = (pointer: string, value: unknown) => leafValue(pointer, value, 'EUR')

describe('a value that two people changed', () => {
  it('is named as builders name it', () => {
    expect(leafName('#/window/widthMm')).toBe('window, width')
    expect(leafName('#/priceMinor')).toBe('price')
    expect(leafName('#/layers/0/coats')).toBe('layers, 1, coats')
    expect(leafName('#/client')).toBe('client')
    expect(leafName('#/hours')).toBe('hours')
  })

  it('is shown as its field shows it', () => {
    expect(shown('#/widthMm', 412.5)).toBe('412.5 mm')
    expect(shown('#/priceMinor', 15900)).toBe('€159.00')
    expect(shown('#/quantity', 3)).toBe('3')
    expect(shown('#/revealOn', '2026-03-27')).toMatch(/^27 Mar/)
    expect(shown('#/cutMethod', 'SCORE_AND_SNAP')).toBe('score and snap')
    expect(shown('#/name', 'USB plate')).toBe('USB plate')
    expect(shown('#/forLook', false)).toBe('no')
  })

  it('may be nothing, gone, or more than a line can hold', () => {
    expect(shown('#/text', '')).toBe('nothing')
    expect(shown('#/text', null)).toBe('nothing')
    expect(shown('#/window', undefined)).toBe('taken away')
    expect(shown('#/wishes', ['a', 'b'])).toBe('2 entries')
    expect(shown('#/window', { widthMm: 1 })).toBe('another one')
  })
})
