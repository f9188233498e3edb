import type { Stage } from './api/types'

/** The stops of the fuse: label, address and the key that jumps there. */
export const STOPS: { stage: Stage; label: string; path: string; key: string }[] = [
  { stage: 'BRIEF', label: 'Brief', path: 'brief', key: '1' },
  { stage: 'CONCEPT', label: 'Concept', path: 'concept', key: '2' },
  { stage: 'FIT', label: 'Fit', path: 'fit', key: '3' },
  { stage: 'ORDER', label: 'Order', path: 'supply', key: '4' },
  { stage: 'MAKE', label: 'Make', path: 'make', key: '5' },
  { stage: 'FINISH', label: 'Finish', path: 'finish', key: '6' },
  { stage: 'LIGHT', label: 'Light', path: 'light', key: '7' },
  { stage: 'ASSEMBLE', label: 'Assemble', path: 'bench', key: '8' },
  { stage: 'PROVE', label: 'Prove', path: 'prove', key: '9' },
  { stage: 'REVEAL', label: 'Reveal', path: 'reveal', key: '0' },
]

export const LEDGERS = [
  { label: 'Plan', path: 'plan', key: 'p' },
  { label: 'Money', path: 'money', key: 'm' },
  { label: 'History', path: 'history', key: 'h' },
]
