import { expect, it } from 'vitest'
import type { OrderLine, Photo } from '../api/types'
import { keptThings, ofTheWork } from './kept'

const line = (id: string, state: string, label: OrderLine['label'], until: string | null = null) =>
  ({ id, title: id, state, label, warrantyUntil: until }) as unknown as OrderLine

it('keeps serials, batches and warranties of what was checked', () => {
  const things = keptThings([
    line('drive', 'CHECKED', [{ field: 'serial', words: 'S-4711' }], '2029-03-03'),
    line('red', 'CHECKED', [{ field: 'batch', words: 'B 12' }]),
    line('wrong', 'WRONG', [{ field: 'serial', words: 'S-1' }]),
    line('fan', 'CHECKED', [{ field: 'direction', words: 'in' }]),
  ])
  expect(
    things.map(({ id, serial, batch, warrantyUntil }) => [id, serial, batch, warrantyUntil]),
  ).toEqual([
    ['drive', 'S-4711', '', '2029-03-03'],
    ['red', '', 'B 12', null],
  ])
})

it('leaves photos of labels and lent things out of the story', () => {
  const of = (taskKey: string) => ({ taskKey }) as Photo
  expect(ofTheWork([of('part:7/cut'), of('order:o1/receive'), of('loan:l1'), of('')])).toHaveLength(
    2,
  )
})
