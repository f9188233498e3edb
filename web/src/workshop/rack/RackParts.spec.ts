// @vitest-environment happy-dom
import { mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import ColourWall from './ColourWall.vue'
import DrawerGrid from './DrawerGrid.vue'
import RollRow from './RollRow.vue'
import RunsShort from './RunsShort.vue'
import { thing } from './fakeThing'
import { shortOf } from './useRack'

beforeEach(() => setActivePinia(createPinia()))

const user = (buildId: string, quantity: number, coming = 0) => ({
  buildId,
  buildName: buildId,
  needKey: 'paint:red',
  quantity,
  coming,
})
const global = { stubs: { RouterLink: RouterLinkStub } }

describe('the wall of colours', () => {
  const things = [
    thing('red', { have: 100, wanted: 400, missing: 300 }),
    thing('fern', { have: 400 }),
    thing('sky', { have: 25, old: true }),
  ]
  const wall = () => mount(ColourWall, { props: { things, chosen: 'red' } })

  it('fills by the root of what is there, on one scale', () => {
    const heights = wall()
      .findAll('.fill')
      .map((fill) => (fill.element as HTMLElement).style.height)
    expect(heights).toEqual(['50%', '100%', '25%'])
  })

  it('draws a line where somebody wants some, another where it is short', () => {
    const shown = wall()
    expect(shown.findAll('.want')).toHaveLength(1)
    expect(shown.find('.want').classes()).toContain('short')
  })

  it('is read without seeing it, and says what is chosen and old', async () => {
    const shown = wall()
    const first = shown.find('button')
    expect(first.attributes('aria-label')).toBe('red: 100 ml, wanted 400 ml')
    expect(first.attributes('aria-pressed')).toBe('true')
    expect(shown.findAll('.old')).toHaveLength(1)
    await shown.findAll('button')[2]!.trigger('click')
    expect(shown.emitted('choose')).toEqual([[things[2]]])
  })
})

describe('drawers and rolls', () => {
  it('say how many are there and wanted, and which are short or low', () => {
    const grid = mount(DrawerGrid, {
      props: {
        things: [
          thing('Inserts M3', { unit: 'pieces', have: 6, low: true }),
          thing('Mask tape', { unit: 'm', have: 12, wanted: 2 }),
        ],
        chosen: '',
      },
    })
    expect(grid.findAll('button').map((each) => each.classes('short'))).toEqual([true, false])
    expect(grid.text()).toContain('12 m / 2 m')
  })

  it('explain themselves where there are none', () => {
    expect(mount(DrawerGrid, { props: { things: [], chosen: '' } }).text()).toContain(
      'come from the builds by themselves',
    )
    expect(mount(RollRow, { props: { things: [thing('x')], chosen: '' } }).text()).toContain(
      'None is here',
    )
  })

  it('draw a roll as large as its share of the area', () => {
    const rolls = mount(RollRow, {
      props: {
        things: [
          thing('blue', { unit: 'm', have: 4, wanted: 1 }),
          thing('gold', { unit: 'm', wanted: 4, missing: 4 }),
        ],
        chosen: '',
      },
    })
    const radii = rolls.findAll('circle').map((circle) => Number(circle.attributes('r')))
    expect(radii).toEqual([32, 18.5, 4, 32, 4])
    expect(rolls.findAll('.missing')).toHaveLength(1)
  })
})

describe('what runs short', () => {
  it('is ordered for those who lack it, and not for those whose own comes', () => {
    const red = thing('red', {
      wanted: 150,
      missing: 100,
      users: [user('depot', 100), user('night', 50, 50)],
    })
    const shown = mount(RunsShort, { props: { notes: shortOf([red]) }, global })
    const links = shown.findAllComponents(RouterLinkStub)
    expect(links.map((link) => link.props('to'))).toEqual(['/builds/depot/supply?show=send'])
    expect(shown.text()).toContain('red: 100 ml missing')
  })

  it('is nothing where all is here', () => {
    const shown = mount(RunsShort, { props: { notes: [] }, global })
    expect(shown.text()).toContain('All that builds still want is here or on its way.')
  })
})
