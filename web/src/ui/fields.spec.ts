// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { useShell } from '../store/shell'
import MeasureField from './MeasureField.vue'
import MoneyField from './MoneyField.vue'
import TextField from './TextField.vue'

beforeEach(() => setActivePinia(createPinia()))

/** A field under the hands: `screen` is what stands in it, `told` what it has said. */
function open(component: typeof MeasureField, props: Record<string, unknown>) {
  const field = mount(component, {
    props: { label: 'Width', unit: 'mm', modelValue: null, ...props } as never,
    global: { plugins: [PrimeVue] },
  })
  const input = field.find('input, textarea')
  return {
    field,
    input,
    screen: () => (input.element as HTMLInputElement).value,
    told: () => field.emitted('update:modelValue')?.map(([value]) => value) ?? [],
    set: (props: Record<string, unknown>) => field.setProps(props as never),
    sentence: () => field.find('[role=alert]').exists() && field.find('[role=alert]').text(),
    async type(text: string) {
      await input.trigger('focus')
      await input.setValue(text)
    },
  }
}

describe('words that may be long', () => {
  const enter = () => new KeyboardEvent('keydown', { key: 'Enter', cancelable: true })

  it('grow, but are one line: Enter and what is pasted bring no other', async () => {
    const loved = open(TextField as never, { label: 'Loved', modelValue: '', lines: 1 })
    await loved.type('brass,\n  polished\r\nfor a century')
    expect(loved.screen()).toBe('brass, polished for a century')
    expect(loved.told()).toEqual(['brass, polished for a century'])
    const pressed = enter()
    loved.input.element.dispatchEvent(pressed)
    expect(pressed.defaultPrevented).toBe(true)
  })

  it('keep their lines where there are several', async () => {
    const note = open(TextField as never, { label: 'Note', modelValue: '', lines: 3 })
    await note.type('one\ntwo')
    expect(note.told()).toEqual(['one\ntwo'])
    const pressed = enter()
    note.input.element.dispatchEvent(pressed)
    expect(pressed.defaultPrevented).toBe(false)
  })
})

