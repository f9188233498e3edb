import type { Move } from '../api/types'

const WORDS: Record<Move['what'], string> = {
  PAID: 'paid',
  REFUNDED: 'came back',
  CREDITED: 'came as credit',
}

/** What a move is, and why where it is no shop that paid. */
export const moveWords = ({ what, reverses, note }: Move) =>
  [WORDS[what] + (reverses ? ', taken back' : ''), note].filter(Boolean).join(': ')

/** What a move adds to what is spent: below 0 where money came back. */
export const spent = (move: Move) =>
  ((move.what === 'PAID') === !move.reverses ? 1 : -1) * move.amountMinor

/** Ids are at most eighty letters; undo puts some behind. */
const LONGEST = 64

/**
 * The name of the next move for a line, or for a shop's deliveries to a build: the same press in two
 * windows is the same move, and no two builds share one.
 */
export function nextId(of: Pick<Move, 'orderId' | 'supplierId'>, buildId: string, before: number) {
  const begins = of.orderId || `delivery-${buildId}-${of.supplierId}`
  return `${begins}-money-${before + 1}`.slice(-LONGEST).replace(/^[^A-Za-z0-9]+/, '')
}
