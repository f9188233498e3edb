import { describe, expect, it } from 'vitest'
import { choices, guess } from './guess'

describe('the first guess', () => {
  it.each([
    ['de-AT', 'EUR', 'COMMA', 'HOURS_24', 'DAY_FIRST'],
    ['de-CH', 'CHF', 'POINT', 'HOURS_24', 'DAY_FIRST'],
    ['en-US', 'USD', 'POINT', 'HOURS_12', 'MONTH_FIRST'],
    ['en-GB', 'GBP', 'POINT', 'HOURS_24', 'DAY_FIRST'],
    ['fr', 'EUR', 'COMMA', 'HOURS_24', 'DAY_FIRST'],
    ['pl-PL', 'PLN', 'COMMA', 'HOURS_24', 'DAY_FIRST'],
  ])('for %s is %s, %s, %s, %s', (language, currency, decimal, clock, dates) => {
    const found = guess(language, 'Europe/Vienna')
    expect(found).toMatchObject({
      currency,
      zone: 'Europe/Vienna',
      writing: { decimal, clock, dates },
    })
    expect(found.writing.group).not.toBe(found.writing.decimal)
  })

  it('always is one of the choices', () => {
    expect(choices('currency', 'EUR').map((each) => each.value)).toContain('EUR')
    expect(choices('timeZone', 'Etc/Nowhere')[0].value).toBe('Etc/Nowhere')
  })
})
