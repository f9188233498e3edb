import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { leafAt, same, withLeaf } from './leaf'

const thing = () =>
  fc.record({
    a: fc.integer(),
    b: fc.record({ c: fc.string(), d: fc.array(fc.record({ id: fc.nat(3), n: fc.integer() })) }),
  })
const pointer = fc.constantFrom('#/a', '#/b/c', '#/b/d/0/n', '#/b/d', '#/b')

describe('a leaf of a thing', () => {
  it('taken from another leaves all else alone, and neither is changed', () => {
    fc.assert(
      fc.property(thing(), thing(), pointer, (mine, theirs, at) => {
        const before = JSON.stringify([mine, theirs])
        const mixed = withLeaf(mine, at, theirs)
        expect(JSON.stringify([mine, theirs])).toBe(before)
        if (at !== '#/a') expect(mixed.a).toBe(mine.a)
        if (at !== '#/b/c' && at !== '#/b') expect(mixed.b.c).toBe(mine.b.c)
        expect(same(leafAt(mixed, at), leafAt(theirs, at)) || at === '#/b/d/0/n').toBe(true)
      }),
    )
  })

  it('in a list with other members takes the whole list', () => {
    const mine = {
      d: [
        { id: 1, n: 5 },
        { id: 2, n: 6 },
      ],
    }
    expect(
      withLeaf(mine, '#/d/1/n', {
        d: [
          { id: 1, n: 9 },
          { id: 2, n: 7 },
        ],
      }),
    ).toEqual({
      d: [
        { id: 1, n: 5 },
        { id: 2, n: 7 },
      ],
    })
    expect(withLeaf(mine, '#/d/1/n', { d: [{ id: 2, n: 7 }] })).toEqual({ d: [{ id: 2, n: 7 }] })
  })

  it('that the other has not is taken out', () => {
    expect(withLeaf<object>({ a: 1, b: 2 }, '#/b', { a: 3 })).toEqual({ a: 1 })
  })
})
