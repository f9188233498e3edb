import { describe, expect, it } from 'vitest'
import type { CardDrawing } from '../api/types'
import { placeKey, placeOptions } from './snagPlaces'

const drawing = (panelId: string, face: CardDrawing['face'], words: string): CardDrawing => ({
  xMm: 0,
  yMm: 0,
  widthMm: 100,
  heightMm: 50,
  mirrored: false,
  panelId,
  face,
  words,
  shapes: [],
})

describe('where a snag is', () => {
  it('is a face or a part, told apart though both may be called alike', () => {
    expect(placeKey(drawing('', 'LEFT', 'left face'))).toBe('face LEFT')
    expect(placeKey({ panelId: 'LEFT', face: null })).toBe('part LEFT')
    expect(placeKey({ panelId: '', face: null })).toBe('')
  })

  it('offers each place once, and nowhere first', () => {
    const places = [
      drawing('p1', null, 'Left window, back'),
      drawing('', 'LEFT', 'left face'),
      drawing('p1', null, 'Left window'),
    ]
    expect(placeOptions(places)).toEqual([
      { value: '', label: 'nowhere in particular' },
      { value: 'part p1', label: 'Left window, back' },
      { value: 'face LEFT', label: 'left face' },
    ])
  })
})
