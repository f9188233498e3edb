import type { RackThing } from '../../api/types'

/** Something on the rack for tests: nothing is there, nobody wants any. */
export const thing = (name: string, more: Partial<RackThing> = {}): RackThing =>
  ({
    kind: 'paints',
    id: name,
    name,
    colourHex: '#aa2222',
    unit: 'ml',
    have: 0,
    opened: 0,
    wanted: 0,
    coming: 0,
    missing: 0,
    low: false,
    old: false,
    users: [],
    ...more,
  }) as RackThing
