// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { ElevationItem, FaceView } from '../api/types'
import FaceCanvas from './FaceCanvas.vue'

beforeEach(() => setActivePinia(createPinia()))

const thing = (id: string, xMm: number, yMm: number, more: object = {}) =>
  ({
    ...{ id, name: id, kind: 'BADGE', of: null },
    place: { xMm, yMm, widthMm: 40, heightMm: 20 },
    ...more,
  }) as unknown as ElevationItem
const view = (...items: ElevationItem[]) =>
  ({
    elevation: { face: 'FRONT', widthMm: 400, heightMm: 300, items },
  }) as unknown as FaceView

/** The face drawn one pixel to the millimetre: 74 + 62 px beside it, 34 + 58 above and below. */
function open(items: ElevationItem[], picked: string | null = null) {
  const shown = view(...items)
  const canvas = mount(FaceCanvas, {
    props: { view: shown, all: [shown], dusk: false, picked, findings: [], height: 300 + 92 },
    global: { stubs: { FaceArt: true, FaceDimensions: true } },
  })
  const grips = canvas.findAll('.grip')
  grips.forEach((grip) => Object.assign(grip.element, { setPointerCapture: () => undefined }))
  const svg = canvas.get('svg')
  return {
    canvas,
    grips,
    places: (what: 'drag' | 'drop') =>
      ((canvas.emitted(what) ?? []) as [ElevationItem, { xMm: number; yMm: number }][]).map(
        ([drawn, to]) => [drawn.id, Math.round(to.xMm * 10) / 10, Math.round(to.yMm * 10) / 10],
      ),
    async pull(grip: number, dx: number, dy: number, altKey = false) {
      await grips[grip]!.trigger('pointerdown', { clientX: 200, clientY: 200, pointerId: 1 })
      await svg.trigger('pointermove', { clientX: 200 + dx, clientY: 200 + dy, altKey })
    },
    release: () => svg.trigger('pointerup'),
  }
}

describe('a face under the hand', () => {
  it('moves a thing with the pointer, up where that goes up, and drops it once', async () => {
    const { pull, places, release, canvas } = open([thing('badge', 100, 100)])
    await pull(0, 31, -43, true)
    expect(places('drag')).toEqual([['badge', 131, 143]])
    expect(places('drop')).toEqual([])
    await release()
    expect(places('drop')).toEqual([['badge', 131, 143]])
    await release()
    expect(places('drop')).toHaveLength(1)
    expect(canvas.emitted('pick')).toEqual([['badge']])
  })

  it('clicks to the edge of another thing within six pixels, and not with Alt', async () => {
    const things = [thing('badge', 100, 100), thing('sign', 217, 40)]
    const near = open(things)
    await near.pull(0, 113, 0)
    expect(near.places('drag')[0]).toEqual(['badge', 217, expect.anything()])
    expect(near.canvas.find('.guides line').exists()).toBe(true)
    await near.release()
    expect(near.canvas.find('.guides line').exists()).toBe(false)
    const free = open(things)
    await free.pull(0, 113, 0, true)
    expect(free.places('drag')[0]).toEqual(['badge', 213, 100])
  })

  it('is not moved by a hand that only shakes', async () => {
    const { pull, places, release } = open([thing('badge', 100, 100)])
    await pull(0, 2, 1)
    await release()
    expect([...places('drag'), ...places('drop')]).toEqual([])
  })

  it('is moved by keys, a millimetre or ten', async () => {
    const { grips, places, canvas } = open([thing('badge', 100, 100)])
    await grips[0]!.trigger('keydown', { key: 'ArrowUp' })
    await grips[0]!.trigger('keydown', { key: 'ArrowLeft', shiftKey: true })
    await grips[0]!.trigger('keydown', { key: 'ArrowRight', altKey: true })
    expect(places('drop')).toEqual([
      ['badge', 100, 101],
      ['badge', 90, 100],
    ])
    await grips[0]!.trigger('keydown', { key: 'Enter' })
    expect(canvas.emitted('pick')!.at(-1)).toEqual(['badge'])
  })

  it('leaves touches to the stop where they are made, and lets go beside everything', async () => {
    const { grips, canvas } = open([thing('badge', 100, 100), thing('touch:1', 10, 10)], 'badge')
    expect(grips.map((grip) => grip.attributes('data-thing'))).toEqual(['badge'])
    expect(grips[0]!.attributes('aria-pressed')).toBe('true')
    await canvas.get('svg').trigger('pointerdown')
    expect(canvas.emitted('pick')).toEqual([[null]])
  })
})
