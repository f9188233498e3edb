import { existsSync, readFileSync, statSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'
import { AT_STOP, EVERYWHERE, type Section } from './sections'

const SOURCE = resolve(__dirname, '..')
const ALL: Section[] = [...new Set([...EVERYWHERE, ...Object.values(AT_STOP).flat()])]

/** What a file imports of ours. */
function imported(file: string, text: string): string[] {
  const paths = [...text.matchAll(/(?:from|import)\s*\(?\s*'(\.[^']+)'/g)].map((found) =>
    resolve(dirname(file), found[1]),
  )
  return paths.flatMap((path) =>
    ['', '.ts', '.vue']
      .map((ending) => path + ending)
      .filter((each) => existsSync(each) && statSync(each).isFile())
      .slice(0, 1),
  )
}

/** Sections that a screen, or anything in it, reads. */
function read(screen: string): Set<Section> {
  const sections = new Set<Section>()
  const seen = new Set<string>()
  const open = [screen]
  while (open.length > 0) {
    const file = open.pop()!
    if (seen.has(file)) continue
    seen.add(file)
    const text = readFileSync(file, 'utf8')
    for (const section of ALL) {
      if (new RegExp(`[vV]iew(\\.value)?[!?]?\\.${section}\\b`).test(text)) sections.add(section)
    }
    open.push(...imported(file, text))
  }
  return sections
}

const router = readFileSync(resolve(SOURCE, 'router.ts'), 'utf8')
const stops = [
  ...router.matchAll(/path: '(\w+)', component: \(\) => import\('\.\/([^']+)'\)/g),
].map((found) => ({ stop: found[1], screen: resolve(SOURCE, found[2]) }))

describe('what a stop asks for of a build', () => {
  it.each(stops)('$stop: all that its screen reads', ({ stop, screen }) => {
    const asked = [...EVERYWHERE, ...AT_STOP[stop]]
    // what was agreed is asked for by the view that shows it
    const missing = [...read(screen)].filter((each) => !asked.includes(each) && each !== 'agreed')
    expect(missing).toEqual([])
  })

  it.each(stops)('$stop: nothing that its screen does not read', ({ stop, screen }) => {
    const used = read(screen)
    expect(AT_STOP[stop].filter((each) => !used.has(each))).toEqual([])
  })
  it('is said for every stop', () => {
    expect(stops.map(({ stop }) => stop)).toEqual(Object.keys(AT_STOP))
  })
})
