import { expect, it } from 'vitest'
import { pathBox } from './pathBox'

it('reads the size of an outline off its path', () => {
  expect(pathBox('M0 0L200 0L200 150L0 150Z')).toEqual({ w: 200, h: 150 })
  expect(pathBox('M0 5A5 5 0 0 1 40.5 9L12 30Z')).toEqual({ w: 40.5, h: 30 })
})
