// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useShell } from '../store/shell'
import TableFile from './TableFile.vue'

const ROWS = {
  rows: [
    { line: 2, name: 'Fog grey', outcome: 'CHANGED', words: ['priceMinor 980 → 1050'] },
    { line: 3, name: 'Brass', outcome: 'NEW', words: [] },
    { line: 4, name: 'Clear', outcome: 'SAME', words: [] },
    { line: 5, name: '', outcome: 'REFUSED', words: ['name: is missing.'] },
  ],
  leftOut: ['Shelf no'],
  kept: 0,
}
let answers: (() => Promise<Response>)[]
let sent: { url: string; body: string }[]
const answer = (body: object, status = 200) => new Response(JSON.stringify(body), { status })

beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers()
  answers = []
  sent = []
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    sent.push({ url, body: String(init.body) })
    return (answers.shift() ?? (async () => answer(ROWS)))()
  })
})
afterEach(() => vi.useRealTimers())

async function open() {
  const wrapper = mount(TableFile, {
    props: { path: '/api/workshop/paints.csv', label: 'Paints', noun: 'paints' },
    global: {
      plugins: [PrimeVue],
      stubs: { Dialog: { props: ['visible'], template: '<div v-if="visible"><slot /></div>' } },
    },
  })
  const button = (label: string) =>
    wrapper.findAll('button').find((each) => each.text().startsWith(label))!
  await button('Bring in paints').trigger('click')
  return {
    wrapper,
    button,
    async paste(text: string) {
      const area = wrapper.find('textarea')
      await area.trigger('focus')
      await area.setValue(text)
      vi.runAllTimers()
      await flushPromises()
    },
  }
}

describe('a table that is brought in', () => {
  it('is only looked at until it is taken in: what fails comes first, what stays the same last', async () => {
    const { wrapper, paste } = await open()
    await paste('name\tprice\nFog grey\t10')
    expect(sent).toEqual([
      { url: '/api/workshop/paints.csv?keep=NONE', body: 'name\tprice\nFog grey\t10' },
    ])
    expect(wrapper.find('[role=status]').text()).toBe(
      '1 new, 1 changes, 1 is the same, 1 can’t be read',
    )
    expect(wrapper.findAll('tr td:first-child').map((cell) => cell.text())).toEqual([
      '5',
      '2',
      '3',
      '4',
    ])
    expect(wrapper.text()).toContain('“Shelf no”: left out')
    expect(wrapper.text()).toContain('priceMinor 980 → 1050')
  })

  it('takes in what can be read, says how much, and closes', async () => {
    const { wrapper, button, paste } = await open()
    await paste('name\nFog grey')
    answers = [async () => answer({ ...ROWS, kept: 2 })]
    await button('Take in 2 that can be read').trigger('click')
    await flushPromises()
    expect(sent.at(-1)).toEqual({
      url: '/api/workshop/paints.csv?keep=READABLE',
      body: 'name\nFog grey',
    })
    expect(wrapper.emitted('kept')).toHaveLength(1)
    expect(useShell().message).toBe('2 paints read. Ctrl+Z takes them back.')
    expect(wrapper.find('textarea').exists()).toBe(false)
  })

  it('keeps what was pasted when it is refused, and says why at the place', async () => {
    const { wrapper, paste } = await open()
    answers = [async () => answer({ title: 'The first line names the columns.' }, 422)]
    await paste('1\t2')
    expect(wrapper.text()).toContain('The first line names the columns.')
    expect(wrapper.find('textarea').element.value).toBe('1\t2')
    expect(wrapper.find('table').exists()).toBe(false)
  })

  it('shows what was pasted last, whichever answer comes last', async () => {
    const { wrapper, paste } = await open()
    let late: (response: Response) => void = () => undefined
    answers = [
      () => new Promise((done) => (late = done)),
      async () => answer({ rows: [ROWS.rows[1]], leftOut: [], kept: 0 }),
    ]
    await paste('first')
    await paste('second')
    late(answer(ROWS))
    await flushPromises()
    expect(wrapper.find('[role=status]').text()).toBe('1 new')
  })

  it('has nothing to take in where all is the same', async () => {
    const { button, paste } = await open()
    answers = [async () => answer({ rows: [ROWS.rows[2]], leftOut: [], kept: 0 })]
    await paste('name\nClear')
    expect(button('Take in 0 paints').attributes('disabled')).toBeDefined()
  })
})
