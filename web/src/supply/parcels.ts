import type { NeedLine, OrderedLine } from '../api/types'
import { daysBetween } from '../ui/words'
import { settled } from './orderStates'

/** What is open at one shop. */
export interface ParcelToSend {
  supplierId: string
  lines: NeedLine[]
  /** Days until all of it would be here. */
  leadDays: number
  /** The last day to send it, null where nothing decides it. */
  orderBy: string | null
}

/** What is open, by shop; what has to go first comes first. */
export function toSend(needs: readonly NeedLine[]): ParcelToSend[] {
  const shops = new Map<string, NeedLine[]>()
  for (const line of needs) {
    if (line.open > 0) {
      shops.set(line.need.supplierId, [...(shops.get(line.need.supplierId) ?? []), line])
    }
  }
  const parcels = [...shops].map(([supplierId, lines]) => ({
    supplierId,
    lines,
    leadDays: Math.max(...lines.map((line) => line.need.leadDays)),
    orderBy: earliest(lines.map((line) => line.orderBy)),
  }))
  const last = '9999'
  return parcels.sort(
    (a, b) =>
      (a.orderBy ?? last).localeCompare(b.orderBy ?? last) ||
      a.supplierId.localeCompare(b.supplierId),
  )
}

export function earliest(days: (string | null | undefined)[]): string | null {
  const known = days.filter((each): each is string => !!each).sort()
  return known[0] ?? null
}

/** Price of what is open, minor units. */
export const openMinor = (line: NeedLine) => Math.round(line.open * line.need.unitPriceMinor)

/** Lines that were ordered together. */
export interface OrderGroup {
  key: string
  number: string
  supplierId: string
  orderedOn: string
  lines: OrderedLine[]
}

/** Lines by the order they were sent with, or by shop and day; open ones first, then the newest. */
export function byOrder(lines: readonly OrderedLine[]): OrderGroup[] {
  const groups = new Map<string, OrderGroup>()
  for (const each of lines) {
    const { number, supplierId, orderedOn } = each.line
    const key = number ? `${supplierId} ${number}` : `${supplierId} ${orderedOn}`
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
export function neededTicks(parcel: ParcelToSend, today: string, arrives: number): NeededTick[] {
  const ticks = new Map<number, string[]>()
  for (const line of parcel.lines) {
    if (line.neededOn) {
      const at = daysBetween(today, line.neededOn)
      ticks.set(at, [...(ticks.get(at) ?? []), line.need.title])
    }
  }
  return [...ticks]
    .map(([at, names]) => ({ day: at, names, late: at < arrives }))
    .sort((a, b) => a.day - b.day)
}
