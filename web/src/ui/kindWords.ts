import { plain } from './words'

/** What a builder calls a kind of thing, where that is not the API's word in the singular. */
const WORD: Record<string, string> = {
  briefs: 'brief',
  concepts: 'concept',
  schemes: 'finish',
  treatments: 'film or touch',
  'outside-finishes': 'outside finish',
  faults: 'paint fault',
  airs: 'air of a day',
  'own-days': 'hours of a day',
  'diary-words': 'day of the diary',
  'test-cards': 'test card',
  strips: 'light strip',
  items: 'thing on a face',
  panels: 'part',
  marks: 'mark',
  remarks: 'something said',
  'manual-tasks': 'task',
  'change-orders': 'change order',
  workshops: 'settings of the workshop',
  people: 'person',
  times: 'hours',
  hardware: 'hardware',
  'enclosure-products': 'enclosure',
  'light-products': 'light strip of the library',
  layouts: 'sheet',
  prints: 'print',
}

/** “panels” → “part”, “orders” → “order” */
export function kindWord(kind: string): string {
  return WORD[kind] ?? plain(kind).replaceAll('-', ' ').replace(/s$/, '')
}
