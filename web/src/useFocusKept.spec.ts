// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { defineComponent, h, nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { intoTitle, useFocusKept } from './useFocusKept'

const chosen = ref(false)
const Screen = defineComponent(() => {
  useFocusKept()
  return () =>
    h('main', [
      h('section', { class: 'choices' }, [
        chosen.value
          ? h('p', 'chosen')
          : h('button', { onClick: () => (chosen.value = true) }, 'take'),
      ]),
    ])
})

describe('the focus', () => {
  it('stays near what was chosen and went away', async () => {
    const screen = mount(Screen, { attachTo: document.body })
    screen.find('button').element.focus()
    await screen.find('button').trigger('click')
    await nextTick()
    await new Promise((done) => setTimeout(done, 20))
    expect(document.activeElement?.className).toContain('choices')
    screen.unmount()
  })

  it('goes into the title of what is new', async () => {
    const made = ref(false)
    const list = mount(
      defineComponent(
        () => () => h('main', [made.value ? h('input', { value: 'New part' }) : null]),
      ),
      { attachTo: document.body },
    )
    await intoTitle(() => (made.value = true))
    expect(document.activeElement?.tagName).toBe('INPUT')
    list.unmount()
  })
})
