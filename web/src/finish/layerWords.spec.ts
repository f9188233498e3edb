import { describe, expect, it } from 'vitest'
import type { ArtShape, LayerStep, TestCard, WorkshopView } from '../api/types'
import { differenceWords, lastCard, moved, productHex, stepWords } from './layerWords'

const book = {
  paints: [{ id: 'cream', name: 'Chart cream', colourHex: '#EDE3C4' }],
  films: [{ id: 'film-red', name: 'Red film', colourHex: '#B82B2B' }],
} as unknown as WorkshopView['book']
const shapes = [{ id: 's', name: 'Depth lines' }] as ArtShape[]
const step = (change: Partial<LayerStep>): LayerStep => ({
  id: 'a',
  side: 'BACK',
  op: 'PAINT',
  productId: null,
  coats: 1,
  shapes: [],
  outside: false,
  less: [],
  peels: [],
  times: [],
  ...change,
})

describe('words of a layer', () => {
  it('say what is done where', () => {
    expect(stepWords(step({ productId: 'cream' }), shapes, book)).toBe('Chart cream')
    expect(stepWords(step({ op: 'STENCIL', shapes: ['s'] }), shapes, book)).toBe(
      'Stencil on Depth lines',
    )
    expect(stepWords(step({ op: 'STENCIL', shapes: ['s'], outside: true }), shapes, book)).toBe(
      'Stencil around Depth lines',
    )
    expect(stepWords(step({ op: 'PEEL' }), shapes, book)).toBe('Peel the stencil')
    expect(stepWords(step({ op: 'FILM', productId: 'film-red' }), shapes, book)).toBe('Red film')
    expect(stepWords(step({ op: 'ENGRAVE', shapes: ['gone'] }), shapes, book)).toBe(
      'Engrave on a shape',
    )
    expect(productHex(step({ productId: 'film-red' }), book)).toBe('#B82B2B')
    expect(productHex(step({}), book)).toBeNull()
  })

  it('keep every step when one is moved', () => {
    expect(moved(['a', 'b', 'c'], 0, 2)).toEqual(['b', 'c', 'a'])
    expect(moved(['a', 'b', 'c'], 2, 0)).toEqual(['c', 'a', 'b'])
    expect(moved(['a', 'b'], 1, 9)).toEqual(['a', 'b'])
  })

  it('take the latest card', () => {
    const cards = [
      { id: '1', paintId: 'p', sprayedOn: '2026-01-02' },
      { id: '2', paintId: 'p', sprayedOn: '2026-02-02' },
      { id: '3', paintId: 'q', sprayedOn: '2026-03-02' },
    ] as TestCard[]
    expect(lastCard(cards, 'p')?.id).toBe('2')
    expect(lastCard(cards, 'x')).toBeUndefined()
  })

  it('read differences as a painter would', () => {
    expect([0.4, 1.5, 4, 9].map(differenceWords)).toEqual([
      'not visible',
      'side by side only',
      'visible',
      'a different colour',
    ])
  })
})
