import type { Canvas, ReadOut, ReadOutSeen, SimulatedMachine } from '../api/types'
import { fixed } from '../units/writing'

/** Read-outs and what machines do, in a builder's words. */
export const KINDS = [
  { value: 'VALUE', label: 'value' },
  { value: 'CURVE', label: 'curve of the last minutes' },
  { value: 'DIAL', label: 'dial' },
  { value: 'BAR', label: 'bar' },
  { value: 'CLOCK', label: 'clock' },
  { value: 'WORDS', label: 'words' },
  { value: 'PICTURE', label: 'picture' },
  { value: 'TABLE_LINE', label: 'line of a timetable' },
  { value: 'STATUS_LIST', label: 'list of what is well' },
  { value: 'DAY_CURVE', label: 'curve of the day' },
] as const satisfies { value: ReadOut['kind']; label: string }[]

export const LOADS = [
  { value: 'OFF', label: 'off' },
  { value: 'IDLE', label: 'idle' },
  { value: 'LOAD', label: 'full load' },
  { value: 'GAME', label: 'like a game' },
] as const satisfies { value: SimulatedMachine['load'] | 'OFF'; label: string }[]

export const kindWords = (kind: ReadOut['kind']) =>
  KINDS.find((each) => each.value === kind)?.label ?? kind

/** How large a new read-out of a kind is where there is room, mm. */
const SIZES: Partial<Record<ReadOut['kind'], [number, number]>> = {
  CURVE: [80, 34],
  DAY_CURVE: [110, 46],
  DIAL: [44, 40],
  BAR: [60, 18],
  TABLE_LINE: [90, 10],
  STATUS_LIST: [70, 40],
}
const SAMPLE_TABLES: Partial<Record<ReadOut['kind'], string>> = {
  DAY_CURVE: '00:00 1.0\n06:00 4.0\n12:00 1.0\n18:00 4.0\n23:59 1.0',
  TABLE_LINE: '08:15 Harbour\n20:20 Harbour',
  STATUS_LIST: 'coolant.celsius; Coolant; 18; 45\ngraphics.celsius; Graphics; ; 80',
}
const SOURCES: Partial<Record<ReadOut['kind'], [string, string, string]>> = {
  VALUE: ['graphics.celsius', 'Graphics', '°C'],
  CURVE: ['coolant.celsius', 'Coolant', '°C'],
  DIAL: ['processor.percent', 'Processor', '%'],
  BAR: ['memory.percent', 'Memory', '%'],
}
/** Reach of a simple sign, for a picture to begin with. */
const ART = 'M0 20 L20 0 L40 20 L20 40 Z'

interface Box {
  xMm: number
  yMm: number
  widthMm: number
  heightMm: number
}
const over = (a: Box, b: Box) =>
  a.xMm < b.xMm + b.widthMm &&
  b.xMm < a.xMm + a.widthMm &&
  a.yMm < b.yMm + b.heightMm &&
  b.yMm < a.yMm + a.heightMm
const EDGE_MM = 2

/** The first free place on a screen, from its upper left corner; the corner where there is none. */
function freePlace(screen: Box, size: Pick<Box, 'widthMm' | 'heightMm'>, taken: Box[]): Box | null {
  const right = screen.xMm + screen.widthMm - size.widthMm - EDGE_MM
  const top = screen.yMm + screen.heightMm - size.heightMm - EDGE_MM
  for (let xMm = screen.xMm + EDGE_MM; xMm <= right; xMm += EDGE_MM)
    for (let yMm = top; yMm >= screen.yMm + EDGE_MM; yMm -= EDGE_MM) {
      const place = { xMm, yMm, ...size }
      if (!taken.some((each) => over(each, place))) return place
    }
  return null
}

/** A read-out to begin with, where one of the screens has room for it. */
export function newReadOut(
  id: string,
  kind: ReadOut['kind'],
  screens: readonly Box[],
  canvas: Canvas,
): ReadOut {
  const [wide, high] = SIZES[kind] ?? [60, 24]
  const all = screens.length ? screens : [{ xMm: 0, yMm: 0, widthMm: 200, heightMm: 120 }]
  const sized = (screen: Box) => ({
    widthMm: Math.max(1, Math.min(wide, screen.widthMm - 2 * EDGE_MM)),
    heightMm: Math.max(1, Math.min(high, screen.heightMm - 2 * EDGE_MM)),
  })
  const first = all[0]
  const place = all
    .map((screen) => freePlace(screen, sized(screen), canvas.readOuts))
    .find((each) => each) ?? {
    xMm: first.xMm + EDGE_MM,
    yMm: first.yMm + EDGE_MM,
    ...sized(first),
  }
  const [source, words, unit] = SOURCES[kind] ?? ['', kind === 'WORDS' ? 'Words' : '', '']
  return {
    id,
    kind,
    ...place,
    source,
    words,
    unit,
    table: SAMPLE_TABLES[kind] ?? '',
    nth: 1,
    eased: kind === 'DAY_CURVE',
    art: kind === 'PICTURE' ? ART : '',
  }
}

/** How well a read-out is seen from where one stands; nothing is cut where no screen is yet. */
export function readWords(seen: ReadOutSeen | undefined, screens: boolean): string {
  if (!seen) return ''
  if (!screens) return 'no screen shows it yet'
  if (!seen.whole) return 'cut by an edge'
  if (seen.contrast < 4.5) return `contrast ${fixed(seen.contrast, 1)}`
  return seen.capitalMm
    ? `capital ${fixed(seen.capitalMm, 1)} mm: read from ${fixed((seen.readFromMm ?? 0) / 1000, 1)} m`
    : ''
}
