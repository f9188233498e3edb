import { describe, expect, it } from 'vitest'
import type { DayCard } from '../api/types'
import { found, inHand, readAgain } from './inHand'

function card(key: string, state = 'OPEN', piece = 1): DayCard {
  return { buildId: 'moss', piece, task: { task: { key }, state } } as unknown as DayCard
}
const cut = card('part:lid/cut')
const sand = card('part:lid/sand')

describe('what one has in hand', () => {
  it('is the first of the day where no hand was laid on anything', () => {
    expect(inHand(null, [cut, sand])).toBe(cut)
    expect(inHand(null, [])).toBeNull()
  })
  it('stays when the plan would begin with something else, and is shown as it is now', () => {
    const fresh = card('part:lid/cut')
    expect(inHand(cut, [sand, fresh])).toBe(fresh)
  })
  it('stays when the plan gives it to somebody else', () => {
    expect(found(cut, [sand])).toBeUndefined()
    expect(inHand(cut, [sand])).toBe(cut)
    const elsewhere = card('part:lid/cut')
    expect(inHand(readAgain(elsewhere), [sand])).toBe(elsewhere)
  })
  it('is the rest of the step where the day has cut it into other pieces', () => {
    const second = card('part:lid/cut', 'OPEN', 2)
    expect(inHand(second, [sand, cut])).toBe(cut)
    const fresh = card('part:lid/cut', 'OPEN', 2)
    expect(inHand(second, [cut, fresh])).toBe(fresh)
  })
  it('is put down when it is done, dries, or is no more', () => {
    for (const read of [card('part:lid/cut', 'DONE'), card('part:lid/cut', 'WAITING'), null]) {
      expect(inHand(readAgain(read), [sand])).toBe(sand)
    }
  })
})
