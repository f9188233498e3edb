// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { beforeEach, expect, test } from 'vitest'
import type { FaceItem, Screen } from '../api/types'
import { useBuild } from '../store/build'
import MountFields from './MountFields.vue'

const screen = (change: Partial<Screen> = {}) =>
  ({
    id: 's',
    name: 'Tide board',
    widthMm: 192,
    heightMm: 58,
    input: 'HDMI',
    massKg: 0,
    ...change,
  }) as Screen

function shown(of: Screen, items: Partial<FaceItem>[] = []) {
  const builds = useBuild()
  builds.view = { build: { items, screens: [of] } } as never
  return mount(MountFields, { props: { screen: of }, global: { plugins: [PrimeVue] } })
}

beforeEach(() => setActivePinia(createPinia()))

test('a screen on no face says so', () => {
  expect(shown(screen()).text()).toContain('192 mm across, 58 mm up; on no face yet')
})

test('turned on its side it is as high as it was wide, where it is drawn', () => {
  const turned = screen({ mount: { on: 'CHASSIS', turned: 'LEFT' } })
  const at = {
    kind: 'SCREEN',
    ofId: 's',
    face: 'FRONT',
    layer: 'BEHIND',
    xMm: 101,
    yMm: 150,
  } as const
  expect(shown(turned, [at]).text()).toContain(
    '58 mm across, 192 mm up; behind the front, 101 mm from its left edge, 150 mm up.',
  )
})

test('a second hold is asked once there is a first', () => {
  expect(shown(screen()).text()).not.toContain('and besides')
  const held = screen({ mount: { held: 'TAPE', on: 'CHASSIS', turned: 'UPRIGHT' } })
  expect(shown(held).text()).toContain('and besides')
})

test('who turns the picture: the machine a monitor, else its maker has to say', () => {
  expect(shown(screen()).text()).toContain('as a monitor: any')
  expect(shown(screen({ input: 'DATA' })).text()).toContain('nobody has said')
})
