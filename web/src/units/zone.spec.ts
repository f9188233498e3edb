import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instantOf, localOf } from './zone'

describe('the workshop’s clock', () => {
  it('has its own day', () => {
    expect(localOf('2026-11-26T23:49:00Z', 'Europe/Berlin')).toBe('2026-11-27T00:49')
    expect(instantOf('2026-11-27T00:49', 'Europe/Berlin')).toBe('2026-11-26T23:49:00.000Z')
  })

  it('reads back what it shows, summer and winter', () => {
    const zones = ['Europe/Berlin', 'America/New_York', 'Asia/Kolkata', 'UTC']
    fc.assert(
      fc.property(
        fc.integer({ min: 20_000, max: 25_000 * 24 }),
        fc.constantFrom(...zones),
        (hour, zone) => {
          const instant = new Date(hour * 3_600_000).toISOString()
          const local = localOf(instant, zone)
          expect(localOf(instantOf(local, zone), zone)).toBe(local)
        },
      ),
    )
  })
})
