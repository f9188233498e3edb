import type { SchemePlan, TaskPicture } from '../api/types'
import type { StripPiece, StripRow } from '../ui/TimeStrip.vue'
import { clock, dateOf, weekday } from '../ui/words'

const later = (text: string, minutes: number) =>
  new Date(dateOf(text).getTime() + minutes * 6e4).toISOString().slice(0, 16)

/** One row a layer and side: hands-on, flash, recoat window or the way to handle and cure. */
export function coatRows(plan: SchemePlan, tasks: TaskPicture[], now: string): StripRow[] {
  const rows = new Map<string, StripRow>()
  plan.coats.forEach((coat, index) => {
    const task = tasks.find((each) => each.task.key === coat.key)
    if (!task?.planned) return
    const name = [coat.layer, plan.scheme.bothSides ? coat.side : ''].filter(Boolean).join(', ')
    const row = rows.get(name) ?? { name, pieces: [] }
    rows.set(name, row)
    for (const piece of task.planned.pieces)
      row.pieces.push({ from: piece.from, to: piece.to, kind: 'hands' })
    const end = task.planned.handsOnEnd
    const next = plan.coats[index + 1]
    const last = !next || next.side !== coat.side
    row.pieces.push({ from: end, to: later(end, coat.flashMinutes), kind: 'flash' })
    if (last) row.pieces.push(...drying(coat, end))
    else row.pieces.push(recoat(coat, end, nextStart(tasks, next?.key)))
    if (!next)
      row.note = `cured ${weekday(later(end, coat.cureMinutes))} ${clock(later(end, coat.cureMinutes))}`
  })
  return [...rows.values()].filter((row) => row.pieces.some((piece) => piece.to > now))
}

function nextStart(tasks: TaskPicture[], key?: string) {
  return tasks.find((each) => each.task.key === key)?.planned?.start
}

function drying(coat: SchemePlan['coats'][number], end: string): StripPiece[] {
  const handle = later(end, coat.handleMinutes)
  return [
    { from: later(end, coat.flashMinutes), to: handle, kind: 'handle' },
    {
      from: handle,
      to: later(end, coat.cureMinutes),
      kind: 'cure',
      label: `cure, do not mount before ${weekday(later(end, coat.cureMinutes))}`,
    },
  ]
}

/** The window opens at recoat-from and shows until the next coat, or until it closes. */
function recoat(coat: SchemePlan['coats'][number], end: string, next?: string): StripPiece {
  const opens = later(end, coat.recoatFromMinutes)
  const closes = coat.recoatUntilMinutes ? later(end, coat.recoatUntilMinutes) : null
  const shown = closes && (!next || closes < next) ? closes : (next ?? later(opens, 60))
  return {
    from: opens,
    to: shown > opens ? shown : later(opens, 5),
    kind: 'recoat',
    label: closes ? `recoat until ${clock(closes)}` : undefined,
  }
}
