import { describe, expect, it } from 'vitest'
import type { TaskModel } from '../api/types'
import { inPlan, stageFilter, whoFilter } from './planFilter'

const NOW = '2026-03-03T09:42:00'
function task(worker: string | null, stage: string, ...days: string[]): TaskModel {
  const pieces = days.map((day) => ({ from: `${day}T10:00:00`, to: `${day}T11:00:00` }))
  const planned = days.length ? { worker, start: `${days[0]}T10:00:00`, pieces } : null
  return { task: { stage }, planned, doneAt: null } as unknown as TaskModel
}
const all = { who: '', stage: '', span: '' }

describe('what a plan is narrowed to', () => {
  it('is all of it to begin with', () => {
    expect(inPlan(task(null, 'MAKE'), all, NOW)).toBe(true)
  })

  it('keeps one person, one stage', () => {
    const cut = task('ines', 'MAKE', '2026-03-05')
    expect(inPlan(cut, { ...all, who: 'ines' }, NOW)).toBe(true)
    expect(inPlan(cut, { ...all, who: 'bram' }, NOW)).toBe(false)
    expect(inPlan(cut, { ...all, stage: 'FINISH' }, NOW)).toBe(false)
  })

  it('counts today as the first day, and every piece', () => {
    const late = task('ines', 'MAKE', '2026-03-09')
    expect(inPlan(late, { ...all, span: '7' }, NOW)).toBe(true)
    expect(inPlan(task('ines', 'MAKE', '2026-03-10'), { ...all, span: '7' }, NOW)).toBe(false)
    const pieces = task('ines', 'MAKE', '2026-03-02', '2026-03-03')
    expect(inPlan(pieces, { ...all, span: '1' }, NOW)).toBe(true)
    expect(inPlan(task('ines', 'MAKE', '2026-03-02'), { ...all, span: '14' }, NOW)).toBe(false)
    expect(inPlan(task(null, 'MAKE'), { ...all, span: '14' }, NOW)).toBe(false)
  })

  it('offers who and what there is, with how much', () => {
    const tasks = [
      task('ines', 'FINISH', '2026-03-05'),
      task('bram', 'MAKE', '2026-03-05'),
      task('ines', 'MAKE', '2026-03-06'),
    ]
    expect(whoFilter(tasks, (id) => id.toUpperCase())).toEqual([
      { value: '', label: 'everybody' },
      { value: 'ines', label: 'INES', count: 2 },
      { value: 'bram', label: 'BRAM', count: 1 },
    ])
    expect(stageFilter(tasks).map((each) => each.label)).toEqual(['all stages', 'Make', 'Finish'])
  })
})
