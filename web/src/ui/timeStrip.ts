import { placeLabels, room, type Label } from './labels'
import { clock, dateOf, weekday } from './words'

/** Work or a wait, from and to a moment of the workshop's clock. */
export interface StripPiece {
  from: string
  to: string
  kind: 'hands' | 'flash' | 'recoat' | 'shut' | 'handle' | 'cure' | 'wait'
  label?: string
}
export interface StripRow {
  name: string
  pieces: StripPiece[]
  note?: string
}

const HOUR_MS = 36e5
const BAR_PX = 25
const NAME_PX = 18
const MOST_LEFT_PX = 190
const MOST_RIGHT_PX = 185
/** Widths of the drawing's two scripts, generous. */
const NAME_CHARACTER_PX = 6.6
const NOTE_CHARACTER_PX = 7.6

/**
 * Where rows of work and waits stand on a time axis of this width, in pixels. Names stand before
 * the bars; over them where there is no room before. Work is hours and cure is days: behind the
 * last work the axis is folded to a tighter scale.
 */
export function layOut(rows: StripRow[], width: number) {
  const all = rows.flatMap((row) => row.pieces)
  const from = Math.min(...all.map((piece) => dateOf(piece.from).getTime()))
  const to = Math.max(from + HOUR_MS, ...all.map((piece) => dateOf(piece.to).getTime()))
  const nameWidth = Math.max(0, ...rows.map((row) => row.name.length)) * NAME_CHARACTER_PX
  const noteWidth = 8 + Math.max(0, ...rows.map((row) => row.note?.length ?? 0)) * NOTE_CHARACTER_PX
  const over = nameWidth > MOST_LEFT_PX || width < 560
  const left = over ? 2 : Math.max(60, nameWidth + 8)
  const axis = Math.max(40, width - left - (over ? 30 : Math.min(MOST_RIGHT_PX, noteWidth)))
  const folded = foldOf(all, from, to)

  function at(time: number) {
    const { time: end, share } = folded
    if (time <= end) return left + ((time - from) / (end - from)) * axis * share
    return left + axis * (share + ((time - end) / (to - end)) * (1 - share))
  }
  const top = over ? NAME_PX : 0
  const rowHeight = BAR_PX + top
  const placed = rows.map((row, index) => ({
    y: index * rowHeight + 4,
    name: row.name,
    pieces: row.pieces.map(({ from, to, kind, label }) => {
      const x = at(dateOf(from).getTime())
      return { x, width: Math.max(2.5, at(dateOf(to).getTime()) - x), kind, label }
    }),
    note: row.note,
  }))
  const bars = rows.length * rowHeight
  const ticks =
    folded.share === 1
      ? marks(from, to, axis / 90)
      : [
          ...marks(from, folded.time, (axis * folded.share) / 90),
          ...marks(folded.time + (to - folded.time) * 0.3, to, (axis * (1 - folded.share)) / 80),
        ]
  return {
    rows: placed,
    top,
    bars,
    height: bars + 28,
    fold: folded.share === 1 ? null : at(folded.time),
    ticks: ticks.map(({ time, text }) => ({ x: at(time), text })),
    ...words(placed, top, width, bars),
    axis: placeLabels(
      ticks.map(({ time, text }, index) => ({
        key: String(index),
        text,
        places: [{ x: at(time), y: bars + 18 }],
      })),
      { x: 0, y: bars, width, height: 40 },
    ).shown,
  }
}

function foldOf(all: StripPiece[], from: number, to: number) {
  const work = all.filter((piece) => piece.kind !== 'cure')
  const end = Math.max(from + 1, ...work.map((piece) => dateOf(piece.to).getTime()))
  return (end - from) / (to - from) < 0.6 ? { time: end, share: 0.7 } : { time: to, share: 1 }
}

function marks(from: number, to: number, most: number) {
  const hours = (to - from) / HOUR_MS
  const steps = [1, 2, 4, 6, 12, 24, 48, 96, 168]
  const step = steps.find((each) => hours / each <= Math.max(2, most)) ?? 336
  const first = Math.ceil(from / (step * HOUR_MS)) * step * HOUR_MS
  const found: { time: number; text: string }[] = []
  for (let time = first; time <= to; time += step * HOUR_MS) {
    const text = new Date(time).toISOString().slice(0, 16)
    const midnight = text.slice(11, 16) === '00:00'
    found.push({ time, text: step >= 24 || midnight ? weekday(text) : clock(text) })
  }
  return found
}

interface PlacedRow {
  y: number
  name: string
  pieces: { x: number; width: number; label?: string }[]
  note?: string
}
/** Words in bars that have room for them, notes behind the last bar or over it; the rest is listed. */
function words(rows: PlacedRow[], top: number, width: number, bars: number) {
  const inside: Label[] = rows.flatMap((row, index) =>
    row.pieces
      .filter((piece) => piece.label && room(piece.label, { x: 0, y: 0 }).width <= piece.width)
      .map((piece, nth) => ({
        key: `${index}/${nth}`,
        text: piece.label!,
        places: [{ x: piece.x + piece.width / 2, y: row.y + top + 9.5 }],
      })),
  )
  const notes: Label[] = rows.flatMap((row, index) => {
    if (!row.note) return []
    const half = room(row.note, { x: 0, y: 0 }).width / 2
    const first = Math.min(...row.pieces.map((piece) => piece.x))
    const last = Math.max(...row.pieces.map((piece) => piece.x + piece.width))
    const y = row.y + top + 9.5
    const before = top ? 0 : row.name.length * NAME_CHARACTER_PX
    const places = [{ x: last + 6 + half, y }]
    if (first - 6 - 2 * half > before) places.push({ x: first - 6 - half, y })
    if (top) places.push({ x: width - half - 1, y: row.y + 9 })
    return [{ key: String(index), text: row.note, places }]
  })
  const names = rows.map((row) => ({
    x: 0,
    y: row.y + (top ? 1.5 : 2),
    width: row.name.length * NAME_CHARACTER_PX,
    height: 15,
  }))
  const drawing = { x: 0, y: 0, width, height: bars + 8 }
  const { shown } = placeLabels(inside, drawing, names)
  const taken = [...names, ...shown.map((label) => room(label.text, label))]
  const placed = placeLabels(notes, drawing, taken)
  return {
    inside: shown,
    notes: placed.shown,
    listed: placed.listed.map((key) => `${rows[Number(key)].name}: ${rows[Number(key)].note}`),
  }
}
