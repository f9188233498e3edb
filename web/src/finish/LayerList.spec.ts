// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { LayerStep, Scheme } from '../api/types'
import { useWorkshop } from '../store/workshop'
import LayerList from './LayerList.vue'

const step = (id: string, op: string, more: object = {}) =>
  ({
    ...{ id, op, side: 'FRONT', productId: null, coats: 1, shapes: [], outside: false },
    ...{ less: [], peels: [], times: [], ...more },
  }) as unknown as LayerStep
const STEPS = [
  step('primer', 'PAINT', { productId: 'grey' }),
  step('mask', 'STENCIL', { shapes: ['star'] }),
  step('colour', 'PAINT', { productId: 'green', coats: 3 }),
]
const product = (id: string, kind: string) => ({ id, name: id, colourHex: '#334455', kind })

beforeEach(() => {
  setActivePinia(createPinia())
  useWorkshop().view = {
    book: {
      paints: [product('grey', 'PRIMER'), product('green', 'COLOUR'), product('clear', 'CLEAR')],
      films: [],
      testCards: [],
      workshop: { currency: 'EUR' },
    },
  } as never
})

function open(layers = STEPS) {
  const list = mount(LayerList, {
    attachTo: document.body,
    props: {
      scheme: {
        id: 's',
        seenFrom: 'FRONT',
        layers,
        shapes: [{ id: 'star', name: 'Star' }],
      } as unknown as Scheme,
      picked: null,
    },
    global: { plugins: [PrimeVue], stubs: { LayerFields: true, OrderFinder: true } },
  })
  const orders = () =>
    ((list.emitted('change') ?? []) as [LayerStep[]][]).map(([steps]) => steps.map((s) => s.id))
  return { list, grips: list.findAll('.grip'), orders }
}

describe('the steps of a finish', () => {
  it('change their places by Alt and an arrow, and keep the focus', async () => {
    const { grips, orders } = open()
    await grips[1]!.trigger('keydown', { key: 'ArrowUp', altKey: true })
    await grips[1]!.trigger('keydown', { key: 'ArrowDown', altKey: true })
    expect(orders()).toEqual([
      ['mask', 'primer', 'colour'],
      ['primer', 'colour', 'mask'],
    ])
    expect(document.activeElement).toBe(grips[1]!.element)
  })

  it('stay where they are at the ends, and without Alt', async () => {
    const { grips, orders } = open()
    await grips[0]!.trigger('keydown', { key: 'ArrowUp', altKey: true })
    await grips[2]!.trigger('keydown', { key: 'ArrowDown', altKey: true })
    await grips[1]!.trigger('keydown', { key: 'ArrowDown' })
    expect(orders()).toEqual([])
  })

  it('are dragged to the row under the hand', async () => {
    const { list, grips, orders } = open()
    list.findAll('ol > li').forEach((row, i) => {
      row.element.getBoundingClientRect = () => ({ bottom: 40 * (i + 1) }) as DOMRect
    })
    grips[0]!.element.setPointerCapture = () => undefined
    await grips[0]!.trigger('pointermove', { clientY: 100 })
    expect(orders()).toEqual([])
    await grips[0]!.trigger('pointerdown')
    await grips[0]!.trigger('pointermove', { clientY: 100 })
    await grips[0]!.trigger('pointerup')
    await grips[0]!.trigger('pointermove', { clientY: 10 })
    expect(orders()).toEqual([['mask', 'colour', 'primer']])
  })

  it('grow at the end by a step with what is usual: a clear is a clear, coats are two', async () => {
    const { list } = open()
    const press = (label: string) =>
      list
        .findAll('button')
        .find((button) => button.text() === label)!
        .trigger('click')
    await press('Clear')
    await press('Coats')
    const added = ((list.emitted('change') ?? []) as [LayerStep[]][]).map(([steps]) =>
      steps.at(-1)!,
    )
    expect(added.map(({ op, productId, coats }) => [op, productId, coats])).toEqual([
      ['CLEAR', 'clear', 1],
      ['PAINT', 'green', 2],
    ])
  })
})
