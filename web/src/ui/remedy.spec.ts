import { describe, expect, it } from 'vitest'
import { withChange, type Change } from './remedy'

const change = (field: string, value: number, text?: string): Change => ({
  kind: 'components',
  thingId: 'a',
  field,
  value,
  text: text ?? null,
})
const thing = () => ({
  id: 'a',
  insetMm: 12 as number | null,
  body: { turns: ['UPRIGHT'] },
  bays: [{ change: { higherMm: 0, cutAway: false } }],
  fitted: { pin: { xMm: 1 } as object | null, wantedFacing: 'FRONT' as string | null },
})

describe('a remedy', () => {
  it('sets a number and leaves the thing it was read from alone', () => {
    const before = thing()
    expect(withChange(before, change('insetMm', 9)).insetMm).toBe(9)
    expect(before.insetMm).toBe(12)
  })
  it('reaches into lists and switches on', () => {
    expect(withChange(thing(), change('bays.0.change.higherMm', 11.5)).bays[0].change).toEqual({
      higherMm: 11.5,
      cutAway: false,
    })
    expect(withChange(thing(), change('bays.0.change.cutAway', 1)).bays[0].change.cutAway).toBe(
      true,
    )
  })
  it('adds words to a list', () => {
    expect(withChange(thing(), change('body.turns.1', 0, 'ON_SIDE')).body.turns).toEqual([
      'UPRIGHT',
      'ON_SIDE',
    ])
  })
  it('puts a list in the place of another', () => {
    const items = { ...change('bays', 0), items: [] }
    expect(withChange(thing(), items as Change).bays).toEqual([])
  })
  it('takes out what held a thing or words', () => {
    expect(withChange(thing(), change('fitted.pin', 0)).fitted.pin).toBeNull()
    expect(withChange(thing(), change('fitted.wantedFacing', 0)).fitted.wantedFacing).toBeNull()
  })
})
