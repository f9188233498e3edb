import type { OrderedLine, OrderLine } from '../api/types'

export type State = OrderLine['state']

/** What a line of an order is, in words, and the sign that goes with it. */
export const STATES: Record<
  State,
  { words: string; sign: 'done' | 'wait' | 'risk' | 'note' | 'stop' }
> = {
  ORDERED: { words: 'ordered', sign: 'wait' },
  CONFIRMED: { words: 'confirmed', sign: 'wait' },
  SHIPPED: { words: 'on its way', sign: 'wait' },
  BACK_ORDERED: { words: 'the shop has none', sign: 'risk' },
  RECEIVED: { words: 'here, not checked', sign: 'risk' },
  CHECKED: { words: 'checked', sign: 'done' },
  WRONG: { words: 'not what was ordered', sign: 'stop' },
  DEAD: { words: 'doesn’t work', sign: 'stop' },
  DAMAGED: { words: 'damaged', sign: 'stop' },
  RETURN_ASKED: { words: 'asked to send it back', sign: 'wait' },
  SENT_BACK: { words: 'sent back', sign: 'wait' },
  REPLACED: { words: 'another came for it', sign: 'done' },
  KEPT: { words: 'kept for another build', sign: 'done' },
  CANCELLED: { words: 'cancelled', sign: 'note' },
  PASSED_ON: { words: 'used in another build', sign: 'done' },
  SHELVED: { words: 'on the shelf', sign: 'done' },
}

/** One thing that can be said of a line next. */
export interface Way {
  to: State
  label: string
}

const CAME: Way = { to: 'RECEIVED', label: 'It is here' }
const AMISS: Way[] = [
  { to: 'WRONG', label: 'Not what was ordered' },
  { to: 'DAMAGED', label: 'Damaged' },
  { to: 'DEAD', label: 'Doesn’t work' },
]
const BACK: Way[] = [
  { to: 'RETURN_ASKED', label: 'Ask to send it back' },
  { to: 'REPLACED', label: 'Another came for it' },
]
const CONFIRMED: Way = { to: 'CONFIRMED', label: 'Confirmed' }
const SHIPPED: Way = { to: 'SHIPPED', label: 'On its way' }
const NONE_LEFT: Way = { to: 'BACK_ORDERED', label: 'The shop has none' }
const CANCELLED: Way = { to: 'CANCELLED', label: 'Cancel it' }
const KEPT: Way = { to: 'KEPT', label: 'Keep it for another build' }

/** What can be said next, the usual first. */
export const NEXT: Record<State, Way[]> = {
  ORDERED: [CAME, CONFIRMED, SHIPPED, NONE_LEFT, CANCELLED],
  CONFIRMED: [CAME, SHIPPED, NONE_LEFT, CANCELLED],
  SHIPPED: [CAME, NONE_LEFT, CANCELLED],
  BACK_ORDERED: [CAME, SHIPPED, CANCELLED],
  RECEIVED: [{ to: 'CHECKED', label: 'As ordered' }, ...AMISS],
  CHECKED: [...AMISS.slice().reverse(), BACK[0], KEPT],
  WRONG: [...BACK, KEPT],
  DAMAGED: [...BACK, KEPT],
  DEAD: [...BACK],
  RETURN_ASKED: [{ to: 'SENT_BACK', label: 'Sent back' }, BACK[1], KEPT],
  SENT_BACK: [BACK[1]],
  REPLACED: [],
  KEPT: [],
  CANCELLED: [],
  PASSED_ON: [],
  SHELVED: [],
}

const AMISS_STATES: State[] = ['WRONG', 'DEAD', 'DAMAGED']
/** Whether it came and can't be used. */
export const amiss = (line: OrderLine) => AMISS_STATES.includes(line.state)

/** States that the server moves many lines on to, with the day and who did it. */
export const STEPS: State[] = ['ORDERED', 'CONFIRMED', 'SHIPPED', 'RECEIVED', 'CHECKED']
const UNDER_WAY: State[] = ['ORDERED', 'CONFIRMED', 'SHIPPED', 'BACK_ORDERED']
export const underWay = (line: OrderLine) => UNDER_WAY.includes(line.state)

/** Whether it is what customs ask: nothing of it arrives. */
export const ofCustoms = (line: OrderLine) => line.way === 'DUTY'

const SETTLED: State[] = ['CHECKED', 'REPLACED', 'KEPT', 'CANCELLED', 'PASSED_ON', 'SHELVED']
/** Whether nothing more is expected of a line. */
export const settled = (line: OrderLine) => SETTLED.includes(line.state)
/** Whether its label was read and says what was ordered, or is asked nothing. */
export const passes = ({ check }: OrderedLine) => !check || (check.complete && !check.differs)
