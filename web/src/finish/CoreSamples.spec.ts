// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Scheme, SchemeModel } from '../api/types'
import CoreSamples from './CoreSamples.vue'

const slice = (name: string, coats = 0) => ({ name, coats, hex: '#334455', stepId: name })
const region = (name: string, areaMm2: number) => ({
  name,
  areaMm2,
  shapes: name === 'field' ? [] : [name],
  pile: [slice('lacquer', 2), slice('base', 3), slice('sheet')],
})
const open = (...regions: object[]) =>
  mount(CoreSamples, {
    props: {
      model: { partName: 'Front', clear: false, layers: { regions } } as unknown as SchemeModel,
      scheme: { seenFrom: 'FRONT' } as Scheme,
      picked: 'base',
    },
  })
const under = (cores: ReturnType<typeof open>) => cores.findAll('text.name').map((t) => t.text())

describe('cores through a finish', () => {
  it('stand the front on top, what is picked marked, more coats thicker', () => {
    const cores = open(region('field', 9000))
    const heights = cores.findAll('rect').map((rect) => Number(rect.attributes('height')))
    expect(heights[1] - heights[0]).toBe(7)
    expect(cores.findAll('rect.picked')).toHaveLength(1)
    expect(under(cores)).toEqual(['field'])
    expect(cores.find('ol.names').exists()).toBe(false)
  })

  it('are the field and the three largest, numbered where their names have no room', () => {
    const cores = open(
      region('rose of the compass', 400),
      region('letters', 300),
      region('field', 9000),
      region('small star', 5),
      region('border of the chart', 900),
    )
    expect(under(cores)).toEqual(['1', '2', '3', '4'])
    expect(cores.findAll('ol.names li').map((item) => item.text())).toEqual([
      'field',
      'border of the chart',
      'rose of the compass',
      'letters',
    ])
  })
})
