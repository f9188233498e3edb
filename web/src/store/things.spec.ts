import { describe, expect, it } from 'vitest'
import document from '../../openapi.json'
import { findThing, listName, partsOf, putThing } from './things'

const build = () => ({
  brief: { id: 'b', name: 'Night' },
  panels: [{ id: 'p' }, { id: 'q' }],
  outsideFinishes: [] as { id: string }[],
})

describe('things in a build or the book', () => {
  it('finds one among its kind, and those of which there is one', () => {
    expect(findThing(build(), 'panels', 'q')).toEqual({ id: 'q' })
    expect(findThing(build(), 'panels', 'none')).toBeUndefined()
    expect(findThing(build(), 'briefs', 'b')).toEqual({ id: 'b', name: 'Night' })
  })

  it('changes one in its place, adds behind, takes out', () => {
    const held = build()
    putThing(held, 'panels', 'p', { id: 'p', name: 'wide' })
    putThing(held, 'outside-finishes', 'o', { id: 'o' })
    putThing(held, 'panels', 'q', null)
    putThing(held, 'briefs', 'b', { id: 'b', name: 'Day' })
    expect(held).toEqual({
      brief: { id: 'b', name: 'Day' },
      panels: [{ id: 'p', name: 'wide' }],
      outsideFinishes: [{ id: 'o' }],
    })
  })

  it('leaves a brief where it is and knows nothing of other kinds', () => {
    const held = build()
    putThing(held, 'briefs', 'b', null)
    putThing(held, 'spoons', 's', { id: 's' })
    expect(held).toEqual(build())
  })

  it('knows the list of every kind that can be typed', () => {
    const schemas = document.components.schemas
    const lists = new Set([
      ...Object.keys(schemas.Build.properties),
      ...Object.keys(schemas.WorkshopBook.properties),
    ])
    const kinds = Object.entries(document.paths)
      .filter(([, operations]) => 'put' in operations)
      .map(
        ([path]) => /^\/api\/(?:builds\/\{buildId\}|workshop)\/([a-z-]+)\/\{id\}$/.exec(path)?.[1],
      )
      .filter((kind) => kind !== undefined)
    expect(kinds.length).toBeGreaterThan(30)
    const unknown = kinds.filter(
      (kind) => !lists.has(listName(kind)) && !lists.has(kind.slice(0, -1)),
    )
    expect(unknown).toEqual([])
  })

  it('reads a key', () => {
    expect(partsOf('panels/p/1')).toEqual(['panels', 'p/1'])
  })
})