describe('a measure', () => {
  it('is never rewritten once somebody types in it', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.type('2')
    await width.set({ modelValue: 412, problem: 'Width can’t be 2: 5 to 5000 mm.' })
    await width.set({ modelValue: 300 })
    expect(width.screen()).toBe('2')
    await width.type('25')
    await width.set({ modelValue: 25, problem: '' })
    expect(width.screen()).toBe('25')
    expect(width.told()).toEqual([2, 25])
  })

  it('that was entered and not typed in shows what others stored, and stays chosen', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    document.body.append(width.field.element)
    const input = width.input.element as HTMLInputElement
    input.focus()
    await width.input.trigger('focus')
    input.select()
    await width.set({ modelValue: 3000 })
    await nextTick()
    expect(width.screen()).toBe('3000')
    expect([input.selectionStart, input.selectionEnd]).toEqual([0, 4])
    input.setSelectionRange(1, 1)
    await width.set({ modelValue: 300 })
    await nextTick()
    expect(width.screen()).toBe('300')
    expect(input.selectionEnd).toBe(input.selectionStart)
    expect(width.told()).toEqual([])
  })

  it('keeps a refused text with its sentence after it was left, until the next key', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.type('1+1')
    await width.set({ modelValue: 2 })
    await width.input.trigger('blur')
    expect(width.screen()).toBe('2')
    await width.set({ problem: 'Width can’t be 2: 5 to 5000 mm.' }) // the answer came late
    expect(width.screen()).toBe('1+1')
    await width.set({ modelValue: 412 }) // an answer from elsewhere
    expect(width.screen()).toBe('1+1')
    expect(width.sentence()).toContain('Width can’t be 2')
  })

  it('keeps what can’t be read over a reload, for this place and value only', async () => {
    const place = { modelValue: 412, 'data-tag': 'make/PartForm.vue:92' }
    const width = open(MeasureField, place)
    await width.type('4l0')
    width.field.unmount()
    const again = open(MeasureField, place)
    expect(again.screen()).toBe('4l0')
    expect(again.sentence()).toBeTruthy()
    expect(open(MeasureField, { ...place, modelValue: 300 }).screen()).toBe('300')
    await again.type('410')
    again.field.unmount()
    expect(open(MeasureField, place).screen()).toBe('412')
  })

  it('that was only looked at changes nothing, however it is shown', async () => {
    const width = open(MeasureField, { modelValue: 8.466667 })
    await width.input.trigger('focus')
    await width.input.trigger('blur')
    expect(width.told()).toEqual([])
    expect(width.screen()).toBe('8.47')
  })

  it('shows what is stored when a person takes the last change back', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.type('25')
    await width.set({ modelValue: 25 })
    useShell().showAnew()
    await width.set({ modelValue: 412 })
    expect(width.screen()).toBe('412')
    await width.type('4')
    await width.set({ modelValue: 300 })
    expect(width.screen()).toBe('4')
  })

  it('follows the program while nobody is in it', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.set({ modelValue: 300 })
    expect(width.screen()).toBe('300')
  })

  it('keeps what can’t be read, and says what can', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.type('12+')
    await width.input.trigger('blur')
    await width.set({ modelValue: 300 })
    expect(width.screen()).toBe('12+')
    expect(width.sentence()).toContain('Can’t read this')
    expect(width.told()).toEqual([])
  })

  it('offers what was meant, and takes it by a press', async () => {
    const load = open(MeasureField, { label: 'Load from above', unit: 'N', modelValue: 0 })
    await load.type('90 kg')
    expect(load.told()).toEqual([])
    const offers = load.field.findAll('.offer')
    expect(offers.map((offer) => offer.text())).toEqual([
      'it stands there: 883 N',
      '× 2, somebody sits down on it: 1,766 N',
    ])
    await offers[1].trigger('click')
    expect(load.told()).toEqual([1765.8])
    expect(load.screen()).toBe('1765.8')
  })

  it('of time in a form is never below zero', async () => {
    const left = open(MeasureField, { unit: 'min', duration: true, own: true, modelValue: 30 })
    await left.type('-5')
    expect(left.sentence()).toContain('can’t be below zero')
    expect(left.told()).toEqual([])
    await left.type('1:30')
    expect(left.told()).toEqual([90])
  })

  it('keeps the value from before while what stands there can’t be read', async () => {
    const load = open(MeasureField, { label: 'Load from above', unit: 'N', modelValue: 150 })
    for (const text of ['9', '90', '90 ', '90 k', '90 kg']) {
      await load.type(text)
      await load.set({ modelValue: load.told().at(-1) ?? 150 })
    }
    expect(load.told()).toEqual([9, 90, 150])
    const cap = open(MoneyField as never, { label: 'At most', modelValue: 50_000 })
    for (const text of ['3', '3,', '3,4', '3,40']) await cap.type(text)
    expect(cap.told()).toEqual([300, 50_000])
    await cap.type('3,400')
    expect(cap.told().at(-1)).toBe(340_000)
  })

  it('does not tell a key that changes nothing', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    for (const text of ['140', '140.', '140.5', '140.50']) await width.type(text)
    expect(width.told()).toEqual([140, 140.5])
  })

  it('may be left empty only where it is optional', async () => {
    const width = open(MeasureField, { modelValue: 412 })
    await width.type('')
    expect(width.sentence()).toBe('Give a number.')
    expect(width.told()).toEqual([])
    const size = open(MeasureField, { modelValue: 412, optional: true })
    await size.type('')
    expect(size.told()).toEqual([null])
  })
})

describe('an amount', () => {
  it('is asked about where a mark may mean two things', async () => {
    const cap = open(MoneyField as never, { label: 'At most', modelValue: 0 })
    await cap.type('3,400')
    expect(cap.told()).toEqual([340000])
    await cap.type('3,40')
    expect(cap.sentence()).toContain('3.40 or 3,400')
    await cap.field.findAll('.offer')[0].trigger('click')
    expect(cap.told()).toEqual([340000, 0, 340])
  })
})

describe('words', () => {
  it('stay while they are typed, and go when their form empties', async () => {
    const note = open(TextField as never, { label: 'Note', modelValue: 'old' })
    await note.type('half a wo')
    await note.set({ modelValue: 'from elsewhere' })
    expect(note.screen()).toBe('half a wo')
    const wish = open(TextField as never, { label: 'Wish', modelValue: '', own: true })
    await wish.type('a lantern')
    await wish.set({ modelValue: 'a lantern' })
    await wish.set({ modelValue: '' })
    expect(wish.screen()).toBe('')
  })

  it('that must not be empty say so and keep what is stored', async () => {
    const name = open(TextField as never, { label: 'Name', modelValue: 'Left', required: true })
    await name.type('')
    await name.input.trigger('blur')
    await name.set({ modelValue: 'Left' })
    expect(name.screen()).toBe('')
    expect(name.sentence()).toBe('Name can’t be empty.')
    expect(name.told()).toEqual([])
  })
})
