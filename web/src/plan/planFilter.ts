import type { TaskModel } from '../api/types'
import { STOPS } from '../stops'

/** What a plan is narrowed to; empty for all. */
export interface PlanFilter {
  who: string
  stage: string
  span: string
}

/** How many days from today on; today is one. */
export const SPANS = [
  { value: '', label: 'any day' },
  { value: '1', label: 'today' },
  { value: '7', label: '7 days' },
  { value: '14', label: '14 days' },
]

/** When a step lies in the plan: its pieces, or when it was done. */
function daysOf(task: TaskModel): string[] {
  const pieces = task.planned?.pieces ?? []
  if (pieces.length) return pieces.map((piece) => piece.from.slice(0, 10))
  const at = task.planned?.start ?? task.doneAt
  return at ? [at.slice(0, 10)] : []
}

/** Whether a step is among what is asked for; one in pieces where one of them is. */
export function inPlan(task: TaskModel, filter: PlanFilter, now: string): boolean {
  if (filter.who && task.planned?.worker !== filter.who) return false
  if (filter.stage && task.task.stage !== filter.stage) return false
  if (!filter.span) return true
  const today = now.slice(0, 10)
  const end = new Date(Date.parse(today + 'T00:00Z') + Number(filter.span) * 864e5)
  const before = end.toISOString().slice(0, 10)
  return daysOf(task).some((day) => day >= today && day < before)
}

interface Choice {
  value: string
  label: string
  count?: number
}

/** Everybody who has something of it, with how much. */
export function whoFilter(tasks: TaskModel[], name: (id: string) => string): Choice[] {
  const counts = new Map<string, number>()
  for (const task of tasks) {
    const worker = task.planned?.worker
    if (worker) counts.set(worker, (counts.get(worker) ?? 0) + 1)
  }
  const people = [...counts].map(([value, count]) => ({ value, label: name(value), count }))
  return [{ value: '', label: 'everybody' }, ...people]
}

/** Stages with something in them, in working order. */
export function stageFilter(tasks: TaskModel[]): Choice[] {
  const count = (stage: string) => tasks.filter((task) => task.task.stage === stage).length
  const stages = STOPS.map((stop) => ({
    value: stop.stage as string,
    label: stop.label,
    count: count(stop.stage),
  })).filter((stop) => stop.count > 0)
  return [{ value: '', label: 'all stages' }, ...stages]
}
