import type { CoatStep, SchemeModel, TaskModel } from '../api/types'
import type { StripPiece, StripRow } from '../ui/timeStrip'
import { clock, dateOf, weekday } from '../ui/words'

const later = (text: string, minutes: number) =>
  new Date(dateOf(text).getTime() + minutes * 6e4).toISOString().slice(0, 16)

/** One row a step: hands-on, flash, recoat window or the way to handle and cure. */
export function coatRows(plan: SchemeModel, tasks: TaskModel[], now: string): StripRow[] {
  const rows = new Map<string, StripRow>()
  const sides = new Set(plan.coats.map((coat) => coat.side)).size > 1
  const coated = plan.coats.filter((coat) => coat.op === 'PAINT' || coat.op === 'CLEAR')
  const lastCoat = coated[coated.length - 1]
  plan.coats.forEach((coat, index) => {
    const task = tasks.find((each) => each.task.key === coat.key)
    if (!task?.planned) return
    const row = rows.get(coat.stepId) ?? { name: rowName(coat, sides), pieces: [] }
    rows.set(coat.stepId, row)
    for (const piece of task.planned.pieces)
      row.pieces.push({ from: piece.from, to: piece.to, kind: 'hands' })
    if (coat.op !== 'PAINT' && coat.op !== 'CLEAR') {
      row.note = `${coat.layer} ${clock(task.planned.start)}`
      return
    }
    const end = task.planned.handsOnEnd
    const next = plan.coats[index + 1]
    row.pieces.push({ from: end, to: later(end, coat.flashMinutes), kind: 'flash' })
    const recoats = next && next.side === coat.side && (next.op === 'PAINT' || next.op === 'CLEAR')
    if (recoats) row.pieces.push(...recoat(coat, end, nextStart(tasks, next.key), next))
    else row.pieces.push(...drying(coat, end, coat === lastCoat))
    if (coat === lastCoat) {
      const cured = later(end, coat.cureMinutes)
      row.note = `cured ${weekday(cured)} ${clock(cured)}`
    }
  })
  const open = [...rows.values()].filter((row) => row.pieces.some((piece) => piece.to > now))
  return [...dryingNow(plan, tasks, now), ...open, ...repairs(tasks)]
}

/** A coat that was sprayed and dries now. */
function dryingNow(plan: SchemeModel, tasks: TaskModel[], now: string): StripRow[] {
  return plan.coats.flatMap((coat) => {
    const task = tasks.find((each) => each.task.key === coat.key)
    if (task?.state !== 'WAITING' || !task.waitsUntil || task.waitsUntil <= now) return []
    return [
      {
        name: `${coat.layer} ${coat.number}, dries`,
        pieces: [{ from: now, to: task.waitsUntil, kind: 'handle' as const }],
        note: `${task.task.waitingFor} ${clock(task.waitsUntil)}`,
      },
    ]
  })
}

/** What mends a fault, one row for all of it. */
function repairs(tasks: TaskModel[]): StripRow[] {
  const pieces: StripPiece[] = tasks
    .filter((each) => each.task.key.startsWith('fault:') && each.planned)
    .flatMap((each) => {
      const { planned } = each
      return [
        ...planned!.pieces.map((piece) => ({ ...piece, kind: 'hands' as const })),
        { from: planned!.handsOnEnd, to: planned!.finish, kind: 'handle' as const },
      ].filter((piece) => piece.to > piece.from)
    })
  return pieces.length ? [{ name: 'repair', pieces }] : []
}

function rowName(coat: CoatStep, sides: boolean) {
  const name = coat.paint?.name ?? coat.layer
  return [name, sides ? coat.side : ''].filter(Boolean).join(', ')
}

function nextStart(tasks: TaskModel[], key: string) {
  return tasks.find((each) => each.task.key === key)?.planned?.start
}

function drying(coat: CoatStep, end: string, last: boolean): StripPiece[] {
  const handle = later(end, coat.handleMinutes)
  const pieces: StripPiece[] = [{ from: later(end, coat.flashMinutes), to: handle, kind: 'handle' }]
  if (last)
    pieces.push({
      from: handle,
      to: later(end, coat.cureMinutes),
      kind: 'cure',
      label: `cure, do not mount before ${weekday(later(end, coat.cureMinutes))}`,
    })
  return pieces
}

/** The window opens at recoat-from and shows until the next coat; what comes after it shut is marked. */
function recoat(
  coat: CoatStep,
  end: string,
  next: string | undefined,
  after: CoatStep,
): StripPiece[] {
  const opens = later(end, coat.recoatFromMinutes)
  const closes = coat.recoatUntilMinutes ? later(end, coat.recoatUntilMinutes) : null
  const shown = closes && (!next || closes < next) ? closes : (next ?? later(opens, 60))
  const pieces: StripPiece[] = [
    {
      from: opens,
      to: shown > opens ? shown : later(opens, 5),
      kind: 'recoat',
      label: closes ? `recoat until ${clock(closes)}` : undefined,
    },
  ]
  if (closes && next && next > closes && !after.scuffed)
    pieces.push({ from: closes, to: next, kind: 'shut', label: `shut since ${clock(closes)}` })
  return pieces
}
