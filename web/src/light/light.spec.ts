// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Joins, WiringModel } from '../api/types'
import { useSession } from '../store/session'
import JoinsPanel from './JoinsPanel.vue'
import ManyOf from '../ui/ManyOf.vue'
import WiringPicture from './WiringPicture.vue'

vi.mock('../ui/useWidth', () => ({ useWidth: () => ({ width: { value: 860 } }) }))

const taker = (id: string, lit: boolean, why = '') => ({
  id,
  name: `Screen ${id}`,
  kind: 'SCREEN' as const,
  note: '1920 × 480',
  lit,
  why,
  fixed: id === 'a',
  widthMm: 260,
  heightMm: 70,
})
const wiring = {
  givers: [
    {
      id: 'card',
      name: 'Card',
      note: '2 at once, 1 used',
      sockets: [
        { id: 'hdmi', name: 'HDMI', count: 1, used: true, lacking: '' },
        { id: 'dp', name: '2 × DisplayPort', count: 2, used: false, lacking: '' },
      ],
    },
    {
      id: 'board',
      name: 'Board',
      note: 'no graphics',
      sockets: [{ id: 'dead', name: 'HDMI', count: 1, used: false, lacking: 'no graphics' }],
    },
  ],
  between: [],
  takers: [taker('a', true), taker('b', false, 'What could feed it is taken.')],
  ropes: [
    { from: 'hdmi', to: 'a', words: 'Lead HDMI', plugs: 'HDMI', lengthMm: 500, lit: true },
    { from: 'dp', to: 'b', words: 'is free', plugs: '', lengthMm: 0, lit: false },
  ],
} as unknown as WiringModel
const joins: Joins = {
  joins: [
    {
      sinkId: 'b',
      sourceId: 'hdmi',
      now: false,
      may: true,
      words: 'Screen a goes dark then',
      costMinor: -300,
    },
    { sinkId: 'b', sourceId: 'dp', now: false, may: true, words: '', costMinor: 900 },
    {
      sinkId: 'b',
      sourceId: 'dead',
      now: false,
      may: false,
      words: 'is dead: no graphics',
      costMinor: 0,
    },
  ],
} as Joins

const signIn = (role: string) => {
  useSession().session = { account: { id: 'x', name: 'Ines', role } } as never
}
beforeEach(() => {
  setActivePinia(createPinia())
  signIn('OWNER')
})
const with_ = { global: { plugins: [PrimeVue] } }

describe('the wiring picture', () => {
  const picture = (picked = '', answer: Joins | null = null) =>
    mount(WiringPicture, { ...with_, props: { wiring, picked, joins: answer } })

  it('draws a rope where there is a lead, and a broken line where one is missing', () => {
    const drawn = picture()
    expect(drawn.findAll('path.rope')).toHaveLength(1)
    expect(drawn.findAll('path.missing')).toHaveLength(1)
    expect(drawn.find('text.dark').text()).toBe('is free')
  })

  it('says of each end what it is, in words too', () => {
    const labels = picture()
      .findAll('button.socket')
      .map((each) => each.attributes('aria-label'))
    expect(labels).toEqual(['HDMI, used', '2 × DisplayPort, free', 'HDMI, dead'])
    const takers = picture().findAll('button.taker')
    expect(takers[0].text()).toContain('Screen a · fixed')
    expect(takers[1].text()).toContain('Screen b · dark')
  })

  it('tells who asked which end was picked', async () => {
    const drawn = picture()
    await drawn.findAll('button.taker')[1].trigger('click')
    await drawn.findAll('button.socket')[0].trigger('click')
    expect(drawn.emitted('pick')).toEqual([['b'], ['hdmi']])
  })

  it('marks the ends that the picked one may join, and pales the others', () => {
    const drawn = picture('b', joins)
    const classes = drawn.findAll('button.socket').map((each) => each.classes())
    expect(classes[0]).toContain('may')
    expect(classes[1]).toContain('may')
    expect(classes[2]).toContain('never')
    expect(drawn.findAll('button.taker')[0].classes()).toContain('never')
    expect(drawn.findAll('button.taker')[1].attributes('aria-pressed')).toBe('true')
  })
})

describe('what an end may join', () => {
  const panel = (picked = 'b') => mount(JoinsPanel, { ...with_, props: { wiring, picked, joins } })

  it('lists every socket with what it means or why not', () => {
    const rows = panel()
      .findAll('li')
      .map((each) => each.text())
    expect(rows[0]).toContain('HDMI, Card')
    expect(rows[0]).toContain('Screen a goes dark then')
    expect(rows[1]).toContain('nobody else is touched')
    expect(rows[2]).toContain('is dead: no graphics')
    expect(rows[2]).not.toContain('Fix it here')
    expect(panel().find('p.why').text()).toBe('What could feed it is taken.')
  })

  it('says what each costs more or less, to the owner only', () => {
    expect(panel().findAll('li')[0].text()).toContain('−€3.00')
    expect(panel().findAll('li')[1].text()).toContain('+€9.00')
    signIn('HELPER')
    expect(panel().text()).not.toContain('€')
  })

  it('fixes what is pressed, and closes by button and by key', async () => {
    const open = panel()
    await open.findAll('li button')[1].trigger('click')
    expect(open.emitted('fix')).toEqual([[joins.joins[1]]])
    await open.trigger('keydown', { key: 'Escape' })
    await open.find('header button').trigger('click')
    expect(open.emitted('close')).toHaveLength(2)
  })

  it('lets go what was fixed', async () => {
    const open = panel('a')
    const free = open.findAll('header button').find((each) => each.text().includes('Let it go'))
    await free!.trigger('click')
    expect(open.emitted('free')).toEqual([['a']])
    expect(panel('b').text()).not.toContain('Let it go')
  })

  it('is asked from a socket too', () => {
    const from = mount(JoinsPanel, { ...with_, props: { wiring, picked: 'hdmi', joins } })
    expect(from.find('h3').text()).toBe('What HDMI of Card can feed')
    expect(from.findAll('li')[0].text()).toContain('Screen b')
  })
})

describe('some of a few', () => {
  const options = [
    { value: 'HUB', label: 'a hub' },
    { value: 'ADAPTER', label: 'an adapter' },
  ]
  it('adds and takes away one by one, and leaves the list it was given alone', async () => {
    const given = ['HUB']
    const some = mount(ManyOf, {
      ...with_,
      props: { legend: 'Won’t work behind', options, modelValue: given },
    })
    const boxes = some.findAll('input[type="checkbox"]')
    expect(boxes.map((each) => (each.element as HTMLInputElement).checked)).toEqual([true, false])
    await boxes[1].setValue(true)
    await boxes[0].setValue(false)
    expect(some.emitted('update:modelValue')).toEqual([[['HUB', 'ADAPTER']], [[]]])
    expect(given).toEqual(['HUB'])
  })
})
