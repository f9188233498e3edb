import type { WiringModel } from '../api/types'

/**
 * Where everything of the wiring stands: what gives on the left, what lies between in the middle,
 * what is fed on the right. Places follow from the lists alone, so nothing jumps; ropes run between.
 */
export type Giver = WiringModel['givers'][number]
export type Socket = Giver['sockets'][number]
export type Between = WiringModel['between'][number]
export type Taker = WiringModel['takers'][number]
export type Rope = WiringModel['ropes'][number]

export interface Spot<T> {
  of: T
  x: number
  y: number
  width: number
  height: number
}
export interface RopePath {
  of: Rope
  d: string
  /** Where its words end. */
  x: number
  y: number
  lines: string[]
  from: { x: number; y: number }
  to: { x: number; y: number }
}
export interface Places {
  height: number
  givers: Spot<Giver>[]
  sockets: Spot<Socket>[]
  between: Spot<Between>[]
  takers: Spot<Taker>[]
  ropes: RopePath[]
}

/** Below this width names and notes take two lines. */
const NARROW = 760
const HEAD = 40
const SOCKET = 25
const GAP = 12
const SCREEN = 60
const DEVICE = 40
const BETWEEN = 46
const CHARACTER = 6.3
const OWN_LEAD = 'its own lead'

export function placesOf(wiring: WiringModel, width: number): Places {
  const left = Math.max(150, Math.min(216, width * 0.26))
  const right = Math.max(170, Math.min(270, width * 0.31))
  const more = width < NARROW ? 14 : 0
  const head = HEAD + more
  const givers: Spot<Giver>[] = []
  const sockets: Spot<Socket>[] = []
  let y = 0
  for (const giver of wiring.givers) {
    const height = head + giver.sockets.length * SOCKET + 4
    givers.push({ of: giver, x: 0, y, width: left, height })
    giver.sockets.forEach((socket, index) =>
      sockets.push({
        of: socket,
        x: 0,
        y: y + head + index * SOCKET,
        width: left,
        height: SOCKET,
      }),
    )
    y += height + GAP
  }
  const takers: Spot<Taker>[] = []
  let down = 0
  for (const taker of wiring.takers) {
    const height = (taker.kind === 'SCREEN' || !taker.lit ? SCREEN : DEVICE) + more
    takers.push({ of: taker, x: width - right, y: down, width: right, height })
    down += height + 6
  }
  const total = Math.max(y - GAP, down - 6, 40)
  const between = middle(wiring, takers, left + 54, Math.min(158, width - left - right - 120))
  const ropes = ropesOf(wiring, sockets, between, takers, width - right - left - 30)
  return { height: total, givers, sockets, between, takers, ropes }
}

/** Each at the mean height of what hangs on it, apart from one another. */
function middle(wiring: WiringModel, takers: Spot<Taker>[], x: number, width: number) {
  const heights = new Map(takers.map((taker) => [taker.of.id, taker.y + taker.height / 2]))
  const fed = (id: string): number[] =>
    wiring.ropes
      .filter((rope) => rope.from === id)
      .flatMap((rope) => {
        const at = heights.get(rope.to)
        return at === undefined ? fed(rope.to) : [at]
      })
  const spots = wiring.between.map((of) => {
    const all = fed(of.id)
    const mean = all.reduce((sum, each) => sum + each, 0) / Math.max(1, all.length)
    return { of, x, y: mean - BETWEEN / 2, width, height: BETWEEN }
  })
  spots.sort((a, b) => a.y - b.y || a.of.id.localeCompare(b.of.id))
  let free = 0
  for (const spot of spots) {
    spot.y = Math.max(spot.y, free)
    free = spot.y + BETWEEN + 8
  }
  return spots
}

function ropesOf(
  wiring: WiringModel,
  sockets: Spot<Socket>[],
  between: Spot<Between>[],
  takers: Spot<Taker>[],
  room: number,
): RopePath[] {
  const starts = new Map<string, { x: number; y: number }>()
  const ends = new Map<string, { x: number; y: number }>()
  for (const socket of sockets)
    starts.set(socket.of.id, { x: socket.width, y: socket.y + SOCKET / 2 })
  for (const spot of between) {
    starts.set(spot.of.id, { x: spot.x + spot.width, y: spot.y + spot.height / 2 })
    ends.set(spot.of.id, { x: spot.x, y: spot.y + spot.height / 2 })
  }
  for (const taker of takers) {
    const at = { x: taker.x, y: taker.y + taker.height / 2 }
    ends.set(taker.of.id, at)
    // a screen that lets its picture through does so below its own plug
    starts.set(taker.of.id, { x: taker.x, y: at.y + 12 })
  }
  return wiring.ropes.flatMap((of) => {
    const from = starts.get(of.from)
    const to = ends.get(of.to)
    if (!from || !to) return []
    const toBox = between.some((spot) => spot.of.id === of.to)
    // what hangs on a hub by its own lead says it by being there
    const own = of.words === OWN_LEAD && between.some((spot) => spot.of.id === of.from)
    const boxed = between.some((spot) => spot.of.id === of.from || spot.of.id === of.to)
    const characters = Math.floor((boxed ? Math.min(room, to.x - from.x - 24) : room) / CHARACTER)
    return [
      {
        of,
        d: curve(from, to),
        x: to.x - 12,
        y: to.y - 7,
        lines: toBox || own ? [] : lines(of, characters),
        from,
        to,
      },
    ]
  })
}

/** It leaves level and arrives level; back to the right edge where it came from there. */
function curve(from: { x: number; y: number }, to: { x: number; y: number }): string {
  const bend = Math.max(26, Math.abs(to.x - from.x) * 0.42)
  return from.x >= to.x
    ? `M${from.x} ${from.y}C${from.x - bend} ${from.y} ${to.x - bend} ${to.y} ${to.x} ${to.y}`
    : `M${from.x} ${from.y}C${from.x + bend} ${from.y} ${to.x - bend} ${to.y} ${to.x} ${to.y}`
}

/** At most two lines that fit. */
export function lines(rope: Rope, characters: number): string[] {
  const most = Math.max(10, characters)
  const parts = rope.words.split(' + ')
  const all = parts.length > 1 ? parts : broken(rope.words, most)
  return all.slice(0, 2).map((line) => (line.length > most ? line.slice(0, most - 1) + '…' : line))
}

function broken(words: string, most: number): string[] {
  if (words.length <= most) return words ? [words] : []
  const cut = words.lastIndexOf(' ', most)
  return cut < 0 ? [words] : [words.slice(0, cut), words.slice(cut + 1)]
}

/** How often two ropes cross between the same two columns. */
export function crossings(places: Places): number {
  let count = 0
  places.ropes.forEach((one, index) =>
    places.ropes.slice(index + 1).forEach((other) => {
      const sameColumns = one.from.x === other.from.x && one.to.x === other.to.x
      if (sameColumns && (one.from.y - other.from.y) * (one.to.y - other.to.y) < 0) count++
    }),
  )
  return count
}
