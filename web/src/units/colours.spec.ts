import { describe, expect, it } from 'vitest'
import { readColour } from './colours'

const palette = [
  { name: 'Fog grey', hex: '#B7BEBC' },
  { name: 'Bad', hex: '#112233' },
]

describe('a colour', () => {
  it.each([
    ['1a1a1a', '#1A1A1A'],
    ['#1a1a1a', '#1A1A1A'],
    ['# 1A1A1A ', '#1A1A1A'],
    ['e84', '#EE8844'],
    ['fog GREY', '#B7BEBC'],
    ['bad', '#112233'],
  ])('%s is %s', (text, hex) => expect(readColour(text, palette)).toBe(hex))

  it('of digits alone is a code where no name is the same', () =>
    expect(readColour('bad')).toBe('#BBAADD'))

  it.each(['', '#12', '#12345', '1234567', 'madder', '#xyzxyz'])('%s is none', (text) =>
    expect(readColour(text, palette)).toBeNull(),
  )
})
