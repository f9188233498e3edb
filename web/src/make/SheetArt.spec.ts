// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { fakeResize } from '../ui/fakeResize'
import type { LayoutResult, SheetProduct } from '../api/types'
import SheetArt from './SheetArt.vue'

beforeEach(() => {
  setActivePinia(createPinia())
  fakeResize()
})

const PLACES = [
  { xMm: 10, yMm: 20, state: 'PLANNED' },
  { xMm: 120, yMm: 20, state: 'DONE' },
]
function open(state = 'PLANNED') {
  const pieces = PLACES.map((place, i) => ({
    panelId: `p${i}`,
    number: 1,
    pinned: i === 1,
    ...place,
  }))
  const laid = {
    widthMm: 300,
    heightMm: 200,
    blank: 'M0 0H300V200H0Z',
    layout: { id: 'l', name: 'Sheet 1', state, pieces },
    pieces: pieces.map((piece) => ({
      piece,
      title: piece.panelId,
      path: 'M0 0H80V50H0Z',
      engraved: '',
      xMm: piece.xMm,
      yMm: piece.yMm,
      widthMm: 80,
      heightMm: 50,
      collides: false,
      stale: false,
    })),
  }
  const art = mount(SheetArt, {
    props: {
      laid: laid as unknown as LayoutResult,
      sheet: { colourHex: '#112233' } as SheetProduct,
      picked: null,
    },
  })
  const [first, second] = art.findAll('[role=button]')
  return { art, first: first!, second: second! }
}
/** One pixel is so many millimetres on a drawing 290 px high: 74 are its margins. */
const MM = 200 / (290 - 74)

describe('a sheet with its pieces', () => {
  it('moves a piece by its arrows: 1 mm, with Shift 10', async () => {
    const { art, first } = open()
    await first.trigger('keydown', { key: 'ArrowRight' })
    await first.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    await first.trigger('keydown', { key: 'Enter' })
    expect(art.emitted('move')).toEqual([
      [0, 11, 20],
      [0, 10, 30],
    ])
  })

  it('moves a piece by the hand, up on the screen is up on the sheet, and picks it', async () => {
    const { art, first } = open()
    first.element.setPointerCapture = () => undefined
    await first.trigger('pointerdown', { clientX: 100, clientY: 100 })
    await first.trigger('pointermove', { clientX: 150, clientY: 80 })
    await first.trigger('pointerup')
    expect(art.emitted('pick')).toEqual([[0]])
    const [index, x, y] = art.emitted('move')![0] as number[]
    expect(index).toBe(0)
    expect(x).toBeCloseTo(10 + 50 * MM, 0)
    expect(y).toBeCloseTo(20 + 20 * MM, 0)
  })

  it('takes a trembling press for no move', async () => {
    const { art, first } = open()
    first.element.setPointerCapture = () => undefined
    await first.trigger('pointerdown', { clientX: 100, clientY: 100 })
    await first.trigger('pointermove', { clientX: 100.2, clientY: 100 })
    await first.trigger('pointerup')
    expect(art.emitted('move')).toBeUndefined()
  })

  it('leaves what is cut where it is', async () => {
    const { art, second } = open()
    await second.trigger('keydown', { key: 'ArrowRight' })
    expect(art.emitted('move')).toBeUndefined()
    const cut = open('CUT')
    await cut.first.trigger('keydown', { key: 'ArrowRight' })
    expect(cut.art.emitted('move')).toBeUndefined()
  })

  it('numbers its pieces, with a mark on what is pinned and what is done', () => {
    const { art } = open()
    expect(art.findAll('.label text').map((text) => text.text())).toEqual(['1', '2• ✓'])
  })
})
