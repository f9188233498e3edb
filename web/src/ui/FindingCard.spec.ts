// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Finding } from '../api/types'
import FindingCard from './FindingCard.vue'

beforeEach(() => setActivePinia(createPinia()))

const change = (value: number) => ({ kind: 'panels', thingId: 'p', field: 'widthMm', value })
function open(remedies: object[], more: object = {}) {
  return mount(FindingCard, {
    props: {
      finding: {
        key: 'k',
        severity: 'RISK',
        capability: 'make',
        title: 'Too wide',
        detail: '',
        why: '',
        refusal: false,
        remedies,
        ...more,
      } as unknown as Finding,
    },
    global: { plugins: [PrimeVue] },
  })
}
const buttons = (card: ReturnType<typeof open>) => card.findAll('button').map((b) => b.text())

describe('a finding', () => {
  it('offers its two best ways out, the others by one press', async () => {
    const card = open([
      { label: 'Make it 400 wide', change: change(400) },
      { label: 'By hand' },
      { label: 'Turn it', change: change(1) },
      { label: 'Leave it' },
    ])
    expect(buttons(card)).toEqual(['Make it 400 wide', '2 more ways', 'Accept it…'])
    expect(card.text()).not.toContain('Leave it')
    await card.findAll('button')[1]!.trigger('click')
    expect(buttons(card)).toEqual(['Make it 400 wide', 'Turn it', 'Accept it…'])
    expect(card.text()).toContain('Leave it')
  })

  it('says “1 more way” of one, and nothing where there are two', () => {
    const three = open([{ label: 'a' }, { label: 'b' }, { label: 'c' }])
    expect(buttons(three)).toContain('1 more way')
    expect(buttons(open([{ label: 'a' }, { label: 'b' }]))).toEqual(['Accept it…'])
  })

  it('hands on the change of the way that was pressed', async () => {
    const card = open([{ label: 'Make it 400 wide', change: change(400) }])
    await card.find('button').trigger('click')
    expect(card.emitted('apply')).toEqual([[change(400)]])
  })

  it('is accepted by somebody for a reason, a note and a refusal never', async () => {
    const card = open([])
    await card.find('button').trigger('click')
    const [by, reason] = card.findAll('input')
    await by!.setValue('Bram')
    expect(card.find('form button').attributes('disabled')).toBeDefined()
    await reason!.setValue('Measured twice')
    await card.find('form').trigger('submit')
    expect(card.emitted('accept')).toEqual([['Bram', 'Measured twice']])
    expect(buttons(open([], { severity: 'NOTE' }))).toEqual([])
    expect(open([], { refusal: true }).text()).toContain('Nobody can accept this.')
  })
})
