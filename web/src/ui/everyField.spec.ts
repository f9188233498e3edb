import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { dimensionOf, isNoun } from '../units/dimensions'

/** Every tag of a field in every component, as it is written. */
const HERE = new URL('..', import.meta.url).pathname
const TAG = /<(MeasureField|MoneyField|TextField|ColourField|DateField)\b((?:[^>"]|"[^"]*")*)>/g
const files = (readdirSync(HERE, { recursive: true }) as string[])
  .filter((file) => file.endsWith('.vue') && !file.startsWith('ui/'))
  .map((file) => ({ file, text: readFileSync(join(HERE, file), 'utf8') }))
const tags = files.flatMap(({ file, text }) =>
  [...text.matchAll(TAG)].map((found) => ({ file, tag: found[0] })),
)

describe('every field', () => {
  it('is found, and is one of few: forms of things use ThingFields', () => {
    const forms = files.flatMap(({ text }) => text.match(/<ThingFields\b/g) ?? [])
    const alone = files.flatMap(
      ({ text }) => text.match(/<(Measure|Money|Text|Choice|Check|Colour|Date|Time)Field\b/g) ?? [],
    )
    console.info(`${alone.length} tags of fields, ${forms.length} of ThingFields`)
    expect(forms.length).toBeGreaterThan(60)
    expect(alone.length).toBeLessThanOrEqual(100)
  })

  it('shows its own refusal, or belongs to a form that does', () => {
    const silent = tags.filter(({ tag }) => !/:problem=|\sown[\s/>]/.test(tag))
    // a filter narrows a list and is never refused
    const filters = silent.filter(({ tag }) => /v-model="(wanted|kind)"/.test(tag))
    expect(silent.filter((each) => !filters.includes(each))).toEqual([])
  })

  it('has a unit of a known dimension, or counts', () => {
    const units = files.flatMap(({ text }) => [
      ...[...text.matchAll(/\sunit="([^"]*)"/g)].map((found) => found[1]),
      ...[...text.matchAll(/unit: '([^']*)'/g)].map((found) => found[1]),
    ])
    const COUNTED = /^(cans|leads|sheets|pieces|×|)$/
    expect(units.length).toBeGreaterThan(40)
    expect(
      units.filter((unit) => !dimensionOf(unit) && !isNoun(unit) && !COUNTED.test(unit)),
    ).toEqual([])
  })

  it('never leaves a colour to the browser’s picker alone', () => {
    const bare = files.filter(({ text }) => /type="color"/.test(text)).map(({ file }) => file)
    expect(bare).toEqual([])
  })

  it('stands among numbers written with the workshop’s mark', () => {
    const RAW = /\{\{ [\w.!?]*(Mm|Kg|Watts|C|M2|Percent|Litres|Ml|Degrees|PerSecond) \}\}/g
    const raw = files.flatMap(({ file, text }) =>
      [...text.matchAll(RAW)].map((found) => `${file}: ${found[0]}`),
    )
    expect(raw).toEqual([])
  })

  it('never leaves a day or a time to the browser’s taste', () => {
    const native = files.filter(({ text }) => /type="(date|time|datetime-local|number)"/.test(text))
    expect(native.map(({ file }) => file)).toEqual([])
  })
})
