import type { Enclosure, Support } from '../api/types'

type Box = Pick<Enclosure, 'widthMm' | 'depthMm'>

/** Where the feet of a box of one's own stand until somebody says so: 8 % in from every side. */
export function feetOf(box: Box): Support[] {
  const line = (id: string, share: number): Support => ({
    id,
    name: `${id} feet`,
    xMm: box.widthMm * 0.08,
    yMm: box.depthMm * share,
    toXMm: box.widthMm * 0.92,
    toYMm: null,
    mostKg: null,
  })
  return [line('front', 0.08), line('back', 0.92)]
}
const same = (a: number | null | undefined, b: number | null | undefined) =>
  Math.abs((a ?? 0) - (b ?? 0)) < 0.01

/** A change of size with the feet it takes along: those nobody has moved. */
export function resized(enclosure: Enclosure, change: Partial<Box>): Partial<Enclosure> {
  const usual = feetOf(enclosure)
  const { on } = enclosure.supports
  const untouched =
    on.length === usual.length &&
    usual.every(
      (foot, index) =>
        same(foot.xMm, on[index].xMm) &&
        same(foot.yMm, on[index].yMm) &&
        same(foot.toXMm, on[index].toXMm) &&
        on[index].toYMm == null,
    )
  if (!untouched) return change
  const moved = feetOf({ ...enclosure, ...change })
  return {
    ...change,
    supports: {
      ...enclosure.supports,
      on: on.map((foot, index) => ({
        ...foot,
        xMm: moved[index].xMm,
        yMm: moved[index].yMm,
        toXMm: moved[index].toXMm,
      })),
    },
  }
}

/** Ends of a support on the floor, mm from the left and from the front. */
export function endsOf(support: Support): { xMm: number; yMm: number }[] {
  const from = { xMm: support.xMm, yMm: support.yMm }
  if (support.toXMm == null && support.toYMm == null) return [from]
  return [from, { xMm: support.toXMm ?? support.xMm, yMm: support.toYMm ?? support.yMm }]
}
