import { describe, expect, it } from 'vitest'
import type { WaitsFor } from '../api/types'
import { waitWords } from './waitWords'

const NOW = '2026-03-03T09:42:00'
const name = (id: string) => ({ bram: 'Bram Okoye' })[id] ?? ''
function words(waits: Partial<WaitsFor>): string {
  return waitWords({ title: 'Cut', until: null, personId: null, ...waits } as WaitsFor, NOW, name)
}

describe('what a card waits for', () => {
  it('says who has it, and until when', () => {
    expect(words({ why: 'WORK', until: '2026-03-03T11:20:00', personId: 'bram' })).toBe(
      '“Cut” is not done, planned until 11:20, Bram Okoye has it',
    )
    expect(words({ why: 'CHECK', until: '2026-03-04T09:00:00' })).toBe(
      '“Cut” has to pass first, planned until Wed 4 Mar 09:00',
    )
  })
  it('says what goes on by itself, what has not come, and what is taken', () => {
    expect(words({ why: 'DRIES', until: '2026-03-03T12:19:00' })).toBe(
      '“Cut” is not over until 12:19',
    )
    expect(words({ why: 'PARCEL' })).toBe('“Cut” comes first')
    expect(words({ why: 'STATION', title: 'Laser', until: '2026-03-03T10:00:00' })).toBe(
      'Laser is taken until 10:00',
    )
    expect(words({ why: 'DAY', title: '', until: '2026-03-05T00:00:00' })).toBe(
      'Not before Thu 5 Mar 00:00',
    )
  })
})
