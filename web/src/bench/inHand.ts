import type { DayCard } from '../api/types'

export const keyOf = (card: DayCard) => `${card.buildId} ${card.task.task.key} ${card.piece}`

/** A card as the day has it now, or another piece of the same step. */
export function found(hand: DayCard | null, cards: DayCard[]): DayCard | undefined {
  if (!hand) return undefined
  const same = (each: DayCard) =>
    each.buildId === hand.buildId && each.task.task.key === hand.task.task.key
  return cards.find((each) => keyOf(each) === keyOf(hand)) ?? cards.find(same)
}

/**
 * The large card. The plan is laid anew all the time; what somebody has in hand stays where it is,
 * as the day has it now or as it was seen last. Where nothing is in hand, the first.
 */
export function inHand(hand: DayCard | null, cards: DayCard[]): DayCard | null {
  return found(hand, cards) ?? hand ?? cards[0] ?? null
}

/** What is left in hand of a card that was asked for by itself: what is over is put down. */
export function readAgain(read: DayCard | null): DayCard | null {
  return read && ['DONE', 'WAITING'].includes(read.task.state) ? null : read
}
