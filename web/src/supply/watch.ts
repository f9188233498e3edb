import type { Watch } from '../api/types'
import { daysBetween } from '../ui/words'

const LEFT = 74
const TOP = 12
const BOTTOM = 26
const RIGHT = 14

interface Dot {
  x: number
  y: number
}

/** The prices seen and the limits ahead, on one scale of days and one of money. */
export function curve(watch: Watch, today: string, width: number, height: number) {
  const { seen, ahead, lastSafeOn } = watch
  const first = Math.min(0, daysBetween(today, seen[0].on))
  const end = Math.max(3, lastSafeOn ? daysBetween(today, lastSafeOn) : 0)
  const limits = ahead.map(({ on, limitMinor }) => ({ on, unitPriceMinor: limitMinor }))
  const prices = [...seen, ...limits].map((each) => each.unitPriceMinor)
  const [low, high] = [Math.min(...prices), Math.max(...prices)]
  const air = Math.max(1, (high - low) * 0.12)
  const x = (days: number) =>
    round(LEFT + ((days - first) / (end - first)) * (width - LEFT - RIGHT))
  const y = (minor: number) =>
    round(
      height - BOTTOM - ((minor - low + air) / (high - low + 2 * air)) * (height - TOP - BOTTOM),
    )
  const at = (each: { on: string; unitPriceMinor: number }): Dot => ({
    x: x(daysBetween(today, each.on)),
    y: y(each.unitPriceMinor),
  })
  const dots = seen.map(at)
  return {
    dots,
    seen: points(dots),
    ahead: points(limits.map(at)),
    today: x(0),
    last: lastSafeOn ? x(Math.max(0, daysBetween(today, lastSafeOn))) : null,
    lines: [...new Set([low, high])].map((minor) => ({ minor, y: y(minor) })),
  }
}
const round = (value: number) => Math.round(value * 10) / 10
const points = (dots: Dot[]) => dots.map((dot) => `${dot.x},${dot.y}`).join(' ')

/** How far what is said holds. */
export function trusted(trust: Watch['trust']): string {
  return {
    A_GUESS: 'fewer than five prices: a guess',
    WITHOUT_MEMORY: 'taken as if prices had no memory',
    LESS_BY_MEMORY: 'less what prices remember of the one before',
    NOTHING_PROMISED: 'prices follow one another or go one way: waiting promises nothing',
  }[trust]
}
