import schema from 'virtual:thing-schema'
import type { Component, HardwareProduct, LightProduct, LightStrip, Screen } from '../api/types'
import { valueAt } from '../ui/thingField'

/** Things that can be one of a product of the library. */
export type ProductUse = Component | Screen | LightStrip
export type UseKind = 'components' | 'screens' | 'strips'
export type Product = HardwareProduct | LightProduct

/** Where a screen's facts stand in its product. */
const SCREEN_FIELDS: Record<string, string> = {
  widthMm: 'body.widthMm',
  heightMm: 'body.heightMm',
  depthMm: 'body.depthMm',
  pixelsWide: 'display.pixelsWide',
  pixelsHigh: 'display.pixelsHigh',
  input: 'display.input',
  rail: 'display.rail',
  watts: 'peakWatts',
  feed: 'display.feed',
}

/** What the product says in the place of a field of its use. */
export function saidOf(kind: UseKind, product: Product, path: string): unknown {
  return valueAt(product, kind === 'screens' ? (SCREEN_FIELDS[path] ?? path) : path)
}

/** The product that a thing would be, kept for other builds under its own id. */
export function productOf(kind: UseKind, use: ProductUse): object {
  const record = kind === 'strips' ? 'LightProduct' : 'HardwareProduct'
  const fields = Object.keys(schema.records[record])
  const alike = Object.fromEntries(fields.map((field) => [field, valueAt(use, field)]))
  return kind === 'screens' ? { ...alike, ...displayOf(use as Screen) } : alike
}

function displayOf(screen: Screen) {
  const { widthMm, heightMm, pixelsWide, pixelsHigh, input, rail, feed, depthMm } = screen
  const body = {
    widthMm,
    depthMm: depthMm ?? 10,
    heightMm,
    keepOuts: [],
    seats: [],
    turns: [],
    spots: [],
  }
  const display = { pixelsWide, pixelsHigh, input, rail, feed }
  return { kind: 'SCREEN', attributes: '', peakWatts: screen.watts, body, display }
}
