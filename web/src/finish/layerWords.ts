import type { ArtShape, LayerStep, TestCard, WorkshopView } from '../api/types'

type Book = WorkshopView['book']

/** What one step does, in words: "paint Chart cream", "lay a stencil of Depth lines". */
export function stepWords(step: LayerStep, shapes: ArtShape[], book: Book): string {
  const named = step.shapes.map((id) => shapes.find((s) => s.id === id)?.name ?? 'a shape')
  const on = named.length ? named.join(', ') : ''
  switch (step.op) {
    case 'PAINT':
    case 'CLEAR':
      return productName(step, book) + area(step, on)
    case 'STENCIL':
      return `Stencil${area(step, on) || ' all over'}`
    case 'PEEL':
      return on ? `Peel ${on}` : 'Peel the stencil'
    case 'FILM':
      return productName(step, book) + area(step, on)
    default:
      return `Engrave${area(step, on) || ' all over'}`
  }
}
function area(step: LayerStep, on: string) {
  if (!on) return ''
  return step.outside ? ` around ${on}` : ` on ${on}`
}
export function productName(step: LayerStep, book: Book): string {
  const id = step.productId
  return (
    book.paints.find((p) => p.id === id)?.name ??
    book.films.find((f) => f.id === id)?.name ??
    'nothing chosen'
  )
}
export function productHex(step: LayerStep, book: Book): string | null {
  const id = step.productId
  return (
    book.paints.find((p) => p.id === id)?.colourHex ??
    book.films.find((f) => f.id === id)?.colourHex ??
    null
  )
}
/** The same list with one step at another place. */
export function moved<T>(list: readonly T[], from: number, to: number): T[] {
  const copy = [...list]
  const [one] = copy.splice(from, 1)
  copy.splice(Math.max(0, Math.min(copy.length, to)), 0, one)
  return copy
}
/** The card of a paint that counts: the latest. */
export function lastCard(cards: readonly TestCard[], paintId: string): TestCard | undefined {
  return cards
    .filter((card) => card.paintId === paintId)
    .sort((a, b) => (a.sprayedOn < b.sprayedOn ? 1 : -1))[0]
}
/** Reads as a painter says it. */
export function differenceWords(deltaE00: number): string {
  if (deltaE00 < 1) return 'not visible'
  if (deltaE00 < 2) return 'side by side only'
  return deltaE00 <= 5 ? 'visible' : 'a different colour'
}
