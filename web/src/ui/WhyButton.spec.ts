// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { afterEach, describe, expect, it } from 'vitest'
import WhyButton from './WhyButton.vue'

const why = { formula: 'area × density', inputs: ['area 669 cm²', 'density 1190 kg/m³'] }

function shown() {
  return mount(WhyButton, {
    props: { why, of: 'Mass' },
    global: { plugins: [PrimeVue], stubs: { transition: true } },
    attachTo: document.body,
  })
}
afterEach(() => (document.body.innerHTML = ''))
const said = () => document.querySelector('.because')?.textContent ?? ''

describe('why a number is what it is', () => {
  it('is said once it is asked, and not before', async () => {
    const asked = shown()
    expect(said()).toBe('')
    await asked.get('button').trigger('click')
    await flushPromises()
    expect(said()).toContain('Mass')
    expect(said()).toContain('area × density')
    expect(document.querySelectorAll('.because li')).toHaveLength(2)
  })

  it('goes away when its button is pressed again, and comes back', async () => {
    const button = shown().get('button')
    for (const open of [true, false, true, false]) {
      await button.trigger('click')
      await flushPromises()
      expect(said() !== '').toBe(open)
    }
  })
})
