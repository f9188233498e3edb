import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, it } from 'vitest'
import { PORT_WORDS } from './portWords'

it('a plug has one name, on the screen and in findings', () => {
  const file = resolve(__dirname, '../../../core/src/main/java/emberyard/core/build/PortKind.java')
  const said = [...readFileSync(file, 'utf8').matchAll(/^ {2}([A-Z0-9_]+)\("([^"]+)"\)/gm)].map(
    ([, kind, words]) => [kind, words],
  )
  expect(said.length).toBeGreaterThan(15)
  expect(Object.fromEntries(said)).toEqual(PORT_WORDS)
})
