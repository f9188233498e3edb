import type { Canvas, ReadOut, SimulatedMachine } from '../api/types'

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

/** A read-out to begin with, within the canvas and below what is there. */
export function newReadOut(
  id: string,
  kind: ReadOut['kind'],
  wideMm: number,
  highMm: number,
  canvas: Canvas,
): ReadOut {
  const [wide, high] = SIZES[kind] ?? [60, 24]
  const widthMm = Math.min(wide, Math.max(1, wideMm - 4))
  const heightMm = Math.min(high, Math.max(1, highMm - 4))
  const lowest = Math.min(highMm, ...canvas.readOuts.map((each) => each.yMm))
  const [source, words, unit] = SOURCES[kind] ?? ['', kind === 'WORDS' ? 'Words' : '', '']
  return {
    id,
    kind,
    xMm: 2,
    yMm: Math.max(2, Math.min(highMm - heightMm - 2, lowest - heightMm - 2)),
    widthMm,
    heightMm,
    source,
    words,
    unit,
    table: SAMPLE_TABLES[kind] ?? '',
    nth: 1,
    eased: kind === 'DAY_CURVE',
    art: kind === 'PICTURE' ? ART : '',
  }
}
