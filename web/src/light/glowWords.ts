import type { Scene } from '../api/types'

/** Choices of light runs and scenes in a builder's words. */
export const USES = [
  { value: 'SHOW', label: 'show' },
  { value: 'WORK', label: 'work' },
  { value: 'CAMERA', label: 'camera' },
  { value: 'NIGHT', label: 'night' },
  { value: 'ASLEEP', label: 'asleep' },
] as const satisfies { value: Scene['use']; label: string }[]
export const MOVEMENTS = [
  { value: 'STILL', label: 'still' },
  { value: 'BREATHE', label: 'breathes' },
  { value: 'SWEEP', label: 'sweeps' },
  { value: 'DRIFT', label: 'drifts' },
]
export const SHAPES = [
  { value: 'STRIP', label: 'strip, by the metre' },
  { value: 'RING', label: 'ring' },
  { value: 'BAR', label: 'bar' },
  { value: 'PANEL', label: 'panel' },
]
export const CIRCUITS = [
  { value: null, label: 'as its volts suggest' },
  { value: 'ADDRESSABLE', label: 'each LED by itself' },
  { value: 'THREES', label: 'three at a time' },
  { value: 'PLAIN', label: 'all alike, any colour' },
  { value: 'ONE_COLOUR', label: 'one colour only' },
  { value: 'ULTRAVIOLET', label: 'ultraviolet' },
]
export const FEEDS = [
  { value: 'BOARD_HEADER', label: 'light header, 3 A' },
  { value: 'SUPPLY_LEAD', label: 'supply lead' },
]
export const FED_AT = [
  { value: 'START', label: 'at its start' },
  { value: 'MIDDLE', label: 'in the middle' },
]
export const LEVELS = [
  { value: 'V5', label: '5 V, a header' },
  { value: 'V3', label: '3.3 V, a small controller' },
]
export const CONTROLS = [
  { value: 'COLOURS', label: 'any colour and brightness' },
  { value: 'MODES', label: 'changes modes only' },
  { value: 'FIXED', label: 'on and off only' },
]
