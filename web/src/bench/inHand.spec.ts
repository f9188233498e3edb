import { describe, expect, it } from 'vitest'
import type { DayCard } from '../api/types'
import { EMPTY, inHand, lies, readAgain, taking } from './inHand'

function card(key: string, state = 'OPEN', piece = 1): DayCard {
  return { buildId: 'moss', piece, task: { task: { key }, state } } as unknown as DayCard
}
const cut = card('part:lid/cut')
const sand = card('part:lid/sand')

describe('what one has in hand', () => {
  it('is the first of the day where no hand was laid on anything', () => {
    expect(inHand(EMPTY, [cut, sand])).toBe(cut)
    expect(inHand(EMPTY, [])).toBeNull()
  })
  it('stays when the plan would begin with something else, and is shown as it is now', () => {
    const hand = taking(cut)
    const fresh = card('part:lid/cut')
    expect(inHand(hand, [sand, fresh])).toBe(fresh)
  })
  it('stays when the plan gives it to somebody else', () => {
    const hand = taking(cut)
    expect(lies(hand, [sand])).toBe(false)
    expect(inHand(hand, [sand])).toBe(cut)
    const elsewhere = card('part:lid/cut')
    expect(inHand(readAgain(hand, elsewhere), [sand])).toBe(elsewhere)
  })
  it('is the rest of the step where the day has cut it into other pieces', () => {
    const hand = taking(card('part:lid/cut', 'OPEN', 2))
    expect(inHand(hand, [sand, cut])).toBe(cut)
    const [first, second] = [cut, card('part:lid/cut', 'OPEN', 2)]
    expect(inHand(hand, [first, second])).toBe(second)
  })
  it('is put down when it is done, dries, or is no more', () => {
    for (const read of [card('part:lid/cut', 'DONE'), card('part:lid/cut', 'WAITING'), null]) {
      expect(inHand(readAgain(taking(cut), read), [sand])).toBe(sand)
    }
  })
})
