import type { DayCard } from '../api/types'

/**
 * What somebody has in hand on the Bench. The plan is laid anew all the time; the card under the
 * hands stays where it is until it is ended.
 */
export interface Hand {
  /** Which card; empty for none, the first of the day is shown then. */
  readonly key: string
  /** As it was seen last. */
  readonly card: DayCard | null
}

export const EMPTY: Hand = { key: '', card: null }
export const keyOf = (card: DayCard) => `${card.buildId} ${card.task.task.key} ${card.piece}`
export const taking = (card: DayCard): Hand => ({ key: keyOf(card), card })
/** The same card as the day has it now, or another piece of the same step. */
function found({ key, card }: Hand, cards: DayCard[]): DayCard | undefined {
  const same = (each: DayCard) =>
    each.buildId === card?.buildId && each.task.task.key === card.task.task.key
  return cards.find((each) => keyOf(each) === key) ?? cards.find(same)
}
/** Whether the day still has what is in hand. */
export const lies = (hand: Hand, cards: DayCard[]) => !!found(hand, cards)

/** The large card: what is in hand, as the day has it now or as it was seen last; else the first. */
export function inHand(hand: Hand, cards: DayCard[]): DayCard | null {
  return found(hand, cards) ?? hand.card ?? cards[0] ?? null
}

/** What is in hand after it was asked for by itself: what is over, or is no more, is put down. */
export function readAgain(hand: Hand, read: DayCard | null): Hand {
  const over = !read || ['DONE', 'WAITING'].includes(read.task.state)
  return over ? EMPTY : { ...hand, card: read }
}
