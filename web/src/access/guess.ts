import type { Writing } from '../api/types'

/** What the browser tells about where the workshop is: a first guess that the owner corrects. */
export interface Guess {
  currency: string
  zone: string
  writing: Writing
}

const EURO = 'AT BE CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK'.split(' ')
const OTHERS: Record<string, string> = {
  US: 'USD', GB: 'GBP', CH: 'CHF', LI: 'CHF', SE: 'SEK', NO: 'NOK', DK: 'DKK', PL: 'PLN', CZ: 'CZK',
  HU: 'HUF', RO: 'RON', BG: 'EUR', IS: 'ISK', TR: 'TRY', UA: 'UAH', JP: 'JPY', CN: 'CNY', KR: 'KRW',
  IN: 'INR', AU: 'AUD', NZ: 'NZD', CA: 'CAD', MX: 'MXN', BR: 'BRL', AR: 'ARS', ZA: 'ZAR', IL: 'ILS',
  SG: 'SGD', HK: 'HKD', TW: 'TWD', TH: 'THB',
} // prettier-ignore

/** The guess for a language tag such as `de-AT` and an IANA zone. */
export function guess(language: string, zone: string): Guess {
  const locale = new Intl.Locale(language)
  const region = locale.maximize().region ?? ''
  return {
    currency: EURO.includes(region) ? 'EUR' : (OTHERS[region] ?? 'EUR'),
    zone,
    writing: writingOf(language),
  }
}
function writingOf(language: string): Writing {
  const parts = new Intl.NumberFormat(language).formatToParts(1_234_567.8)
  const of = (type: string) => parts.find((part) => part.type === type)?.value ?? ''
  const decimal = of('decimal') === ',' ? 'COMMA' : 'POINT'
  const order = new Intl.DateTimeFormat(language).formatToParts(new Date(2026, 2, 9))
  const first = order.find((part) => part.type === 'day' || part.type === 'month')?.type
  const hours12 = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions().hour12
  return {
    decimal,
    group: groupOf(of('group'), decimal),
    clock: hours12 ? 'HOURS_12' : 'HOURS_24',
    dates: first === 'month' && order[0].type !== 'year' ? 'MONTH_FIRST' : 'DAY_FIRST',
  }
}
function groupOf(mark: string, decimal: Writing['decimal']): Writing['group'] {
  if (mark === ',' && decimal === 'POINT') return 'COMMA'
  if (mark === '.' && decimal === 'COMMA') return 'POINT'
  if (/['’]/.test(mark)) return 'APOSTROPHE'
  return mark ? 'BLANK' : 'NONE'
}

/** All currencies and zones this browser knows, the guessed one among them in any case. */
export function choices(kind: 'currency' | 'timeZone', guessed: string) {
  const known = Intl.supportedValuesOf(kind)
  const all = known.includes(guessed) ? known : [guessed, ...known]
  const names = new Intl.DisplayNames('en', { type: 'currency' })
  return all.map((value) => ({
    value,
    label: kind === 'currency' ? `${value}, ${names.of(value)}` : value.replaceAll('_', ' '),
  }))
}
