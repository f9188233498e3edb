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

/** The place of a shop's parcel on the screen. */
export interface ParcelPlace {
  supplierId: string
  /** Null once it was sent. */
  parcel: BasketParcel | null
  /** Lines that are ordered there. */
  ordered: number
  /** How many of them were sent while somebody looked. */
  sent: number
}

/**
 * Parcels where they were before: one that was sent, here or in another window, leaves its place to
 * a word about it, so that no other comes under the finger that pressed.
 *
 * @param ordered lines of a shop that are ordered by now
 */
export function inPlace(
  before: readonly ParcelPlace[],
  parcels: readonly BasketParcel[],
  ordered: (supplierId: string) => number,
): ParcelPlace[] {
  const now = new Map(parcels.map((parcel) => [parcel.supplierId, parcel]))
  const kept = before
    .map((place) => {
      const lines = ordered(place.supplierId)
      const sent = place.sent + Math.max(0, lines - place.ordered)
      const parcel = now.get(place.supplierId) ?? null
      return { ...place, parcel, ordered: lines, sent: parcel ? 0 : sent }
    })
    .filter((place) => place.parcel || place.sent)
  const there = new Set(kept.map((place) => place.supplierId))
  const fresh = parcels
    .filter((parcel) => !there.has(parcel.supplierId))
    .map((parcel) => ({
      supplierId: parcel.supplierId,
      parcel,
      ordered: ordered(parcel.supplierId),
      sent: 0,
    }))
  return [...kept, ...fresh]
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

/** Room for a name beside its tick, px. */
const NAME = 130

/**
 * Where a name stands beside its tick: to the right, near the end to the left, and nowhere where
 * another stands already.
 *
 * @param free where the last name ends
 */
export function nameAt(x: number, width: number, free: number) {
  const turned = x > width - NAME
  const from = turned ? x - NAME : x
  const named = from >= free
  return { turned, named, free: named ? from + NAME : free }
}
