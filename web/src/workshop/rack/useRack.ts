import { computed, onMounted, ref } from 'vue'
import { get } from '../../api/client'
import type { Rack, RackThing } from '../../api/types'
import { useFresh } from '../../store/live'
import { useSaver } from '../../store/saver'
import { count, daysBetween } from '../../ui/words'
import { exact } from '../../units/writing'

const DAYS_OF_A_MONTH = 30.44
const DAYS_TOLD = 60

/** How long something lies there: days, then months; nothing where nobody knows since when. */
export function ageOf(since: string | null | undefined, today: string): string {
  if (!since) return ''
  const days = Math.max(0, daysBetween(since, today))
  if (days < DAYS_TOLD) return days === 0 ? 'from today' : `${count(days, 'days')} old`
  return `${Math.round(days / DAYS_OF_A_MONTH)} months old`
}

/** The rack as it stands, read anew when anything changes. */
export function useRack() {
  const saver = useSaver()
  const rack = ref<Rack | null>(null)
  async function load() {
    rack.value = await get<Rack>('/api/rack').catch(() => rack.value)
  }
  onMounted(load)
  useFresh(load)
  saver.onSaved(() => void load())
  const of = (kind: RackThing['kind']) =>
    computed(() => (rack.value?.things ?? []).filter((thing) => thing.kind === kind))
  return { rack, load, of }
}

/** An amount as it is read on the rack: whole millilitres, tenths of a metre. */
export function amount(thing: Pick<RackThing, 'unit'>, value: number): string {
  const digits = thing.unit === 'm²' ? 100 : ['ml', 'g'].includes(thing.unit) ? 1 : 10
  const rounded = Math.round(value * digits) / digits
  return ['ml', 'g', 'm', 'm²'].includes(thing.unit)
    ? `${exact(rounded)} ${thing.unit}`
    : count(rounded, thing.unit || 'pieces')
}
const NEEDS: Record<string, { of: string; one: string }> = {
  paints: { of: 'paint', one: 'can' },
  sheets: { of: 'sheet', one: 'sheet' },
  films: { of: 'film', one: 'metre' },
  filaments: { of: 'filament', one: 'spool' },
}
/** The key of what builds need of a product. */
export const keyOfNeeds = ({ kind, id }: RackThing) => `${NEEDS[kind].of}:${id}`
/** What is paid for: a can, a metre. */
export const oneOf = ({ kind }: RackThing) => NEEDS[kind].one

/** Whether it is to be seen: it lies there, or somebody wants it. */
export const there = (thing: RackThing) => thing.have > 0 || thing.wanted > 0

export interface ShortNote {
  thing: RackThing
  sign: 'risk' | 'note'
  title: string
  detail: string
}

/** What is short, what is low and what dries up, in that order. */
export function shortOf(things: RackThing[]): ShortNote[] {
  const missing = things
    .filter((thing) => thing.missing > 0)
    .map((thing) => ({
      thing,
      sign: 'risk' as const,
      title: `${thing.name}: ${amount(thing, thing.missing)} missing`,
      detail: `${wants(thing)}, ${lies(thing)}.`,
    }))
  const low = things
    .filter((thing) => thing.low && thing.missing === 0)
    .map((thing) => ({
      thing,
      sign: 'note' as const,
      title: `${thing.name} runs low`,
      detail: `${lies(thing)}, fewer than it is kept at once all builds have theirs.`,
    }))
  const old = things
    .filter((thing) => thing.old)
    .map((thing) => ({
      thing,
      sign: 'note' as const,
      title: `${thing.name} dries up`,
      detail: thing.users.length
        ? `Its can was opened over ten months ago: spray a test card before it is used.`
        : `Its can was opened over ten months ago, and nobody wants it.`,
    }))
  return [...missing, ...low, ...old]
}

/** Who wants how much. */
export function wants(thing: RackThing): string {
  if (thing.users.length === 0) return 'nobody wants any'
  return thing.users
    .map((user) => `${user.buildName} wants ${amount(thing, user.quantity)}`)
    .join(', ')
}

function lies(thing: RackThing): string {
  const coming =
    thing.coming > 0 ? `, ${amount(thing, thing.coming)} on the way or here for it` : ''
  return `${amount(thing, thing.have)} on the rack${coming}`
}
