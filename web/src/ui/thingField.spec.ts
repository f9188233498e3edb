import schema from 'virtual:thing-schema'
import { describe, expect, it } from 'vitest'
import type { FieldFacts } from '../../scripts/thing-schema'
import { dimensionOf, isNoun } from '../units/dimensions'
import { changeAt, controlOf, factsOf, labelOf, optionsOf, unitOf, valueAt } from './thingField'

describe('what a field is', () => {
  it('comes from the record behind it, whatever it lies in', () => {
    expect(factsOf('panels', 'widthMm')).toMatchObject({
      type: 'number',
      nullable: false,
      minimum: 5,
      maximum: 5000,
    })
    expect(factsOf('panels', 'window.xMm').type).toBe('number')
    expect(factsOf('panels', 'drawing.steps.3.figure.text').nullable).toBe(true)
    expect(factsOf('enclosures', 'bays.0.change.widerMm').type).toBe('number')
    expect(() => factsOf('panels', 'wideMm')).toThrow('panels have no “wideMm”')
    expect(() => factsOf('spoons', 'widthMm')).toThrow('spoons have no')
  })

  it('decides how it is typed', () => {
    const control = (kind: string, field: string) => controlOf({ field }, factsOf(kind, field))
    expect(control('panels', 'widthMm')).toBe('number')
    expect(control('screens', 'priceMinor')).toBe('money')
    expect(control('panels', 'cutMethod')).toBe('choice')
    expect(control('panels', 'drawing.stencil')).toBe('check')
    expect(control('briefs', 'revealOn')).toBe('date')
    expect(control('schemes', 'targetHex')).toBe('colour')
    expect(control('concepts', 'look.palette.2.hex')).toBe('colour')
    expect(control('briefs', 'loved')).toBe('text')
    const offered = { field: 'sheetId', options: [{ value: 'a', label: 'A' }] }
    expect(controlOf(offered, factsOf('panels', 'sheetId'))).toBe('choice')
  })

  it('tells its unit and its words', () => {
    expect(
      [
        'widthMm',
        'a.massKg',
        'watts',
        'leadDays',
        'warrantyMonths',
        'areaMm2',
        'kerfUm',
        'quantity',
      ].map(unitOf),
    ).toEqual(['mm', 'kg', 'W', 'days', 'months', 'mm²', 'µm', '×'])
    expect(labelOf('insideRadiusMm')).toBe('Inside radius')
    expect(labelOf('window.widthMm')).toBe('Width')
    expect(labelOf('priceMinor')).toBe('Price')
    expect(labelOf('supplierId')).toBe('Supplier')
  })

  it('has a unit that can be typed, for every number of every kind that ends in one', () => {
    const fields = Object.values<Record<string, FieldFacts>>(schema.records).flatMap((record) =>
      Object.entries(record)
        .filter(([, facts]) => facts.type === 'number')
        .map(([field]) => field),
    )
    const units = [...new Set(fields.map(unitOf))]
    expect(units.length).toBeGreaterThan(8)
    expect(
      units.filter((unit) => unit && unit !== '×' && !dimensionOf(unit) && !isNoun(unit)),
    ).toEqual([])
  })

  it('offers the words of the document, or those given, and nothing where that may be', () => {
    const facts = factsOf('screens', 'rail')
    expect(optionsOf({ field: 'rail' }, facts).map((each) => each.label)).toEqual(['v5', 'v12'])
    const volts = [{ value: 'V5', label: '5 V' }]
    expect(optionsOf({ field: 'rail', options: volts, none: 'neither' }, facts)).toEqual([
      { value: '', label: 'neither' },
      ...volts,
    ])
  })

  it('are the same list each time: a field whose choices stay is not drawn anew', () => {
    const facts = { type: 'string', nullable: false, values: ['V5', 'V12'] } as never
    const volts = [{ value: 'V5', label: '5 V' }]
    expect(optionsOf({ field: 'rail' }, facts)).toBe(optionsOf({ field: 'rail' }, facts))
    expect(optionsOf({ field: 'rail', options: volts }, facts)).toBe(volts)
    const led = optionsOf({ field: 'rail', options: volts, none: 'neither' }, facts)
    expect(optionsOf({ field: 'side', options: volts, none: 'neither' }, facts)).toBe(led)
    expect(optionsOf({ field: 'rail', options: volts, none: 'both' }, facts)).not.toBe(led)
  })
})

describe('a change inside a thing', () => {
  const thing = { id: 'p', window: { xMm: 1, yMm: 2 }, runs: [{ name: 'a' }, { name: 'b' }] }

  it('leaves everything beside it as it is', () => {
    expect(changeAt(thing, 'window.xMm', 9)).toEqual({ window: { xMm: 9, yMm: 2 } })
    expect(changeAt(thing, 'runs.1.name', 'c')).toEqual({ runs: [{ name: 'a' }, { name: 'c' }] })
    expect(changeAt(thing, 'id', 'q')).toEqual({ id: 'q' })
    expect(thing.runs[1].name).toBe('b')
  })

  it('reads what stands there, and nothing where nothing is', () => {
    expect(valueAt(thing, 'window.yMm')).toBe(2)
    expect(valueAt(thing, 'runs.0.name')).toBe('a')
    expect(valueAt(thing, 'holes.insetMm')).toBeUndefined()
  })
})
