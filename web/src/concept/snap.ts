/** Where a dragged thing clicks into place. Pure geometry, mm, y upwards. */

export interface Box {
  xMm: number
  yMm: number
  widthMm: number
  heightMm: number
}

/** A line across the face that edges and centres click to. */
export interface SnapLine {
  atMm: number
  words: string
}

export interface Snapped {
  xMm: number
  yMm: number
  across: SnapLine | null
  up: SnapLine | null
}

export interface Grid {
  across: SnapLine[]
  up: SnapLine[]
}

/** Edges and centres of the face and of everything on it. */
export function gridOf(face: { widthMm: number; heightMm: number }, others: Box[]): Grid {
  const across = [
    { atMm: 0, words: 'left edge' },
    { atMm: face.widthMm / 2, words: 'centre' },
    { atMm: face.widthMm, words: 'right edge' },
  ]
  const up = [
    { atMm: 0, words: 'lower edge' },
    { atMm: face.heightMm / 2, words: 'centre' },
    { atMm: face.heightMm, words: 'upper edge' },
  ]
  for (const box of others) {
    across.push(...edges(box.xMm, box.widthMm))
    up.push(...edges(box.yMm, box.heightMm))
  }
  return { across, up }
}

function edges(from: number, length: number): SnapLine[] {
  return [
    { atMm: from, words: 'edge' },
    { atMm: from + length / 2, words: 'centre' },
    { atMm: from + length, words: 'edge' },
  ]
}

/**
 * The place where gaps to the next things on both sides are equal: the next edge left of and right
 * of the box among those beside it, the face's own edges where there is none.
 */
function equalGap(
  from: number,
  length: number,
  beside: { from: number; length: number }[],
  whole: number,
): number | null {
  const lower = Math.max(0, ...beside.map((o) => o.from + o.length).filter((e) => e <= from + 1))
  const upper = Math.min(whole, ...beside.map((o) => o.from).filter((e) => e >= from + length - 1))
  return upper - lower > length ? (lower + upper - length) / 2 : null
}

function nearest(
  from: number,
  length: number,
  lines: SnapLine[],
  gap: number | null,
  tolerance: number,
): { from: number; line: SnapLine } | null {
  let best: { from: number; line: SnapLine } | null = null
  let least = tolerance
  const offer = (to: number, line: SnapLine) => {
    if (Math.abs(to - from) < least) {
      least = Math.abs(to - from)
      best = { from: to, line }
    }
  }
  for (const line of lines)
    for (const part of [0, length / 2, length]) offer(line.atMm - part, line)
  if (gap !== null) offer(gap, { atMm: gap + length / 2, words: 'equal gaps' })
  return best
}

/** Moves a box to the nearest line within reach, each way on its own. */
export function snap(
  box: Box,
  face: { widthMm: number; heightMm: number },
  others: Box[],
  grid: Grid,
  toleranceMm: number,
): Snapped {
  const level = others.filter((o) => o.yMm < box.yMm + box.heightMm && o.yMm + o.heightMm > box.yMm)
  const above = others.filter((o) => o.xMm < box.xMm + box.widthMm && o.xMm + o.widthMm > box.xMm)
  const x = nearest(
    box.xMm,
    box.widthMm,
    grid.across,
    equalGap(
      box.xMm,
      box.widthMm,
      level.map((o) => ({ from: o.xMm, length: o.widthMm })),
      face.widthMm,
    ),
    toleranceMm,
  )
  const y = nearest(
    box.yMm,
    box.heightMm,
    grid.up,
    equalGap(
      box.yMm,
      box.heightMm,
      above.map((o) => ({ from: o.yMm, length: o.heightMm })),
      face.heightMm,
    ),
    toleranceMm,
  )
  return {
    xMm: x ? x.from : box.xMm,
    yMm: y ? y.from : box.yMm,
    across: x?.line ?? null,
    up: y?.line ?? null,
  }
}
