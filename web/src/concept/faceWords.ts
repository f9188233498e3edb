import { fixed } from '../units/writing'
import type { ElevationItem, Face } from '../api/types'

export const FACES: Face[] = ['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM']

export const KINDS: { value: ElevationItem['kind']; label: string }[] = [
  { value: 'PANEL', label: 'panel' },
  { value: 'WINDOW', label: 'window' },
  { value: 'CUT_OUT', label: 'cut-out' },
  { value: 'VENT', label: 'vent field' },
  { value: 'SCREEN', label: 'screen' },
  { value: 'LIGHT_RUN', label: 'light run' },
  { value: 'VINYL', label: 'vinyl art' },
  { value: 'ENGRAVING', label: 'engraving' },
  { value: 'BADGE', label: 'badge' },
  { value: 'HANDLE', label: 'handle' },
  { value: 'FOOT', label: 'foot' },
  { value: 'BOUGHT', label: 'bought item' },
]
export const LAYERS: { value: ElevationItem['layer']; label: string }[] = [
  { value: 'BEHIND', label: 'behind it' },
  { value: 'IN', label: 'in it' },
  { value: 'ON', label: 'on it' },
]
export const MATERIALS = [
  { value: 'ACRYLIC', label: 'acrylic' },
  { value: 'GLASS', label: 'glass' },
  { value: 'WOOD', label: 'wood' },
  { value: 'METAL', label: 'metal' },
  { value: 'PLASTIC', label: 'plastic' },
  { value: 'FILM', label: 'film' },
  { value: 'OTHER', label: 'other' },
] as const

export const kindWords = (kind: ElevationItem['kind']) =>
  KINDS.find((each) => each.value === kind)?.label ?? kind

/** Where and how large, as on a drawing: "x 40.0  y 100.0  250.0 × 200.0". */
export function measures(drawn: ElevationItem): string {
  const { xMm, yMm, widthMm, heightMm } = drawn.place
  const [x, y, w, h] = [xMm, yMm, widthMm, heightMm].map((value) => fixed(value, 1))
  return `x ${x}  y ${y}  ${w} × ${h}`
}
