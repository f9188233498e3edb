// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Account } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import ThingFields from './ThingFields.vue'
import type { FieldSpec } from './thingField'

beforeEach(() => setActivePinia(createPinia()))

const SCREEN = {
  id: 's',
  name: 'Tide board',
  widthMm: 200,
  heightMm: 60,
  pixelsWide: 1920,
  pixelsHigh: 480,
  input: 'HDMI',
  watts: 6,
  rail: 'V5',
  priceMinor: 1200,
  supplierId: '',
}

/** A form over a thing of a build; `saved` is what it told the store. */
function open(
  fields: (FieldSpec | string | false)[],
  more: { kind?: string; thing?: object; owner?: boolean; within?: string; given?: boolean } = {},
) {
  const role = more.owner === false ? 'HELPER' : 'OWNER'
  useSession().session = {
    account: { id: 'a', name: 'Ines', role, personId: '' } as Account,
    needsSetup: false,
  } as never
  const saved: object[] = []
  const builds = useBuild()
  builds.edit = ((kind: string, thing: { id: string }, change: object) =>
    saved.push({ kind, id: thing.id, ...change })) as never
  const form = mount(ThingFields, {
    props: {
      kind: more.kind ?? 'screens',
      thing: (more.thing ?? SCREEN) as { id: string },
      fields,
      within: more.within,
      given: more.given,
    },
    global: { plugins: [PrimeVue] },
  })
  return {
    form,
    saved,
    labels: () => form.findAll('label').map((label) => label.text()),
    async type(index: number, text: string) {
      const input = form.findAll('input')[index]
      await input.trigger('focus')
      await input.setValue(text)
    },
  }
}

describe('fields of a thing', () => {
  it('show what is stored, with its unit, and save what is typed', async () => {
    const { form, saved, type } = open(['name', 'widthMm', { field: 'watts', label: 'Draws' }])
    expect(form.findAll('input').map((input) => input.element.value)).toEqual([
      'Tide board',
      '200',
      '6',
    ])
    expect(form.text()).toContain('mm')
    await type(1, '25 cm')
    await type(2, '7.5')
    expect(saved).toEqual([
      { kind: 'screens', id: 's', widthMm: 250 },
      { kind: 'screens', id: 's', watts: 7.5 },
    ])
  })

  it('never empty a number that has to be given, and empty one that need not', async () => {
    const part = { id: 'c', electric: { typicalWatts: 40 }, leadDays: 3 }
    const given = open(['leadDays'], { kind: 'components', thing: part })
    await given.type(0, '')
    expect(given.saved).toEqual([])
    expect(given.form.text()).toContain('Give a number.')
    const free = open(['electric.typicalWatts'], { kind: 'components', thing: part })
    await free.type(0, '')
    expect(free.saved).toEqual([{ kind: 'components', id: 'c', electric: { typicalWatts: null } }])
    const all = open(['electric.typicalWatts'], { kind: 'components', thing: part, given: true })
    await all.type(0, '')
    expect(all.saved).toEqual([])
  })

  it('take a day away where there need be none', async () => {
    const brief = { id: 'b', revealOn: '2026-05-02' }
    const day = open(['revealOn'], { kind: 'briefs', thing: brief })
    await day.type(0, '')
    await day.form.find('input').trigger('blur')
    expect(day.saved).toEqual([{ kind: 'briefs', id: 'b', revealOn: null }])
  })

  it('stay under the hand while the word above them changes', async () => {
    const { form } = open([{ field: 'widthMm', label: 'Width' }, 'heightMm'])
    const before = form.findAll('input').map((input) => input.element)
    await form.setProps({ fields: [{ field: 'widthMm', label: 'On its face' }, 'heightMm'] })
    expect(form.findAll('input').map((input) => input.element)).toEqual(before)
    expect(form.text()).toContain('On its face')
  })

  it('show an amount to owners only', () => {
    expect(open(['name', 'priceMinor']).labels()).toEqual(['Name', 'Price'])
    expect(open(['name', 'priceMinor'], { owner: false }).labels()).toEqual(['Name'])
  })

  it('show the refusal of their own place, and leave out what is not asked', () => {
    useBuild().problem = (kind, id, field) =>
      `${kind}/${id} ${field}` === 'screens/s widthMm' ? 'Width can’t be 2: 10 to 3000 mm.' : ''
    const { form, labels } = open([false, 'heightMm', 'widthMm'])
    expect(labels()).toEqual(['Height', 'Width'])
    expect(form.findAll('[role=alert]').map((alert) => alert.text())).toEqual([
      'Width can’t be 2: 10 to 3000 mm.',
    ])
  })

  it('change a value deep inside and tell what else follows from it', async () => {
    const enclosure = { id: 'e', bays: [{ name: 'left' }, { name: 'right', widthMm: 90 }] }
    const bay = open(['widthMm'], { kind: 'enclosures', thing: enclosure, within: 'bays.1' })
    await bay.type(0, '95')
    expect(bay.saved).toEqual([
      { kind: 'enclosures', id: 'e', bays: [{ name: 'left' }, { name: 'right', widthMm: 95 }] },
    ])
    const follows = open([{ field: 'watts', set: (watts: number) => ({ watts, rail: 'V12' }) }])
    await follows.type(0, '30')
    expect(follows.saved).toEqual([{ kind: 'screens', id: 's', watts: 30, rail: 'V12' }])
  })

  it('ask about a fraction where things are counted', async () => {
    const pane = open(['pixelsWide', 'widthMm'])
    await pane.type(0, '1920.5')
    expect(pane.form.text()).toContain('Whole px only: 1,920 or 1,921?')
    expect(pane.saved).toEqual([])
    await pane.type(1, '200.5')
    expect(pane.saved).toEqual([{ kind: 'screens', id: 's', widthMm: 200.5 }])
  })

  it('show a share in percent and keep it as a share', async () => {
    const item = { id: 'i', clearness: 0.4 }
    const pane = open([{ field: 'clearness', unit: '%', times: 100 }], {
      kind: 'items',
      thing: item,
    })
    expect(pane.form.find('input').element.value).toBe('40')
    await pane.type(0, '55')
    expect(pane.saved).toEqual([{ kind: 'items', id: 'i', clearness: 0.55 }])
  })
})
