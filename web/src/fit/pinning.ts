import type { Box } from '../api/types'

interface Bay {
  id: string
  box: Box
}
export interface Place {
  xMm: number
  yMm: number
  zMm: number
}
const TOUCH_MM = 0.05
const AXES = [
  ['xMm', 'widthMm'],
  ['yMm', 'depthMm'],
  ['zMm', 'heightMm'],
] as const

const holds = (space: Box, hull: Box) =>
  AXES.every(
    ([from, length]) =>
      hull[from] >= space[from] - TOUCH_MM &&
      hull[from] + hull[length] <= space[from] + space[length] + TOUCH_MM,
  )
const sharedMm3 = (space: Box, hull: Box) =>
  AXES.reduce(
    (volume, [from, length]) =>
      volume *
      Math.max(
        0,
        Math.min(space[from] + space[length], hull[from] + hull[length]) -
          Math.max(space[from], hull[from]),
      ),
    1,
  )

/**
 * The bay a thing lies in after a hand moved it: its own as long as it is wholly there, else one
 * that holds it wholly, else the one that holds most of it.
 */
export function bayAt(hull: Box, bays: readonly Bay[], ownId: string): string {
  const own = bays.find((bay) => bay.id === ownId)
  if (own && holds(own.box, hull)) return ownId
  const whole = bays.find((bay) => holds(bay.box, hull))
  if (whole) return whole.id
  return bays.reduce(
    (best, bay) =>
      sharedMm3(bay.box, hull) > best.mm3 ? { id: bay.id, mm3: sharedMm3(bay.box, hull) } : best,
    { id: ownId, mm3: own ? sharedMm3(own.box, hull) : 0 },
  ).id
}

/** The place in a bay that is nearest to where a thing is: inside, or at its corner if too large. */
export function into(hull: Box, bay: Bay): Place {
  const place = { xMm: 0, yMm: 0, zMm: 0 }
  for (const [from, length] of AXES) {
    const last = Math.max(bay.box[from], bay.box[from] + bay.box[length] - hull[length])
    place[from] = Math.min(Math.max(hull[from], bay.box[from]), last)
  }
  return place
}
