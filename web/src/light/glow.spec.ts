// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Build, RunModel, Scene, SceneModel } from '../api/types'
import { useBuild } from '../store/build'
import RunPath from '../concept/RunPath.vue'
import SceneLights from './SceneLights.vue'
import ToldApart from './ToldApart.vue'
import VoltCurve from './VoltCurve.vue'

vi.mock('../ui/useWidth', () => ({ useWidth: () => ({ width: { value: 460 } }) }))

const curve = (sceneId: string, worstVolts: number, low: object[] = []) => ({
  sceneId,
  name: sceneId,
  amps: 2,
  watts: 10,
  worstVolts,
  volts: [4.7, worstVolts],
  low,
})
const run = {
  id: 'l',
  name: 'Roof',
  leds: 66,
  lengthMm: 1100,
  sourceVolts: 4.75,
  leastVolts: 4.5,
  feedsMm: [0, 1100],
  curves: [curve('show', 4.08, [{ fromMm: 520, toMm: 1100 }]), curve('camera', 4.6)],
} as unknown as RunModel

const scene = {
  id: 's',
  name: 'show',
  use: 'SHOW',
  roomLux: 50,
  watts: 12,
  lights: [
    {
      of: { kind: 'strips', id: 'l' },
      name: 'Roof',
      leds: 66,
      colourHex: '#F0A13A',
      brightnessPercent: 100,
      movement: 'STILL',
      periodSeconds: 6,
      amps: 1.7,
      watts: 8.5,
      coloured: true,
      dims: true,
      said: false,
    },
    {
      of: { kind: 'components', id: 'fan' },
      name: 'Fan',
      leds: 8,
      colourHex: '#FFFFFF',
      brightnessPercent: 100,
      movement: 'STILL',
      periodSeconds: 6,
      amps: 0.4,
      watts: 2,
      coloured: false,
      dims: false,
      said: false,
    },
  ],
  headers: [{ rail: 'V5', amps: 3.4, mostAmps: 3 }],
  camera: null,
  palette: ['#101010', '#302010'],
  merged: [{ first: 0, second: 1, wasDeltaE00: 21, deltaE00: 7 }],
  why: { formula: '', inputs: [] },
} as unknown as SceneModel

let stored: Scene
const build = () =>
  ({
    scenes: [stored],
    screens: [{ id: 'd', name: 'Board' }],
    canvases: [],
    strips: [],
    items: [],
    panels: [],
    concept: {
      look: {
        palette: [
          { name: 'cream', hex: '#EEEEEE', role: 'BASE' },
          { name: 'sodium', hex: '#F0A13A', role: 'GLOW' },
        ],
      },
    },
  }) as unknown as Build

beforeEach(() => {
  setActivePinia(createPinia())
  stored = {
    id: 's',
    name: 'show',
    use: 'SHOW',
    roomLux: null,
    runs: [],
    screens: [],
  } as unknown as Scene
  const builds = useBuild()
  Object.defineProperty(builds, 'build', { get: build })
  vi.spyOn(builds, 'edit').mockImplementation(() => undefined)
})
const plugins = { global: { plugins: [PrimeVue] } }

describe('volts along a run', () => {
  it('draws the chosen scene in front, with where there is too little and where it is fed', () => {
    const shown = mount(VoltCurve, { props: { run, chosen: 'show' }, ...plugins })
    expect(shown.findAll('circle.feed')).toHaveLength(2)
    expect(shown.findAll('path.behind')).toHaveLength(1)
    const low = shown.get('rect.low').attributes()
    expect(Number(low.x)).toBeCloseTo(46 + (520 / 1100) * (460 - 58), 1)
    expect(shown.get('svg').attributes('aria-label')).toContain('4.08 V at the worst LED in show')
  })
  it('shows no shortage where there is none', () => {
    const shown = mount(VoltCurve, { props: { run, chosen: 'camera' }, ...plugins })
    expect(shown.find('rect.low').exists()).toBe(false)
  })
})

describe('lights of a scene', () => {
  it('says what each draws, and what can’t be dimmed', () => {
    const shown = mount(SceneLights, { props: { scene }, ...plugins })
    expect(shown.text()).toContain('1.70 A · 8.5 W')
    expect(shown.text()).toContain('can’t be dimmed')
    expect(shown.find('.bad').text()).toBe('3.40 of 3.0 A')
  })
  it('keeps what is shown of the others when one is changed', () => {
    const shown = mount(SceneLights, { props: { scene }, ...plugins })
    const builds = useBuild()
    const fields = shown.findAllComponents({ name: 'ThingFields' })
    const edit = fields[1].props('edit') as (change: object) => void
    const whole = fields[1].props('thing') as Scene
    edit({ runs: whole.runs.map((each, i) => (i ? each : { ...each, brightnessPercent: 40 })) })
    const [, , change] = vi.mocked(builds.edit).mock.calls[0]
    expect((change as Scene).runs.map((each) => [each.runId, each.brightnessPercent])).toEqual([
      ['l', 40],
      ['fan', 100],
    ])
  })
})

describe('told apart', () => {
  it('names the pairs that run together, with their differences', () => {
    const shown = mount(ToldApart, { props: { scene }, ...plugins })
    expect(shown.text()).toContain('cream and sodium: ΔE00 21 by day, 7 here')
  })
})

describe('edges that a run is laid along', () => {
  const item = { id: 'l', face: 'FRONT', kind: 'LIGHT_RUN', ofId: 'l', along: null }
  it('begins at the top, and never goes without an edge', async () => {
    const edit = vi.fn()
    const shown = mount(RunPath, { props: { item: item as never, edit }, ...plugins })
    await shown.get('input[type=checkbox]').setValue(true)
    expect(edit).toHaveBeenCalledWith({ along: { itemId: '', edges: ['TOP'], insetMm: 10 } })
    const laid = { ...item, along: { itemId: '', edges: ['TOP'], insetMm: 10 } }
    await shown.setProps({ item: laid as never })
    edit.mockClear()
    const many = shown.getComponent({ name: 'ManyOf' })
    many.vm.$emit('update:modelValue', [])
    expect(edit).not.toHaveBeenCalled()
    many.vm.$emit('update:modelValue', ['TOP', 'LEFT'])
    expect(edit).toHaveBeenCalledWith({
      along: { itemId: '', edges: ['TOP', 'LEFT'], insetMm: 10 },
    })
  })
})
