import type { Move } from '../api/types'

export const WORDS: Record<Move['what'], string> = {
  PAID: 'paid',
  REFUNDED: 'came back',
  CREDITED: 'came as credit',
}

/** What a move adds to what is spent: below 0 where money came back. */
export const spent = (move: Move) =>
  ((move.what === 'PAID') === !move.reverses ? 1 : -1) * move.amountMinor
