import { describe, expect, it } from 'vitest'
import { isReactive, reactive } from 'vue'
import { change, changed } from './changes'

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
