// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Account, LibraryView } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import ChoiceField from '../ui/ChoiceField.vue'
import ProductLine from './ProductLine.vue'
import { productOf, saidOf, type ProductUse, type UseKind } from './productUse'
import { useLibrary } from './useLibrary'

beforeEach(() => setActivePinia(createPinia()))

const BODY = { widthMm: 232, depthMm: 9, heightMm: 65, keepOuts: [], seats: [], turns: [] }
const LIBRARY = {
  hardware: [
    {
      id: 'sill',
      name: 'Screen Sill',
      kind: 'SCREEN',
      priceMinor: 9600,
      peakWatts: 6,
      body: BODY,
      display: { pixelsWide: 1920, pixelsHigh: 480, input: 'HDMI', rail: 'V12' },
    },
    { id: 'shale', name: 'Drive Shale', kind: 'DRIVE', priceMinor: 6000, body: null },
  ],
  lights: [{ id: 'wisp', name: 'Strip Wisp', ledsPerMetre: 60, pricePerMetreMinor: 1400 }],
  enclosures: [],
  versions: {},
} as unknown as LibraryView
const SCREEN = {
  id: 's',
  name: 'Tide board',
  widthMm: 230,
  heightMm: 65,
  pixelsWide: 1920,
  pixelsHigh: 480,
  input: 'HDMI',
  watts: 6,
  rail: 'V5',
  priceMinor: 8900,
  supplierId: '',
  productId: 'sill',
  ownFields: ['widthMm', 'rail', 'priceMinor'],
}

function open(kind: UseKind, thing: object, owner = true) {
  useSession().session = {
    account: { id: 'a', name: 'Ines', role: owner ? 'OWNER' : 'HELPER' } as Account,
  } as never
  useLibrary().view = LIBRARY
  const saved: object[] = []
  const acts: unknown[] = []
  const builds = useBuild()
  builds.edit = ((...edit: [string, object, object]) => saved.push(edit[2])) as never
  builds.act = (async (what: string, body: object) => acts.push([what, body])) as never
  const line = mount(ProductLine, {
    props: { kind, thing: thing as ProductUse },
    global: { plugins: [PrimeVue] },
  })
  return {
    line,
    saved,
    acts,
    builds,
    buttons: () => line.findAll('button').map((button) => button.text()),
    choose: (id: string) => line.findComponent(ChoiceField).vm.$emit('update:modelValue', id),
  }
}

describe('what a thing is in the library', () => {
  it('names what is its own here and takes one of it as the library has it', async () => {
    const { line, saved, buttons } = open('screens', SCREEN)
    expect(buttons()).toEqual(['Width: 232 mm', 'Rail: 12 V', 'Price: €96.00'])
    await line.findAll('button')[0].trigger('click')
    await line.findAll('button')[1].trigger('click')
    expect(saved).toEqual([{ widthMm: 232 }, { rail: 'V12' }])
  })

  it('says nothing of money to a helper and nothing of keeping it', () => {
    expect(open('screens', SCREEN, false).buttons()).toEqual(['Width: 232 mm', 'Rail: 12 V'])
    expect(open('screens', { ...SCREEN, productId: '' }, false).buttons()).toEqual([])
  })

  it('follows in everything where nothing is its own', () => {
    const { line, buttons } = open('strips', { id: 'l', productId: 'wisp', ownFields: [] })
    expect(line.text()).toContain('Follows the library in everything.')
    expect(buttons()).toEqual([])
  })

  it('stays as it was where the build was handed over, and offers nothing', () => {
    const builds = useBuild()
    builds.view = { build: { brief: { revealedOn: '2026-03-20' } } } as never
    const { line, buttons } = open('screens', SCREEN)
    expect(line.text()).toContain('Handed over: stays as it was that day')
    expect(buttons()).toEqual([])
  })

  it('offers products of its kind only, and becomes one of them by one choice', async () => {
    const { line, acts, saved, choose } = open('components', {
      id: 'c',
      kind: 'DRIVE',
      productId: '',
    })
    const { options } = line.findComponent(ChoiceField).props() as unknown as {
      options: { value: string }[]
    }
    expect(options.map((option) => option.value)).toEqual(['', 'shale'])
    choose('shale')
    await flushPromises()
    expect(acts).toEqual([['components/c/join', { productId: 'shale' }]])
    choose('')
    expect(saved).toEqual([{ productId: '' }])
  })

  it('says why it could not be joined', async () => {
    const { builds, choose } = open('strips', { id: 'l', productId: '', ownFields: null })
    builds.act = (async () => {
      throw new Error('No such thing of this kind in the library.')
    }) as never
    choose('wisp')
    await flushPromises()
    expect(useShell().message).toBe('No such thing of this kind in the library.')
  })

  it('is offered for keeping where its product is not there', () => {
    expect(open('screens', { ...SCREEN, productId: 'gone' }).buttons()).toEqual([
      'Keep it in the library',
    ])
  })
})

describe('a product made of a thing', () => {
  it('has a screen’s size and picture where products have them, and says them back', () => {
    const product = productOf('screens', SCREEN as never) as never
    for (const field of [
      'widthMm',
      'heightMm',
      'pixelsWide',
      'input',
      'rail',
      'watts',
      'priceMinor',
    ])
      expect(saidOf('screens', product, field)).toEqual(SCREEN[field as keyof typeof SCREEN])
    expect(product).toMatchObject({ id: 's', name: 'Tide board', kind: 'SCREEN' })
  })

  it('of a strip has no length: that is the strip’s own', () => {
    const strip = { id: 'l', name: 'Beam', lengthMm: 700, ledsPerMetre: 60, rail: 'V5' }
    expect(productOf('strips', strip as never)).not.toHaveProperty('lengthMm')
  })
})
