import { describe, expect, it } from 'vitest'
import { isReactive, reactive } from 'vue'
import { change, changed, kept } from './changes'

const saw = { name: 'saw' }
const file = { name: 'file' }

describe('what changed of what is held', () => {
  it('takes the place of an element of a list, and leaves the others the same objects', () => {
    const held = [saw, file]
    const now = changed(held, { 1: { name: 'rasp' } })
    expect(now).toEqual([saw, { name: 'rasp' }])
    expect(now[0]).toBe(saw)
    expect(held).toEqual([saw, file])
  })

  it('takes the place of fields and of elements of lists in fields', () => {
    const held = { owner: 'Ines', cards: [saw, file], open: true }
    const now = changed(held, { owner: 'Bram', 'cards.0': { name: 'axe' }, 'cards.1': saw })
    expect(now).toEqual({ owner: 'Bram', cards: [{ name: 'axe' }, saw], open: true })
    expect(held.cards).toEqual([saw, file])
  })

  it('is not watched in depth where it was not', () => {
    const view = reactive({ parts: changed([saw], { 0: file }) as object[] })
    expect(isReactive(view.parts)).toBe(false)
    const field = reactive({ desk: changed({ cards: [saw] }, { 'cards.0': file }) })
    expect(isReactive(field.desk.cards)).toBe(false)
  })

  it('changes what is watched where it is', () => {
    const build = reactive({ brief: saw, panels: [saw, file] })
    const panels = build.panels
    change(build, { brief: file, 'panels.1': { name: 'rasp' } })
    expect(build).toEqual({ brief: file, panels: [saw, { name: 'rasp' }] })
    expect(build.panels).toBe(panels)
  })
})

describe('what came, of what was there', () => {
  it('is what was there where all is equal', () => {
    const was = { name: 'lid', size: { wide: 3, holes: [1, 2] } }
    expect(kept(was, { name: 'lid', size: { wide: 3, holes: [1, 2] } })).toBe(was)
  })

  it('stays the same object in all that is equal, however it is nested', () => {
    const was = { name: 'lid', size: { wide: 3 }, steps: [saw, file] }
    const now = kept(was, { name: 'top', size: { wide: 3 }, steps: [{ ...saw }, { name: 'rasp' }] })
    expect(now).toEqual({ name: 'top', size: { wide: 3 }, steps: [saw, { name: 'rasp' }] })
    expect(now.size).toBe(was.size)
    expect(now.steps[0]).toBe(saw)
    expect(was.steps).toEqual([saw, file])
  })

  it.each([
    [{ a: 1 }, { a: 1, b: undefined }],
    [{ a: 1, b: 2 }, { a: 1 }],
    [[1, 2], [1]],
    [[1], [1, 2]],
    [{ a: null }, { a: {} }],
    [{ a: {} }, { a: null }],
    [[], {}],
    [{ a: 0 }, { a: false }],
    [null, { a: 1 }],
    [3, 4],
  ])('%j is not %j', (was: unknown, came: unknown) => {
    const before = JSON.stringify(was)
    expect(kept(was, came)).toBe(came)
    expect(JSON.stringify(was)).toBe(before)
  })

  it('is what came, for any two things', () => {
    let seed = 7
    const draw = (n: number) => (seed = (seed * 48271) % 2147483647) % n
    const thing = (deep: number): unknown =>
      [
        () => draw(3),
        () => ['', 'a', null, true][draw(4)],
        () => Array.from({ length: draw(4) }, () => thing(deep - 1)),
        () => Object.fromEntries([...'abc'].slice(draw(4)).map((name) => [name, thing(deep - 1)])),
      ][deep ? draw(4) : draw(2)]()
    for (let round = 0; round < 2000; round++) {
      const was = thing(3)
      const came = draw(3) ? thing(3) : structuredClone(was)
      const before = structuredClone(was)
      const meant = structuredClone(came)
      const now = kept(was, came)
      expect(now).toEqual(meant)
      expect(was).toEqual(before)
      if (JSON.stringify(before) === JSON.stringify(meant)) expect(now).toBe(was)
    }
  })
})
