import { describe, expect, it } from 'vitest'
import { overlap, room } from './labels'
import { layOut, type StripPiece, type StripRow } from './timeStrip'

const KINDS: StripPiece['kind'][] = ['hands', 'flash', 'recoat', 'shut', 'handle', 'cure', 'wait']
const moment = (hours: number) =>
  new Date(Date.UTC(2026, 2, 2, 9) + hours * 36e5).toISOString().slice(0, 16)
const row = (name: string, note: string, ...pieces: [number, number, StripPiece['kind']][]) => ({
  name,
  note,
  pieces: pieces.map(([from, to, kind]) => ({
    from: moment(from),
    to: moment(to),
    kind,
    label: kind,
  })),
})

describe('a strip of time', () => {
  it('is to scale, names before the bars where there is room', () => {
    const strip = layOut([row('Primer', '2 h', [0, 1, 'hands'], [1, 4, 'flash'])], 900)
    const [hands, flash] = strip.rows[0].pieces
    expect(flash.width).toBeCloseTo(3 * hands.width)
    expect(flash.x).toBeCloseTo(hands.x + hands.width)
    expect(strip.top).toBe(0)
    expect(strip.fold).toBeNull()
    expect(strip.notes[0].x).toBeGreaterThan(flash.x + flash.width)
  })

  it('is folded behind the last work where a cure is longer than all of it', () => {
    const strip = layOut([row('Lacquer', '', [0, 2, 'hands'], [2, 170, 'cure'])], 900)
    const [hands, cure] = strip.rows[0].pieces
    expect(strip.fold).toBeCloseTo(hands.x + hands.width)
    expect(hands.width / (hands.width + cure.width)).toBeCloseTo(0.7)
  })

  it('has names over the bars on a phone, and says a note that has no room below', () => {
    const note = 'from 09:00, or sanded anew after 24 hours, and only then'
    const strip = layOut([row('Masking the stencil', note, [0, 40, 'hands'])], 358)
    expect(strip.top).toBeGreaterThan(0)
    expect(strip.notes).toEqual([])
    expect(strip.listed).toEqual([`Masking the stencil: ${note}`])
  })

  it('keeps all words apart and inside, on 200 random ones', () => {
    let seed = 5
    const random = (to: number) => {
      seed = (seed * 16807) % 2147483647
      return seed % to
    }
    const faults: string[] = []
    for (let round = 0; round < 200; round++) {
      const width = 300 + random(900)
      const rows: StripRow[] = Array.from({ length: 1 + random(12) }, () => {
        let hour = random(60)
        return row(
          'x'.repeat(1 + random(30)),
          '9'.repeat(random(24)),
          ...Array.from({ length: 1 + random(5) }, (): [number, number, StripPiece['kind']] => {
            const from = hour
            hour += random(30)
            return [from, hour, KINDS[random(KINDS.length)]]
          }),
        )
      })
      const strip = layOut(rows, width)
      const areas = [...strip.inside, ...strip.notes, ...strip.axis].map((word) =>
        room(word.text, word),
      )
      areas.forEach((area, i) => {
        if (area.x < 0 || area.x + area.width > width) faults.push(`${round}: leaves`)
        if (areas.slice(i + 1).some((other) => overlap(area, other))) faults.push(`${round}: over`)
      })
      const said = strip.notes.length + strip.listed.length
      expect(said).toBe(rows.filter((each) => each.note).length)
      const ends = strip.rows.flatMap((each) => each.pieces).map((piece) => piece.x + piece.width)
      if (Math.max(...ends) > width + 3) faults.push(`${round}: a bar leaves`)
    }
    expect(faults).toEqual([])
  })
})
