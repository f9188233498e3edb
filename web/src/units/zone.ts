/** Moments of the workshop's own clock: an instant as its day and time there, and back. */

function parts(instant: Date, zone: string): string {
  const format = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
  const of = Object.fromEntries(
    format.formatToParts(instant).map((part) => [part.type, part.value]),
  )
  return `${of.year}-${of.month}-${of.day}T${of.hour}:${of.minute}`
}

/** `2026-11-26T23:49:00Z` in Europe/Berlin → "2026-11-27T00:49". */
export function localOf(instant: string, zone: string): string {
  return parts(new Date(instant), zone)
}

/** "2026-11-27T00:49" in Europe/Berlin → `2026-11-26T23:49:00.000Z`; the earlier one where it is twice. */
export function instantOf(local: string, zone: string): string {
  const wanted = Date.parse(local + 'Z')
  let found = wanted
  for (let i = 0; i < 3; i++) {
    const shown = Date.parse(parts(new Date(found), zone) + 'Z')
    if (shown === wanted) break
    found += wanted - shown
  }
  return new Date(found).toISOString()
}
