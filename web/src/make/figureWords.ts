import type { CutFigure, PartDrawing, RecipeStep } from '../api/types'
import { exact } from '../units/writing'

type Kind = CutFigure['kind']
export type Op = RecipeStep['op']
export type Measure =
  'widthMm' | 'heightMm' | 'diameterMm' | 'innerMm' | 'radiusMm' | 'pitchMm' | 'insetMm' | 'count'

/** One field of a figure: its name, its words, whether it may be left empty. */
export interface FigureField {
  field: Measure
  label: string
  unit: string
  optional?: boolean
}
export interface FigureWords {
  label: string
  fields: FigureField[]
  /** What it begins with. */
  start: Partial<CutFigure>
}
const mm = (field: Measure, label: string, optional = false): FigureField => ({
  field,
  label,
  unit: 'mm',
  optional,
})
const pieces = (label: string): FigureField => ({ field: 'count', label, unit: '×' })

export const FIGURES: Record<Kind, FigureWords> = {
  HOLE: { label: 'hole', fields: [mm('diameterMm', 'Diameter')], start: { diameterMm: 4 } },
  RECTANGLE: {
    label: 'rectangle',
    fields: [mm('widthMm', 'Width'), mm('heightMm', 'Height'), mm('radiusMm', 'Corners', true)],
    start: { widthMm: 60, heightMm: 40, radiusMm: 2 },
  },
  SLOT: {
    label: 'slot',
    fields: [mm('widthMm', 'Length'), mm('heightMm', 'Width')],
    start: { widthMm: 30, heightMm: 4 },
  },
  FRAME: {
    label: 'frame',
    fields: [
      mm('widthMm', 'Width'),
      mm('heightMm', 'Height'),
      mm('insetMm', 'Border'),
      mm('radiusMm', 'Corners', true),
    ],
    start: { widthMm: 80, heightMm: 60, insetMm: 8, radiusMm: 2 },
  },
  HOLE_ROW: {
    label: 'row of holes',
    fields: [
      mm('widthMm', 'Length'),
      mm('insetMm', 'Ends'),
      mm('pitchMm', 'Pitch, most'),
      mm('diameterMm', 'Diameter'),
    ],
    start: { widthMm: 200, insetMm: 10, pitchMm: 60, diameterMm: 3.2 },
  },
  BORDER_ROW: {
    label: 'border of holes',
    fields: [
      mm('widthMm', 'Width'),
      mm('heightMm', 'Height'),
      mm('insetMm', 'Inset'),
      mm('pitchMm', 'Pitch, most'),
      mm('diameterMm', 'Diameter'),
    ],
    start: { widthMm: 200, heightMm: 120, insetMm: 10, pitchMm: 60, diameterMm: 3.2 },
  },
  HOLE_FIELD: {
    label: 'field of holes',
    fields: [
      mm('widthMm', 'Width'),
      mm('heightMm', 'Height'),
      mm('diameterMm', 'Hole'),
      mm('pitchMm', 'Pitch'),
      mm('innerMm', 'Slot length', true),
    ],
    start: { widthMm: 80, heightMm: 40, diameterMm: 4, pitchMm: 8, staggered: true },
  },
  FAN: {
    label: 'fan opening',
    fields: [
      mm('diameterMm', 'Opening'),
      mm('pitchMm', 'Screw pitch'),
      mm('innerMm', 'Screw hole'),
    ],
    start: { diameterMm: 116, pitchMm: 105, innerMm: 4.3 },
  },
  POWER_INLET: { label: 'power inlet', fields: [], start: {} },
  KEYSTONE: { label: 'keystone socket', fields: [], start: {} },
  POLYGON: {
    label: 'regular polygon',
    fields: [mm('diameterMm', 'Across corners'), pieces('Corners')],
    start: { diameterMm: 40, count: 6 },
  },
  STAR: {
    label: 'star',
    fields: [mm('diameterMm', 'Outer'), mm('innerMm', 'Inner'), pieces('Points')],
    start: { diameterMm: 50, innerMm: 22, count: 5 },
  },
  TOOTHED_RING: {
    label: 'toothed ring',
    fields: [
      mm('diameterMm', 'Outer'),
      mm('innerMm', 'Root'),
      mm('radiusMm', 'Bore radius', true),
      pieces('Teeth'),
    ],
    start: { diameterMm: 60, innerMm: 50, radiusMm: 18, count: 18 },
  },
  TEXT: {
    label: 'lettering',
    fields: [mm('heightMm', 'Capitals')],
    start: { heightMm: 12, text: 'TEXT', face: 'SANS' },
  },
  PATH: { label: 'outline', fields: [], start: {} },
}

export const OPS: Record<Op, string> = {
  JOIN: 'Join',
  CUT: 'Cut',
  ENGRAVE: 'Engrave',
  LINE: 'Burn a line',
  POCKET: 'Sink a pocket',
  OFFSET: 'Grow or shrink',
  MIRROR_ACROSS: 'Mirror left to right',
  MIRROR_UP: 'Mirror up and down',
}
export const FONTS = [
  { value: 'SANS', label: 'plain' },
  { value: 'SANS_BOLD', label: 'plain, bold' },
  { value: 'SERIF', label: 'with feet' },
  { value: 'SERIF_BOLD', label: 'with feet, bold' },
  { value: 'MONO', label: 'typewriter' },
] as const

export const drawsFigure = (op: Op) => !['OFFSET', 'MIRROR_ACROSS', 'MIRROR_UP'].includes(op)

/** What a step does, in a line: "Cut: 2 × 3 holes of 4 mm". */
export function stepWords(step: RecipeStep): string {
  if (!step.figure) return `${OPS[step.op]}: ${exact(step.amountMm ?? 0)} mm`
  const words = FIGURES[step.figure.kind]
  const first = words.fields[0]
  const size = first ? ` ${step.figure[first.field] ?? ''} ${first.unit}` : ''
  const copies = step.array
    ? step.array.around > 1
      ? `${step.array.around} × `
      : `${step.array.across * step.array.up} × `
    : ''
  if (step.name) return `${OPS[step.op]}: ${copies}${step.name}`
  const says = step.figure.text ? ` “${step.figure.text}”` : ''
  return `${OPS[step.op]}: ${copies}${words.label}${says}${size}`
}

export const PLAIN_PART: PartDrawing = {
  cornerMm: 0,
  bare: false,
  steps: [],
  bent: null,
  hold: null,
  keepGrain: false,
  first: false,
  stencil: false,
  inside: false,
}

/** A figure of a kind, with sensible measures. */
export function newFigure(kind: Kind): CutFigure {
  return { kind, ...FIGURES[kind].start }
}
export function newStep(id: string, op: Op, kind: Kind, xMm: number, yMm: number): RecipeStep {
  const base = { id, name: '', op, turnDegrees: 0, mirrored: false, array: null }
  if (!drawsFigure(op)) {
    return { ...base, xMm: 0, yMm: 0, figure: null, amountMm: op === 'OFFSET' ? 1 : xMm }
  }
  return {
    ...base,
    xMm,
    yMm,
    figure: newFigure(kind),
    amountMm: op === 'POCKET' ? 1.5 : null,
  }
}
