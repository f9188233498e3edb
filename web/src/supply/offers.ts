import type { Alternate, BasketOther, KeptWord, Offer } from '../api/types'
import { count, money } from '../ui/words'

/** Where the design itself says a thing is bought. */
export const LISTED = 'listed'

/** An offer of which nothing is known yet. */
export const none = (needKey: string): Omit<Offer, 'id'> => ({
  needKey,
  supplierId: '',
  condition: 'NEW',
  seen: [],
  packQuantity: 1,
  available: null,
  leadDays: null,
  fromEarliest: null,
  fromLatest: null,
  returnDays: null,
  warrantyMonths: null,
  askedOn: null,
  held: false,
  link: '',
  note: '',
})

/** Whether its shop was asked what it costs, and no price was seen since. */
export const unanswered = ({ askedOn, seen }: Offer): boolean =>
  !!askedOn && seen.every((each) => each.on < askedOn)

/** Prices with the one of a day, which stands in place of another of that day. */
export function withPrice(prices: Offer['seen'], on: string, unitPriceMinor: number) {
  const others = prices.filter((each) => each.on !== on)
  return [...others, { on, unitPriceMinor }].sort((a, b) => a.on.localeCompare(b.on))
}

/** What another offer would change: “12.00 € more, 4 days sooner”. */
export function compared(other: BasketOther, currency: string): string {
  const { moreMinor, sooner, lateDays } = other
  const cost =
    moreMinor === 0
      ? 'costs the same'
      : `${money(Math.abs(moreMinor), currency)} ${moreMinor > 0 ? 'more' : 'less'}`
  const days =
    sooner === 0 ? '' : `, ${count(Math.abs(sooner), 'days')} ${sooner > 0 ? 'sooner' : 'later'}`
  return cost + days + (lateDays > 0 ? `, ${count(lateDays, 'days')} too late` : '')
}

/** What another product would change: “quote €12.00 more, done 4 days sooner”. */
export function changed({ moreMinor, soonerDays }: Alternate, currency: string): string {
  const quote =
    moreMinor === 0
      ? 'the same quote'
      : `quote ${money(Math.abs(moreMinor), currency)} ${moreMinor > 0 ? 'more' : 'less'}`
  const days =
    soonerDays === 0
      ? ''
      : `, done ${count(Math.abs(soonerDays), 'days')} ${soonerDays > 0 ? 'sooner' : 'later'}`
  return quote + days
}

/** How a shop has kept its word: “3 deliveries: four of five here within 5 days; 1 of 9 things amiss”. */
export function keptWord({ deliveries, leadDays, received, amiss, chance }: KeptWord): string {
  const known =
    deliveries >= 3
      ? `${count(deliveries, 'deliveries')}: four of five here within ${count(leadDays, 'days')}`
      : `${count(deliveries, 'deliveries')} yet: taken to be here within ${count(leadDays, 'days')}`
  const wrong = received
    ? `; ${amiss} of ${count(received, 'things')} amiss, ${Math.round(chance * 100)} in 100 expected`
    : ''
  return known + wrong
}
