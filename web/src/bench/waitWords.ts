import type { WaitsFor } from '../api/types'
import { moment } from '../ui/words'

/** Why a step can't be begun, as a sentence without its full stop. */
export function waitWords(waits: WaitsFor, now: string, name: (id: string) => string): string {
  const until = waits.until ? moment(waits.until, now) : ''
  const who = waits.personId ? `, ${name(waits.personId)} has it` : ''
  switch (waits.why) {
    case 'DRIES':
      return `“${waits.title}” is not over${until ? ` until ${until}` : ''}`
    case 'PARCEL':
      return `“${waits.title}” comes first${until ? `, ${until}` : ''}`
    case 'CHECK':
      return `“${waits.title}” has to pass first${until ? `, planned until ${until}` : ''}${who}`
    case 'STATION':
      return `${waits.title} is taken${until ? ` until ${until}` : ''}`
    case 'DAY':
      return `Not before ${until}`
    default:
      return `“${waits.title}” is not done${until ? `, planned until ${until}` : ''}${who}`
  }
}
