import type { Box } from '../api/types'

/** What a drawing needs beside the thing it shows: dimensions left and above, air right and below. */
export const MARGIN_PX = { across: 86, up: 74 }
const CAPTION_PX = 20
const GAP_PX = 18
/** What the list beside the drawings needs. */
const LIST_PX = 300

export interface Arrangement {
  /** All three side by side with the list below, in a corner with the list in the fourth, or below each other. */
  layout: 'row' | 'corner' | 'stack'
  /** Pixels a millimetre, one for all three. */
  scale: number
}

/**
 * How plan, front and side of a box use a room of `width` × `height` pixels best: the arrangement in
 * which they are drawn largest. None is drawn wider than the room; on a narrow one they may be
 * higher together.
 */
export function arrangement(box: Box, width: number, height: number): Arrangement {
  const { widthMm: w, depthMm: d, heightMm: h } = box
  const up = (drawings: number) => height - drawings * (MARGIN_PX.up + CAPTION_PX)
  const options: Arrangement[] = [
    {
      layout: 'row',
      scale: Math.min(
        (width - 3 * MARGIN_PX.across - 2 * GAP_PX) / (2 * w + d),
        up(1) / Math.max(d, h),
      ),
    },
    {
      layout: 'corner',
      scale: Math.min(
        (width - 2 * MARGIN_PX.across - GAP_PX) / (w + d),
        (width - MARGIN_PX.across - GAP_PX - LIST_PX) / w,
        up(2) / (d + h),
      ),
    },
    { layout: 'stack', scale: (0.75 * (width - MARGIN_PX.across)) / Math.max(w, d) },
  ]
  const [row, corner, stack] = options as [Arrangement, Arrangement, Arrangement]
  const best = row.scale > corner.scale ? row : corner
  return best.scale * Math.max(w, d) > width / 5 ? best : stack
}
