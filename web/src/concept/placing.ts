import type { ElevationItem, Face, FaceItem, Panel } from '../api/types'

/** What moving or sizing a drawn thing changes: the thing on the face, or the part it belongs to. */
export type Placed = { kind: 'items'; value: FaceItem } | { kind: 'panels'; value: Panel }

export const PLAIN = {
  widthMm: null,
  heightMm: null,
  ofId: null,
  upright: false,
  stockId: null,
  colourHex: null,
  clearness: null,
  material: null,
  art: '',
  strokeMm: null,
  words: '',
  reachMm: null,
  along: null,
} as const

const tenth = (value: number) => Math.round(value * 10) / 10

/** The opening of a part: it moves within its part. */
export const isOpeningOfPart = (drawn: ElevationItem) =>
  drawn.kind === 'WINDOW' && drawn.of?.kind === 'panels'

/**
 * Puts a drawn thing elsewhere on its face, mm from the face's lower left corner. Null when the
 * part it belongs to is not drawn.
 */
export function moved(
  drawn: ElevationItem,
  face: Face,
  to: { xMm: number; yMm: number },
  panels: Panel[],
  items: ElevationItem[],
): Placed | null {
  if (isOpeningOfPart(drawn)) {
    const panel = panels.find((p) => p.id === drawn.of!.id)
    const around = items.find((i) => i.id === drawn.of!.id)
    if (!panel?.window || !around) return null
    const window = {
      ...panel.window,
      xMm: Math.max(0, tenth(to.xMm - around.place.xMm)),
      yMm: Math.max(0, tenth(to.yMm - around.place.yMm)),
    }
    return { kind: 'panels', value: { ...panel, window } }
  }
  // what lies along edges goes where they go
  if (drawn.item?.along) return null
  const place = { xMm: tenth(to.xMm), yMm: tenth(to.yMm) }
  if (drawn.item) return { kind: 'items', value: { ...drawn.item, ...place } }
  if (drawn.of?.kind !== 'panels') return null
  return {
    kind: 'items',
    value: {
      ...PLAIN,
      id: drawn.of.id,
      face,
      kind: 'PANEL',
      name: drawn.name,
      layer: drawn.layer,
      ofId: drawn.of.id,
      ...place,
    },
  }
}

/** Gives a drawn thing another size; null where the size is not given here (screens). */
export function sized(
  drawn: ElevationItem,
  size: { widthMm?: number; heightMm?: number },
  panels: Panel[],
): Placed | null {
  if (drawn.of?.kind === 'panels') {
    const panel = panels.find((p) => p.id === drawn.of!.id)
    if (!panel) return null
    if (drawn.kind !== 'WINDOW') return { kind: 'panels', value: { ...panel, ...size } }
    return panel.window
      ? { kind: 'panels', value: { ...panel, window: { ...panel.window, ...size } } }
      : null
  }
  if (!drawn.item || drawn.of?.kind === 'screens') return null
  const { widthMm, heightMm } = drawn.place
  return { kind: 'items', value: { ...drawn.item, widthMm, heightMm, ...size } }
}
