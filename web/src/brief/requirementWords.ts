import type { Limit, Requirement } from '../api/types'

/** Measures with the kind of requirement each belongs to, as the core has them. */
export const MEASURES: {
  value: Limit['measure']
  label: string
  unit: string
  kind: Requirement['kind']
}[] = [
  { value: 'STORAGE_GB', label: 'storage', unit: 'GB', kind: 'CAPACITY' },
  { value: 'MEMORY_GB', label: 'memory', unit: 'GB', kind: 'CAPACITY' },
  { value: 'SCREENS', label: 'screens', unit: 'pieces', kind: 'CAPACITY' },
  { value: 'WIDTH_MM', label: 'width', unit: 'mm', kind: 'SIZE' },
  { value: 'HEIGHT_MM', label: 'height', unit: 'mm', kind: 'SIZE' },
  { value: 'DEPTH_MM', label: 'depth', unit: 'mm', kind: 'SIZE' },
  { value: 'MASS_KG', label: 'mass', unit: 'kg', kind: 'WEIGHT' },
  { value: 'SUPPORT_KG', label: 'load on a support', unit: 'kg', kind: 'WEIGHT' },
  { value: 'HOT_SPOT_C', label: 'hot spot', unit: '°C', kind: 'HEAT' },
  { value: 'NOISE_DBA', label: 'noise at 1 m', unit: 'dBA', kind: 'NOISE' },
  { value: 'COLOUR_DELTA_E00', label: 'colour difference', unit: 'ΔE00', kind: 'COLOUR' },
  { value: 'TOTAL_MINOR', label: 'total cost', unit: '', kind: 'MONEY' },
  { value: 'REVEAL_DAY', label: 'ready on or before', unit: '', kind: 'DATE' },
]
export const PRIORITIES = [
  { value: 'MUST', label: 'must' },
  { value: 'SHOULD', label: 'should' },
  { value: 'NICE', label: 'nice' },
] as const
export const KINDS = [
  { value: 'LOOK', label: 'look' },
  { value: 'FUNCTION', label: 'function' },
  { value: 'HEAT', label: 'heat' },
  { value: 'NOISE', label: 'noise' },
  { value: 'CAPACITY', label: 'capacity' },
  { value: 'SIZE', label: 'size' },
  { value: 'WEIGHT', label: 'weight' },
  { value: 'COLOUR', label: 'colour' },
] as const

/** How a requirement is answered. */
export type Way = 'person' | 'measure' | 'ban'
export const WAYS: { value: Way; label: string }[] = [
  { value: 'person', label: 'by a thing or a person' },
  { value: 'measure', label: 'by arithmetic' },
  { value: 'ban', label: 'by absence: a ban' },
]
export const wayOf = (requirement: Requirement): Way =>
  requirement.limit ? 'measure' : requirement.ban ? 'ban' : 'person'

const STARTS: Partial<Record<Limit['measure'], number>> = {
  STORAGE_GB: 1000,
  MEMORY_GB: 32,
  SCREENS: 1,
  WIDTH_MM: 300,
  HEIGHT_MM: 400,
  DEPTH_MM: 300,
  MASS_KG: 15,
  SUPPORT_KG: 5,
  HOT_SPOT_C: 90,
  NOISE_DBA: 36,
  COLOUR_DELTA_E00: 3,
  TOTAL_MINOR: 100_000,
}

/** A limit to start from, to be corrected at the table. */
export function newLimit(measure: Limit['measure'], day: string, targetHex: string): Limit {
  const capacity = MEASURES.find((each) => each.value === measure)?.kind === 'CAPACITY'
  return {
    measure,
    comparison: capacity ? 'AT_LEAST' : 'AT_MOST',
    value: STARTS[measure] ?? 0,
    day: measure === 'REVEAL_DAY' ? day : null,
    targetHex: measure === 'COLOUR_DELTA_E00' ? targetHex : null,
    face: null,
    support: '',
    reading: null,
  }
}

/** The requirement answered another way; what belonged to the old way goes. */
export function answered(requirement: Requirement, way: Way, limit: Limit): Requirement {
  const plain = { ...requirement, limit: null, ban: null }
  if (way === 'measure')
    return {
      ...plain,
      limit,
      kind: MEASURES.find((each) => each.value === limit.measure)!.kind,
    }
  if (way === 'ban')
    return { ...plain, kind: 'BAN', ban: { item: null, material: 'GLASS', face: null } }
  return { ...plain, kind: 'LOOK' }
}
