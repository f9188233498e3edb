import type { Box, OpeningFlow } from '../api/types'
import { flat, type Sight } from './projection'

/** An opening as it is seen edge-on: from where to where, mm, and which way is into the case. */
export interface Mouth {
  id: string
  name: string
  x1: number
  y1: number
  x2: number
  y2: number
  inward: { x: number; y: number }
  inM3PerHour: number
  outM3PerHour: number
}

/** Openings that lie across what is looked at; the others are seen from the front and not drawn. */
export function mouths(through: OpeningFlow[], outer: Box, sight: Sight): Mouth[] {
  const whole = flat(outer, sight)
  return through.flatMap((opening) => {
    const at = flat(opening.at, sight)
    const upright = at.width === 0
    if (upright === (at.height === 0)) return []
    const inward = upright
      ? { x: at.x < whole.width / 2 ? 1 : -1, y: 0 }
      : { x: 0, y: at.y < whole.height / 2 ? 1 : -1 }
    return {
      id: opening.openingId,
      name: opening.name,
      x1: at.x,
      y1: at.y,
      x2: at.x + at.width,
      y2: at.y + at.height,
      inward,
      inM3PerHour: opening.inM3PerHour,
      outM3PerHour: opening.outM3PerHour,
    }
  })
}
