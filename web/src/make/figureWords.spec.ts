import { describe, expect, it } from 'vitest'
import { FIGURES, newFigure, newStep, stepWords } from './figureWords'

describe('figures', () => {
  it('begin with every measure they need', () => {
    for (const [kind, words] of Object.entries(FIGURES)) {
      const figure = newFigure(kind as keyof typeof FIGURES)
      for (const field of words.fields.filter((each) => !each.optional)) {
        expect(figure[field.field], `${kind} ${field.field}`).toBeGreaterThan(0)
      }
    }
  })
  it('are told in a line', () => {
    const step = newStep('a', 'CUT', 'HOLE', 10, 10)
    expect(stepWords(step)).toBe('Cut: hole 4 mm')
    step.array = { across: 3, up: 2, stepXMm: 9, stepYMm: 9, around: 0, radiusMm: 0 }
    expect(stepWords(step)).toBe('Cut: 6 × hole 4 mm')
    expect(stepWords(newStep('b', 'OFFSET', 'HOLE', 5, 5))).toBe('Grow or shrink: 1 mm')
    expect(stepWords(newStep('c', 'ENGRAVE', 'TEXT', 5, 5))).toBe('Engrave: lettering “TEXT” 12 mm')
  })
  it('mirror where they were put and sink a pocket with a depth', () => {
    expect(newStep('d', 'MIRROR_ACROSS', 'HOLE', 50, 5).amountMm).toBe(50)
    expect(newStep('e', 'POCKET', 'HOLE', 50, 5).amountMm).toBeGreaterThan(0)
  })
})
