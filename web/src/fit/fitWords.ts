import type { Component, Face, FixingWay, PlacedThing, Seat, Turn } from '../api/types'
import { plain } from '../ui/words'
import { written } from '../units/marks'
import { marks } from '../units/writing'

/** How Fit says its constants. */

export const SEATS: { value: Seat; label: string }[] = (
  [
    ['FREE', 'any bay that takes anything'],
    ['BOARD', 'board'],
    ['SUPPLY', 'power supply'],
    ['CARD', 'card'],
    ['RADIATOR', 'radiator'],
    ['DRIVE', 'drive'],
    ['FAN', 'fan'],
    ['ON_PROCESSOR', 'on the processor'],
    ['ON_MEMORY', 'in a memory slot'],
    ['ON_M2', 'on an M.2 slot'],
  ] as const
).map(([value, label]) => ({ value, label }))

export const BAY_SEATS = SEATS.filter((seat) => !seat.value.startsWith('ON_'))

const TURN_WORDS: Record<Turn, string> = {
  UPRIGHT: 'upright',
  QUARTER: 'turned a quarter',
  ON_BACK: 'on its back',
  ON_SIDE: 'on its side',
  ON_SIDE_QUARTER: 'on its side, turned',
  ON_BACK_QUARTER: 'on its back, turned',
}
export const TURNS = (Object.keys(TURN_WORDS) as Turn[]).map((value) => ({
  value,
  label: TURN_WORDS[value],
}))
export const turnWords = (turn: Turn) => TURN_WORDS[turn]

export const FACES = (['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM'] as Face[]).map(
  (value) => ({ value, label: plain(value) }),
)

export const KINDS = (
  [
    'ENCLOSURE',
    'BOARD',
    'PROCESSOR',
    'COOLER',
    'GRAPHICS',
    'MEMORY',
    'DRIVE',
    'SUPPLY',
    'FAN',
    'RADIATOR',
    'PUMP',
    'BLOCK',
    'RESERVOIR',
    'SCREEN',
    'HUB',
    'RISER',
    'CONTROLLER',
    'ADAPTER',
    'SPLITTER',
    'BREAKOUT',
    'LEAD',
    'CHARGER',
    'OTHER',
  ] as Component['kind'][]
).map((value) => ({ value, label: plain(value) }))

const FIXING_WORDS: Record<FixingWay, string> = {
  POINTS: 'its bay’s points',
  BRACKET: 'a made bracket',
  LEDGE: 'a ledge',
  STRAP: 'a strap',
  SCREWS: 'screws into a part',
  WEDGE: 'a wedge',
  TAPE: 'foam tape',
}
export const FIXINGS = (Object.keys(FIXING_WORDS) as FixingWay[]).map((value) => ({
  value,
  label: FIXING_WORDS[value],
}))
export const fixingWords = (way: FixingWay) => FIXING_WORDS[way]

/** Where a component of a kind usually sits. */
export function usualSeat(kind: Component['kind']): Seat {
  const seats: Partial<Record<Component['kind'], Seat>> = {
    BOARD: 'BOARD',
    SUPPLY: 'SUPPLY',
    GRAPHICS: 'CARD',
    RADIATOR: 'RADIATOR',
    DRIVE: 'DRIVE',
    FAN: 'FAN',
    MEMORY: 'ON_MEMORY',
    COOLER: 'ON_PROCESSOR',
    BLOCK: 'ON_PROCESSOR',
  }
  return seats[kind] ?? 'FREE'
}

/** The six margins of a placed thing, in words. */
export function marginsOf(thing: PlacedThing): { label: string; mm: number }[] {
  const m = thing.margins
  return [
    { label: 'left', mm: m.leftMm },
    { label: 'right', mm: m.rightMm },
    { label: 'front', mm: m.frontMm },
    { label: 'back', mm: m.backMm },
    { label: 'below', mm: m.belowMm },
    { label: 'above', mm: m.aboveMm },
  ]
}

export const size = (body: { widthMm: number; depthMm: number; heightMm: number }) =>
  [body.widthMm, body.depthMm, body.heightMm].map((mm) => written(mm, marks.value, 1)).join(' × ')
