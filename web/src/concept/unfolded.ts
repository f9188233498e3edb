import type { Elevation, Face } from '../api/types'

/** Where each face lies on one sheet: left, front, right, back in a row, top above, bottom below. */
export function unfolded(
  faces: Elevation[],
  gapMm = 24,
): {
  widthMm: number
  heightMm: number
  at: Record<Face, { xMm: number; yMm: number }>
} {
  const front = faces.find((face) => face.face === 'FRONT')
  const width = front?.widthMm ?? 1
  const height = front?.heightMm ?? 1
  const depth = faces.find((face) => face.face === 'LEFT')?.widthMm ?? 1
  const x = depth + gapMm
  const y = depth + gapMm
  return {
    widthMm: 2 * depth + 2 * width + 3 * gapMm,
    heightMm: height + 2 * depth + 2 * gapMm,
    at: {
      LEFT: { xMm: 0, yMm: y },
      TOP: { xMm: x, yMm: 0 },
      FRONT: { xMm: x, yMm: y },
      BOTTOM: { xMm: x, yMm: y + height + gapMm },
      RIGHT: { xMm: x + width + gapMm, yMm: y },
      BACK: { xMm: x + width + depth + 2 * gapMm, yMm: y },
    },
  }
}
