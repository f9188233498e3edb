import type { CardDrawing, Snag } from '../api/types'

/** How bad a snag is, and what that means. */
export const HOW_BAD: { value: Snag['how']; label: string }[] = [
  { value: 'SMALL', label: 'small, may stay' },
  { value: 'SEEN', label: 'the client would see it' },
  { value: 'BAD', label: 'bad: before it is closed' },
]

/** A face or a part by one name. */
export function placeKey(place: { panelId: string; face?: string | null }): string {
  if (place.face) return `face ${place.face}`
  return place.panelId ? `part ${place.panelId}` : ''
}

/** Where a snag can be, each place once. */
export function placeOptions(places: CardDrawing[]): { value: string; label: string }[] {
  const seen = new Map([['', 'nowhere in particular']])
  for (const place of places) {
    const key = placeKey(place)
    if (key && !seen.has(key)) seen.set(key, place.words)
  }
  return [...seen].map(([value, label]) => ({ value, label }))
}
