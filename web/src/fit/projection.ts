import type { Box, PlacedThing } from '../api/types'

/** One way to look at the enclosure: which axis runs across, which up, and what lies nearer. */
export type Sight = 'plan' | 'front' | 'side'
export interface Flat {
  x: number
  y: number
  width: number
  height: number
}

/** A box seen that way: plan from above with the back up, side from the right with the front left. */
export function flat(box: Box, sight: Sight): Flat {
  if (sight === 'plan') return { x: box.xMm, y: box.yMm, width: box.widthMm, height: box.depthMm }
  if (sight === 'front') return { x: box.xMm, y: box.zMm, width: box.widthMm, height: box.heightMm }
  return { x: box.yMm, y: box.zMm, width: box.depthMm, height: box.heightMm }
}

/** How near the eye a box lies: what is nearer is drawn later. */
function nearness(box: Box, sight: Sight): number {
  if (sight === 'plan') return box.zMm + box.heightMm
  if (sight === 'front') return -box.yMm
  return box.xMm + box.widthMm
}

export interface Piece {
  thing: PlacedThing
  key: string
  at: Flat
  role: 'body' | 'hard' | 'soft'
  main: boolean
}

/** All solids of all things, farthest first. */
export function pieces(things: PlacedThing[], sight: Sight): Piece[] {
  return things
    .flatMap((thing) =>
      thing.solids.map((solid, index) => ({
        thing,
        key: `${thing.id}/${index}`,
        at: flat(solid.box, sight),
        role: (solid.body ? 'body' : solid.hard ? 'hard' : 'soft') as Piece['role'],
        main: solid.body && solid.ofId === thing.id,
        near: nearness(solid.box, sight) - (solid.body ? 0 : 1e6),
      })),
    )
    .sort((a, b) => a.near - b.near)
}

/** How a move on the drawing changes the place of a thing. */
export function moved(
  pin: { xMm: number; yMm: number; zMm: number },
  sight: Sight,
  acrossMm: number,
  upMm: number,
) {
  const half = (mm: number) => Math.round(mm * 2) / 2
  const { xMm, yMm, zMm } = pin
  if (sight === 'plan') return { xMm: half(xMm + acrossMm), yMm: half(yMm + upMm), zMm }
  if (sight === 'front') return { xMm: half(xMm + acrossMm), yMm, zMm: half(zMm + upMm) }
  return { xMm, yMm: half(yMm + acrossMm), zMm: half(zMm + upMm) }
}

/** Free lengths on both sides of a thing along the axes of a sight. */
export function gaps(thing: PlacedThing, sight: Sight) {
  const m = thing.margins
  const across =
    sight === 'side' ? { low: m.frontMm, high: m.backMm } : { low: m.leftMm, high: m.rightMm }
  const up =
    sight === 'plan' ? { low: m.frontMm, high: m.backMm } : { low: m.belowMm, high: m.aboveMm }
  return { across, up }
}
