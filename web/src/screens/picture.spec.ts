// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { painted, type PictureMark, type ScreenPicture } from './picture'

const letters: PictureMark = {
  path: '',
  words: '20:15',
  xMm: 12,
  yMm: 30,
  capitalMm: 7,
  lengthMm: 30,
  anchor: 'END',
  hex: '#F0A13A',
  strokeMm: 0,
}
const line: PictureMark = { ...letters, words: '', path: 'M0 0L5 5', strokeMm: 0.5 }
const area: PictureMark = { ...letters, words: '', path: 'M0 0h5v5z' }
const picture: ScreenPicture = {
  open: true,
  name: 'Board',
  viewXMm: 134,
  viewYMm: 2,
  widthMm: 120,
  heightMm: 60,
  turnDegrees: 0,
  groundHex: '#101418',
  marks: [letters, line, area],
}

describe('the picture of a page', () => {
  it('shows its part of the canvas', () => {
    const svg = painted(picture)
    expect(svg.getAttribute('viewBox')).toBe('0 0 120 60')
    expect(svg.querySelector('g')!.getAttribute('transform')).toBe('translate(-134 -2)')
    expect(svg.getAttribute('aria-label')).toBe('Board')
  })

  it('sets letters as long as the server says', () => {
    const text = painted(picture).querySelector('text')!
    expect(text.textContent).toBe('20:15')
    expect(text.getAttribute('textLength')).toBe('30')
    expect(Number(text.getAttribute('font-size'))).toBeCloseTo(10, 6)
    expect(text.getAttribute('text-anchor')).toBe('end')
    expect(text.getAttribute('fill')).toBe('#F0A13A')
  })

  it('draws lines as lines and areas as areas', () => {
    const [stroked, filled] = painted(picture).querySelectorAll('path')
    expect(stroked.getAttribute('fill')).toBe('none')
    expect(stroked.getAttribute('stroke-width')).toBe('0.5')
    expect(filled.getAttribute('fill')).toBe('#F0A13A')
    expect(filled.getAttribute('stroke')).toBeNull()
  })

  it('is turned where software can’t turn its screen', () => {
    const side = painted({ ...picture, turnDegrees: 270 })
    expect(side.getAttribute('viewBox')).toBe('0 0 60 120')
    expect(side.querySelector('g')!.getAttribute('transform')).toBe(
      'translate(0 120) rotate(270) translate(-134 -2)',
    )
    expect(painted({ ...picture, turnDegrees: 180 }).getAttribute('viewBox')).toBe('0 0 120 60')
    expect(
      painted({ ...picture, turnDegrees: 90 })
        .querySelector('g')!
        .getAttribute('transform'),
    ).toMatch(/^translate\(60 0\) rotate\(90\)/)
  })

  it('takes nothing of the words for markup', () => {
    const svg = painted({ ...picture, marks: [{ ...letters, words: '<b>5</b>' }] })
    expect(svg.querySelector('text')!.textContent).toBe('<b>5</b>')
    expect(svg.querySelector('b')).toBeNull()
  })
})
