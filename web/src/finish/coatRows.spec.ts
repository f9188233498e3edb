import { describe, expect, it } from 'vitest'
import type { SchemeModel, TaskModel } from '../api/types'
import { coatRows } from './coatRows'

function coat(number: number, key: string, recoatUntilMinutes = 0) {
  return {
    key,
    stepId: 'colour',
    op: 'PAINT',
    paint: { name: 'Green' },
    scuffed: false,
    layer: 'colour',
    number,
    side: 'front',
    flashMinutes: 10,
    recoatFromMinutes: 20,
    recoatUntilMinutes,
    handleMinutes: 120,
    cureMinutes: 2880,
  }
}
function task(key: string, from: string, to: string) {
  return {
    task: { key },
    planned: { pieces: [{ from, to }], start: from, handsOnEnd: to },
  } as unknown as TaskModel
}
const plan = (...coats: object[]) =>
  ({ scheme: { bothSides: false }, coats }) as unknown as SchemeModel

const NOW = '2026-03-03T09:00'
const first = task('a', '2026-03-03T10:00', '2026-03-03T10:15')
const second = task('b', '2026-03-03T11:00', '2026-03-03T11:15')

describe('coats in time', () => {
  it('keeps flash, recoat window, handle and cure apart', () => {
    const [row] = coatRows(plan(coat(1, 'a'), coat(2, 'b')), [first, second], NOW)
    expect(
      row.pieces.map((piece) => [piece.kind, piece.from.slice(11), piece.to.slice(11)]),
    ).toEqual([
      ['hands', '10:00', '10:15'],
      ['flash', '10:15', '10:25'],
      ['recoat', '10:35', '11:00'],
      ['hands', '11:00', '11:15'],
      ['flash', '11:15', '11:25'],
      ['handle', '11:25', '13:15'],
      ['cure', '13:15', '11:15'],
    ])
    expect(row.note).toBe('cured Thu 5 Mar 11:15')
  })

  it('shows when the window closes before the next coat', () => {
    const [row] = coatRows(plan(coat(1, 'a', 30), coat(2, 'b')), [first, second], NOW)
    const window = row.pieces.find((piece) => piece.kind === 'recoat')
    expect(window?.to.slice(11)).toBe('10:45')
    expect(window?.label).toBe('recoat until 10:45')
  })

  it('marks what comes after the window, unless it is scuffed', () => {
    const late = task('b', '2026-03-04T09:00', '2026-03-04T09:15')
    const [row] = coatRows(plan(coat(1, 'a', 120), coat(2, 'b')), [first, late], NOW)
    const shut = row.pieces.find((piece) => piece.kind === 'shut')
    expect([shut?.from.slice(11), shut?.to.slice(5)]).toEqual(['12:15', '03-04T09:00'])
    const [kept] = coatRows(
      plan(coat(1, 'a', 120), { ...coat(2, 'b'), scuffed: true }),
      [first, late],
      NOW,
    )
    expect(kept.pieces.some((piece) => piece.kind === 'shut')).toBe(false)
  })

  it('gives stencils and peels a row of their own', () => {
    const peel = { ...coat(1, 'p'), stepId: 'peel', op: 'PEEL', layer: 'peel', paint: null }
    const rows = coatRows(
      plan(coat(1, 'a'), peel),
      [first, task('p', '2026-03-03T10:40', '2026-03-03T10:50')],
      NOW,
    )
    expect(rows.map((row) => row.name)).toEqual(['Green', 'peel'])
    expect(rows[1].note).toBe('peel 10:40')
  })

  it('shows what dries now, and what is mended', () => {
    const drying = {
      task: { key: 'a', waitingFor: 'dry to handle' },
      state: 'WAITING',
      waitsUntil: '2026-03-03T12:15',
    } as unknown as TaskModel
    const mend = {
      task: { key: 'fault:1/sand' },
      planned: {
        pieces: [{ from: '2026-03-03T13:00', to: '2026-03-03T13:15' }],
        handsOnEnd: '2026-03-03T13:15',
        finish: '2026-03-03T15:00',
      },
    } as unknown as TaskModel
    const rows = coatRows(plan(coat(1, 'a')), [drying, mend], NOW)
    expect(rows.map((row) => row.name)).toEqual(['colour 1, dries', 'repair'])
    expect(rows[0].note).toBe('dry to handle 12:15')
    expect(rows[1].pieces.map((piece) => piece.kind)).toEqual(['hands', 'handle'])
  })

  it('leaves out coats that are not planned any more', () => {
    expect(coatRows(plan(coat(1, 'gone')), [first], NOW)).toEqual([])
    expect(coatRows(plan(coat(1, 'a')), [first], '2027-01-01T00:00')).toEqual([])
  })
})
