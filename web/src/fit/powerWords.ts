import type { PowerLine } from '../api/types'

/** Who asks for how much, as pieces of a load strip. */
export const pieces = (line: PowerLine) =>
  line.asks.map((ask, index) => ({
    name: ask.name,
    value: ask.value,
    kind: ask.name === 'reserve' ? 'rope' : index % 2 ? 'slate' : 'soot',
  }))

/** For whom, from whom, and what else is to be said. */
export function who(line: PowerLine): string {
  const names = (shares: PowerLine['asks']) => shares.map((share) => share.name).join(', ')
  return [
    line.asks.length ? `for ${names(line.asks)}` : '',
    line.offers.length ? `from ${names(line.offers)}` : '',
    line.note,
  ]
    .filter(Boolean)
    .join('; ')
}
