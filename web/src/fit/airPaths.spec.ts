import { expect, test } from 'vitest'
import type { OpeningFlow } from '../api/types'
import { mouths } from './airPaths'

const outer = { xMm: 0, yMm: 0, zMm: 0, widthMm: 400, depthMm: 300, heightMm: 200 }
const opening = (at: Partial<typeof outer>): OpeningFlow => ({
  openingId: 'o',
  name: 'Grille',
  at: { ...outer, ...at },
  inM3PerHour: 20,
  outM3PerHour: 0,
})

test('an opening is drawn where it is seen edge-on, and air comes in away from its wall', () => {
  const front = opening({ xMm: 100, depthMm: 0, zMm: 50, widthMm: 120, heightMm: 80 })
  expect(mouths([front], outer, 'front')).toEqual([])
  const [side] = mouths([front], outer, 'side')
  expect(side).toMatchObject({ x1: 0, y1: 50, x2: 0, y2: 130, inward: { x: 1, y: 0 } })
  const [plan] = mouths([front], outer, 'plan')
  expect(plan).toMatchObject({ x1: 100, y1: 0, x2: 220, y2: 0, inward: { x: 0, y: 1 } })
})

test('through the top and the back it comes in downwards and forwards', () => {
  const top = opening({ zMm: 200, heightMm: 0, xMm: 20, widthMm: 50, yMm: 10, depthMm: 60 })
  expect(mouths([top], outer, 'front')[0].inward).toEqual({ x: 0, y: -1 })
  const back = opening({ yMm: 300, depthMm: 0, heightMm: 90 })
  expect(mouths([back], outer, 'side')[0].inward).toEqual({ x: -1, y: 0 })
})
