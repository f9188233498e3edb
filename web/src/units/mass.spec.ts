import { expect, it } from 'vitest'
import { mass } from './writing'

it.each([
  [0, '0 g'],
  [0.0004, '0.4 g'],
  [0.008, '8.0 g'],
  [0.35, '350 g'],
  [0.9994, '999 g'],
  [1, '1.00 kg'],
  [29.6, '29.60 kg'],
])('%d kg is said as %s', (kg, said) => expect(mass(kg)).toBe(said))
