import type { FedLine } from '../api/types'

/** Who asks for how much, as pieces of a load strip. */
export const pieces = (line: FedLine) =>
  line.asks.map((ask, index) => ({
    name: ask.name,
    value: ask.value,
    kind: ask.name === 'reserve' ? 'rope' : index % 2 ? 'slate' : 'soot',
  }))

/** For whom, from whom, and what else is to be said. */
export function who(line: FedLine): string {
  const names = (shares: FedLine['asks']) => shares.map((share) => share.name).join(', ')
  return [
    line.asks.length ? `for ${names(line.asks)}` : '',
    line.offers.length ? `from ${names(line.offers)}` : '',
    line.note,
  ]
    .filter(Boolean)
    .join('; ')
}
