import type { Elevation, Face } from '../api/types'
import type { Grid, SnapLine } from './snap'

type Axis = 'width' | 'height' | 'depth'
interface Way {
  axis: Axis
  turned: boolean
}

/**
 * How a face lies in the build. Width runs from the left, height up, depth from the front; a turned
 * way runs against it. Seen from outside, the left face's right edge meets the front, the top's
 * lower and the bottom's upper edge meet the front too.
 */
const WAYS: Record<Face, { across: Way; up: Way }> = {
  FRONT: { across: { axis: 'width', turned: false }, up: { axis: 'height', turned: false } },
  BACK: { across: { axis: 'width', turned: true }, up: { axis: 'height', turned: false } },
  LEFT: { across: { axis: 'depth', turned: true }, up: { axis: 'height', turned: false } },
  RIGHT: { across: { axis: 'depth', turned: false }, up: { axis: 'height', turned: false } },
  TOP: { across: { axis: 'width', turned: false }, up: { axis: 'depth', turned: false } },
  BOTTOM: { across: { axis: 'width', turned: false }, up: { axis: 'depth', turned: true } },
}

const along = (value: number, way: Way, length: number) => (way.turned ? length - value : value)

/** Edges of things on the other faces, carried over to this one along the edge they share. */
export function sharedEdges(face: Elevation, all: Elevation[]): Grid {
  const mine = WAYS[face.face]
  const grid: Grid = { across: [], up: [] }
  for (const other of all) {
    if (other.face === face.face) continue
    const theirs = WAYS[other.face]
    for (const [their, length] of [
      [theirs.across, other.widthMm],
      [theirs.up, other.heightMm],
    ] as const) {
      for (const [my, mineLength, lines] of [
        [mine.across, face.widthMm, grid.across],
        [mine.up, face.heightMm, grid.up],
      ] as const) {
        if (my.axis !== their.axis) continue
        for (const drawn of other.items) {
          const { place } = drawn
          const from = their === theirs.across ? place.xMm : place.yMm
          const to = from + (their === theirs.across ? place.widthMm : place.heightMm)
          lines.push(...[from, to].map((at) => line(at, their, length, my, mineLength, other.face)))
        }
      }
    }
  }
  return grid
}

function line(
  at: number,
  their: Way,
  length: number,
  my: Way,
  mineLength: number,
  face: Face,
): SnapLine {
  return {
    atMm: along(along(at, their, length), my, mineLength),
    words: `edge on the ${face.toLowerCase()}`,
  }
}
