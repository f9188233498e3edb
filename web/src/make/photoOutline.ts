export interface Mm {
  xMm: number
  yMm: number
}
/** The box around points. */
export function boxOf(points: Mm[]) {
  const xs = points.map((p) => p.xMm)
  const ys = points.map((p) => p.yMm)
  const x = Math.min(...xs)
  const y = Math.min(...ys)
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y }
}
/** Points as a closed outline, its lower left corner at the origin, to a tenth of a millimetre. */
export function asPath(points: Mm[]): string {
  const box = boxOf(points)
  const at = (p: Mm) => `${(p.xMm - box.x).toFixed(1)} ${(p.yMm - box.y).toFixed(1)}`
  return `M${points.map(at).join('L')}Z`
}
