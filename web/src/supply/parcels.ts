import type { BasketItem, BasketParcel, OrderedLine } from '../api/types'
import { daysBetween } from '../ui/words'
import { settled } from './orderStates'

/** A part of a thing in a parcel, among those of all builds. */
export const itemKey = (item: BasketItem) => `${item.buildId} ${item.needKey} ${item.offerId}`

/** Builds other than this one that share a parcel, each with how many things. */
export function along(items: readonly BasketItem[], buildId: string) {
  const many = new Map<string, number>()
  for (const { buildId: of, buildName } of items) {
    if (of !== buildId) many.set(buildName, (many.get(buildName) ?? 0) + 1)
  }
  return [...many].map(([name, count]) => ({ name, count }))
}

/** Lines that were ordered together. */
export interface OrderGroup {
  key: string
  number: string
  supplierId: string
  orderedOn: string
  lines: OrderedLine[]
}

/** What is ordered together: by the number it was sent with, or by shop and day. */
export const orderKey = ({ number, supplierId, orderedOn }: OrderedLine['line']) =>
  number ? `${supplierId} ${number}` : `${supplierId} ${orderedOn}`

/**
 * Lines by the order they were sent with; open ones first, then the newest.
 *
 * @param held where lines stay, by id, while somebody types into them
 */
export function byOrder(
  lines: readonly OrderedLine[],
  held: ReadonlyMap<string, string> = new Map(),
): OrderGroup[] {
  const groups = new Map<string, OrderGroup>()
  for (const each of lines) {
    const { number, supplierId, orderedOn } = each.line
    const key = held.get(each.line.id) ?? orderKey(each.line)
    const group = groups.get(key) ?? { key, number, supplierId, orderedOn, lines: [] }
    group.lines.push(each)
    groups.set(key, group)
  }
  const open = (group: OrderGroup) =>
    Number(group.lines.some((each) => !settled(each.line) || each.differs))
  return [...groups.values()].sort(
    (a, b) => open(b) - open(a) || b.orderedOn.localeCompare(a.orderedOn),
  )
}

/** A tick of the scale: the day something is needed on. */
export interface NeededTick {
  day: number
  names: string[]
  late: boolean
}

/**
 * The days on which things of a parcel are needed, in days from today.
 *
 * @param arrives days until the parcel is here
 */
export function neededTicks(parcel: BasketParcel, today: string, arrives: number): NeededTick[] {
  const ticks = new Map<number, string[]>()
  for (const item of parcel.items) {
    if (item.neededOn) {
      const at = daysBetween(today, item.neededOn)
      ticks.set(at, [...(ticks.get(at) ?? []), item.title])
    }
  }
  return [...ticks]
    .map(([at, names]) => ({ day: at, names, late: at < arrives }))
    .sort((a, b) => a.day - b.day)
}
