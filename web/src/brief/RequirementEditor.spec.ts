// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import type { BuildPicture, Requirement } from '../api/types'
import { useBuild } from '../store/build'
import RequirementEditor from './RequirementEditor.vue'

const wish = (more: object = {}) =>
  ({
    ...{ id: 'r', text: 'No buttons to be seen', priority: 'MUST', kind: 'LOOK', outcome: 'OPEN' },
    ...{ limit: null, ban: null, answeredBy: null, readMinor: null, ...more },
  }) as unknown as Requirement
const named = (id: string, name: string) => ({ id, name })

/** The editor with its fields left out: what each is told, and what it says. */
function open(requirement: Requirement) {
  setActivePinia(createPinia())
  const builds = useBuild()
  builds.view = {
    now: '2026-03-03T09:42:00',
    tasks: [
      { doneAt: '2026-03-02', task: { key: 'fit/paper', title: 'Lay it out' } },
      { doneAt: null, task: { key: 'bench/close', title: 'Close up' } },
    ],
    build: {
      brief: { id: 'b', revealOn: '2026-04-10' },
      concept: { look: { palette: [{ role: 'BASE', hex: '#102030' }] } },
      components: [named('c', 'Board')],
      panels: [named('p', 'Left window')],
      schemes: [],
      screens: [],
      strips: [],
      items: [],
      photos: [{ id: 'f', caption: '' }],
      requirements: [requirement],
    },
  } as unknown as BuildPicture
  const edit = vi.spyOn(builds, 'edit').mockImplementation(() => undefined)
  const shown = mount(RequirementEditor, {
    props: { requirement },
    global: { stubs: { ThingFields: true, ChoiceField: true, MoneyField: true } },
  })
  return {
    shown,
    way: () => shown.findAllComponents({ name: 'ChoiceField' })[0]!,
    fields: () =>
      shown
        .findAllComponents({ name: 'ThingFields' })
        .flatMap((each) => each.props('fields') as (string | { field: string } | false | null)[])
        .filter((each): each is string | { field: string } => !!each)
        .map((each) => (typeof each === 'string' ? each : each.field)),
    edits: () => edit.mock.calls.map(([kind, thing, change]) => [kind, thing.id, change]),
  }
}

describe('a requirement in its parts', () => {
  it('asks how it is answered before it asks against what', () => {
    const { fields, way } = open(wish())
    expect(fields()).toContain('text')
    expect(fields().some((field) => field.startsWith('limit'))).toBe(false)
    expect(way().props('options').length).toBeGreaterThan(1)
  })

  it('gets a limit when it is to be measured, and nothing else of it changes', async () => {
    const { way, edits } = open(wish())
    way().vm.$emit('update:modelValue', 'measure')
    const [[kind, id, change]] = edits() as [[string, string, Partial<Requirement>]]
    expect([kind, id]).toEqual(['requirements', 'r'])
    expect(change.limit).toMatchObject({ measure: 'HEIGHT_MM' })
    expect(change.ban ?? null).toBeNull()
    expect(change).toMatchObject({ text: 'No buttons to be seen', priority: 'MUST' })
  })

  it('asks for a day where the day of the reveal is the limit, and for a comparison elsewhere', () => {
    const limit = { value: 300, comparison: 'AT_MOST', day: null, hex: null }
    expect(open(wish({ limit: { ...limit, measure: 'REVEAL_DAY' } })).fields()).toContain(
      'limit.day',
    )
    const height = open(wish({ limit: { ...limit, measure: 'HEIGHT_MM' } })).fields()
    expect(height).toContain('limit.comparison')
    expect(height).not.toContain('limit.day')
  })

  it('takes money as money', () => {
    const limit = { value: 90_000, comparison: 'AT_MOST', measure: 'TOTAL_MINOR' }
    const { shown, edits } = open(wish({ limit }))
    const money = shown.getComponent({ name: 'MoneyField' })
    expect(money.props('modelValue')).toBe(90_000)
    money.vm.$emit('update:modelValue', 95_000)
    money.vm.$emit('update:modelValue', null)
    expect(edits().map(([, , change]) => (change as Requirement).limit!.value)).toEqual([95_000, 0])
  })

  it('keeps a ban of something, and none of nothing in particular', () => {
    const { shown, edits } = open(wish({ ban: { face: null, item: 'SCREEN', material: null } }))
    const banned = shown
      .findAllComponents({ name: 'ThingFields' })
      .find((each) => each.props('edit'))!
    const forbid = banned.props('edit') as unknown as (change: object) => void
    forbid({ ban: { face: 'LEFT', item: null, material: null } })
    expect(edits()).toEqual([])
    forbid({ ban: { face: 'LEFT', item: null, material: 'PVC' } })
    expect(edits()).toHaveLength(1)
  })
})
