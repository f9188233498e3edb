import { relative } from 'node:path'

/** Kit fields into which numbers, amounts, words, days, times and colours are typed. */
export const TYPED = [
  'MeasureField',
  'MoneyField',
  'TextField',
  'ThingFields',
  'ColourField',
  'DateField',
  'TimeField',
]

interface Element {
  type: number
  tag: string
  props: unknown[]
  loc: { start: { line: number } }
}

/**
 * Marks every tag of a kit field with its place in the source, `make/PartForm.vue:92`, so that tests
 * can tell which fields of all there are have been seen on a screen.
 */
export function markFieldTags(node: unknown, context: { filename: string }) {
  const element = node as Element
  if (element.type !== 1 || !TYPED.includes(element.tag)) return
  // fields inside a kit field stand for the tag that uses it
  if (/ui\/(ThingFields|DateField)\.vue$/.test(context.filename)) return
  const loc = element.loc
  const place = `${relative('src', context.filename)}:${loc.start.line}`
  const value = { type: 2, content: place, loc }
  element.props.push({ type: 6, name: 'data-tag', nameLoc: loc, value, loc })
}
