// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import ColourField from './ColourField.vue'
import DateField from './DateField.vue'
import MeasureField from './MeasureField.vue'
import MoneyField from './MoneyField.vue'
import TimeField from './TimeField.vue'
import { heedUnread } from './unreadForms'

const page = document.createElement('main')
heedUnread(page)
document.body.append(page)

beforeEach(() => setActivePinia(createPinia()))
afterEach(() => page.replaceChildren())

/** A form with one field; how often it was sent. */
function form(field: unknown, props: Record<string, unknown>) {
  const sent = ref(0)
  const shown = mount(
    defineComponent(
      () => () =>
        h('form', { onSubmit: () => sent.value++ }, [
          h(field as never, { label: 'It', ...props } as never),
          h('button', 'Add'),
        ]),
    ),
    { global: { plugins: [PrimeVue] }, attachTo: page },
  )
  const input = shown.find('input[data-unit]')
  return {
    sent,
    input,
    async type(text: string) {
      await input.trigger('focus')
      await input.setValue(text)
    },
    send: () => shown.find('form').trigger('submit'),
  }
}

describe('a form with something that can’t be read', () => {
  it.each([
    ['a measure', MeasureField, { unit: 'min', modelValue: 60 }, '2,5,5 h', '90'],
    ['money', MoneyField, { modelValue: 1200 }, 'twelve', '12'],
    ['a day', DateField, { modelValue: '2026-03-03' }, 'soonish', '4 Mar 2026'],
    ['a time', TimeField, { modelValue: '09:00' }, 'noonish', '10:30'],
    ['a colour', ColourField, { modelValue: '#102030' }, 'greenish', '204060'],
  ])('is not sent: %s', async (_, field, props, wrong, right) => {
    const asked = form(field, props)
    await asked.type(wrong)
    await asked.send()
    expect(asked.sent.value, 'sent with the value from before').toBe(0)
    expect(document.activeElement).toBe(asked.input.element)
    await asked.type(right)
    await asked.send()
    expect(asked.sent.value).toBe(1)
  })
})
