// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Canvas, CanvasPicture, ReadOut, ReadOutSeen } from '../api/types'
import MarkArt from '../ui/MarkArt.vue'
import CanvasDrawing from './CanvasDrawing.vue'
import { KINDS, kindWords, newReadOut, readWords } from './pictureWords'

const readOut = { id: 'r', kind: 'VALUE', xMm: 10, yMm: 20, widthMm: 40, heightMm: 20, words: 'It' }
const canvas = {
  id: 'c',
  name: 'Board',
  panes: [],
  readOuts: [readOut],
} as unknown as Canvas
const pane = (id: string, xMm: number) => ({
  id,
  name: id,
  place: { xMm, yMm: 0, widthMm: 120, heightMm: 60 },
  measured: true,
  placed: true,
})
const mark = {
  of: 'r',
  path: '',
  words: '58.9 °C',
  xMm: 10,
  yMm: 30,
  capitalMm: 7,
  lengthMm: 42,
  anchor: 'START',
  hex: '#F0A13A',
  strokeMm: 0,
}
const picture = {
  widthMm: 254,
  heightMm: 60,
  groundHex: '#101418',
  panes: [pane('right', 134), pane('left', 0)],
  marks: [mark],
} as unknown as CanvasPicture
const drawn = () => mount(CanvasDrawing, { props: { canvas, picture, chosen: '' } })

describe('a canvas to scale', () => {
  it('says how wide its screens are, and what lies between them', () => {
    const widths = drawn()
      .findAll('text.width')
      .map((each) => each.text())
    expect(widths).toEqual(['120.0', '14.0', '120.0'])
  })

  it('is moved by arrow keys, ten at once with shift, and by nothing else', async () => {
    const wrapper = drawn()
    const box = wrapper.get('g.box')
    await box.trigger('keydown', { key: 'ArrowRight' })
    await box.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    await box.trigger('keydown', { key: 'a' })
    const moves = wrapper.emitted('move')!.map(([moved]) => moved as ReadOut)
    expect(moves.map(({ xMm, yMm }) => [xMm, yMm])).toEqual([
      [11, 20],
      [10, 30],
    ])
  })

  it('is chosen by a hand and by the tab key', async () => {
    const wrapper = drawn()
    await wrapper.get('g.box').trigger('focus')
    expect(wrapper.emitted('choose')).toEqual([['r']])
  })
})

describe('marks', () => {
  it('are painted in the colours that are handed in', () => {
    const wrapper = mount(MarkArt, { props: { marks: [mark] as never, hexes: ['#112233'] } })
    expect(wrapper.get('text').attributes('fill')).toBe('#112233')
    expect(
      wrapper.get('text').attributes('textlength') ?? wrapper.get('text').attributes('textLength'),
    ).toBe('42')
  })
})

describe('a new read-out', () => {
  const screen = (xMm: number, widthMm: number, heightMm: number) => ({
    xMm,
    yMm: 0,
    widthMm,
    heightMm,
  })

  it('lies on a screen, whatever its kind and however small that is', () => {
    for (const { value } of KINDS)
      for (const one of [screen(0, 254, 60), screen(0, 47, 189), screen(134, 12, 8)]) {
        const made = newReadOut('n', value, [one], { ...canvas, readOuts: [] })
        expect(made.xMm, value).toBeGreaterThanOrEqual(one.xMm)
        expect(made.xMm + made.widthMm, value).toBeLessThanOrEqual(one.xMm + one.widthMm)
        expect(made.yMm, value).toBeGreaterThanOrEqual(0)
        expect(made.yMm + made.heightMm, value).toBeLessThanOrEqual(one.heightMm)
        expect(kindWords(value)).not.toBe(value)
      }
  })

  it('lies over none that is there, while any screen has room', () => {
    const all: ReadOut[] = []
    for (let i = 0; i < 8; i++)
      all.push(
        newReadOut(`n${i}`, 'VALUE', [screen(0, 140, 60), screen(150, 140, 60)], {
          ...canvas,
          readOuts: all,
        }),
      )
    const places = new Set(all.map(({ xMm, yMm }) => `${xMm} ${yMm}`))
    expect(places.size).toBe(8)
    for (const a of all)
      for (const b of all)
        if (a !== b)
          expect(
            a.xMm >= b.xMm + b.widthMm ||
              b.xMm >= a.xMm + a.widthMm ||
              a.yMm >= b.yMm + b.heightMm ||
              b.yMm >= a.yMm + a.heightMm,
          ).toBe(true)
  })
})

describe('how well a read-out is seen', () => {
  const seen = { whole: true, contrast: 7, capitalMm: 9.1, readFromMm: 1560 } as ReadOutSeen
  it('says what is amiss first, and nothing is cut where no screen is yet', () => {
    expect(readWords(seen, true)).toBe('capital 9.1 mm: read from 1.6 m')
    expect(readWords({ ...seen, contrast: 3.21 }, true)).toBe('contrast 3.2')
    expect(readWords({ ...seen, whole: false }, true)).toBe('cut by an edge')
    expect(readWords({ ...seen, whole: false }, false)).toBe('no screen shows it yet')
    expect(readWords(undefined, true)).toBe('')
  })
})
