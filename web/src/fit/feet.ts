import type { Enclosure } from '../api/types'

type Box = Pick<Enclosure, 'widthMm' | 'depthMm'>
type Lines = Pick<Enclosure['supports'], 'frontMm' | 'backMm' | 'leftMm' | 'rightMm'>

/** Where the feet of a box of one's own stand until somebody says so: 8 % in from every side. */
export function feetOf(box: Box): Lines {
  return {
    frontMm: box.depthMm * 0.08,
    backMm: box.depthMm * 0.92,
    leftMm: box.widthMm * 0.08,
    rightMm: box.widthMm * 0.92,
  }
}
/** A change of size with the feet it takes along: those nobody has moved. */
export function resized(enclosure: Enclosure, change: Partial<Box>): Partial<Enclosure> {
  const usual = Object.entries(feetOf(enclosure)) as [keyof Lines, number][]
  const untouched = usual.every(([line, mm]) => Math.abs(enclosure.supports[line] - mm) < 0.01)
  if (!untouched) return change
  return { ...change, supports: { ...enclosure.supports, ...feetOf({ ...enclosure, ...change }) } }
}
