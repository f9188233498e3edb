import { describe, expect, it } from 'vitest'
import type { Build, ElevationItem, Elevation, FaceItem, Panel } from '../api/types'
import { newItem, newPanel, offers } from './newThing'
import { isOpeningOfPart, moved, PLAIN, sized } from './placing'

const panel = {
  id: 'p',
  name: 'Left window',
  widthMm: 200,
  heightMm: 100,
  window: { xMm: 20, yMm: 10, widthMm: 100, heightMm: 50 },
} as Panel
const place = (xMm: number, yMm: number, widthMm = 200, heightMm = 100) => ({
  xMm,
  yMm,
  widthMm,
  heightMm,
})
const part = {
  id: 'p',
  kind: 'PANEL',
  name: 'Left window',
  layer: 'IN',
  of: { kind: 'panels', id: 'p' },
  place: place(50, 60),
} as ElevationItem
const opening = {
  ...part,
  id: 'p/window',
  kind: 'WINDOW',
  place: place(70, 70, 100, 50),
} as ElevationItem
const item = {
  ...PLAIN,
  id: 'i',
  face: 'LEFT',
  kind: 'BADGE',
  name: 'Lamp',
  layer: 'ON',
  xMm: 1,
  yMm: 2,
  widthMm: 30,
  heightMm: 30,
} as FaceItem
const badge = {
  id: 'i',
  kind: 'BADGE',
  item,
  place: place(1, 2, 30, 30),
} as unknown as ElevationItem

describe('placing things', () => {
  it('moves a thing of its own, to a tenth of a millimetre', () => {
    expect(moved(badge, 'LEFT', { xMm: 10.04, yMm: 20.06 }, [], [])).toEqual({
      kind: 'items',
      value: { ...item, xMm: 10, yMm: 20.1 },
    })
  })
  it('gives a part its place when it is moved for the first time', () => {
    const placed = moved(part, 'LEFT', { xMm: 5, yMm: 6 }, [panel], [part])
    expect(placed).toMatchObject({
      kind: 'items',
      value: { id: 'p', ofId: 'p', kind: 'PANEL', xMm: 5, yMm: 6 },
    })
  })
  it('moves an opening within its part, never out of its lower left corner', () => {
    expect(isOpeningOfPart(opening)).toBe(true)
    expect(moved(opening, 'LEFT', { xMm: 75, yMm: 72 }, [panel], [part, opening])).toMatchObject({
      kind: 'panels',
      value: { window: { xMm: 25, yMm: 12, widthMm: 100 } },
    })
    expect(moved(opening, 'LEFT', { xMm: 0, yMm: 0 }, [panel], [part, opening])).toMatchObject({
      value: { window: { xMm: 0, yMm: 0 } },
    })
  })
  it('sizes a part and its opening where they are kept: in the part', () => {
    expect(sized(part, { widthMm: 210 }, [panel])).toMatchObject({
      kind: 'panels',
      value: { widthMm: 210 },
    })
    expect(sized(opening, { heightMm: 40 }, [panel])).toMatchObject({
      value: { window: { heightMm: 40, widthMm: 100 } },
    })
    expect(sized(badge, { widthMm: 12 }, [])).toMatchObject({
      kind: 'items',
      value: { widthMm: 12, heightMm: 30 },
    })
  })
  it('leaves the size of a screen to the screen', () => {
    const screen = { ...badge, of: { kind: 'screens', id: 's' } } as ElevationItem
    expect(sized(screen, { widthMm: 12 }, [])).toBeNull()
  })
})

describe('new things', () => {
  const build = {
    items: [{ ...item, ofId: 's1' }],
    screens: [
      { id: 's1', name: 'Placed' },
      { id: 's2', name: 'Tide board' },
    ],
    strips: [{ id: 'l', name: 'Beam' }],
    components: [{ id: 'f', name: 'Fan', kind: 'FAN' }],
  } as unknown as Build
  const face = { face: 'LEFT', widthMm: 300, heightMm: 120 } as Elevation

  it('are offered by kind, and from what lies nowhere yet', () => {
    const labels = offers(build).map((offer) => offer.label)
    expect(labels).toContain('screen: Tide board')
    expect(labels).toContain('light: Beam')
    expect(labels).toContain('bought: Fan')
    expect(labels).not.toContain('screen: Placed')
  })
  it('lie in the middle of the face, a third of it large', () => {
    expect(newItem('BADGE', 'n', face, build)).toMatchObject({
      xMm: 100,
      yMm: 40,
      widthMm: 100,
      heightMm: 40,
      layer: 'ON',
    })
  })
  it('take their size from the screen they stand for', () => {
    expect(newItem('SCREEN/s2', 'n', face, build)).toMatchObject({
      id: 's2',
      ofId: 's2',
      name: 'Tide board',
      widthMm: null,
      layer: 'BEHIND',
    })
  })
  it('a window comes with its part', () => {
    const made = newPanel('WINDOW', face, 'clear-3')
    expect(made).toMatchObject({ face: 'LEFT', sheetId: 'clear-3', widthMm: 300 })
    expect(made.window).toEqual({ xMm: 60, yMm: 24, widthMm: 180, heightMm: 72, radiusMm: 3 })
    expect(newPanel('PANEL', face, 'clear-3').window).toBeNull()
  })
})
