// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { ChainLink } from '../api/types'
import ChainList from './ChainList.vue'

beforeEach(() => setActivePinia(createPinia()))

function link(reason: ChainLink['reason'], spareMinutes: number): ChainLink {
  const at = { start: '2026-03-03T10:00:00', finish: '2026-03-03T11:00:00' }
  return { reason, spareMinutes, key: 'k', buildId: 'b', text: reason, workMinutes: 60, ...at }
}
function gaps(...chain: ChainLink[]) {
  const props = { chain, now: '2026-03-03T09:42:00', dayMinutes: 450, tightest: 'Cables' }
  const shown = mount(ChainList, { props })
  return shown
    .findAll('tbody tr')
    .map((row) => row.find('.gap').exists() && row.find('.gap').text())
}

describe('where a chain has a gap', () => {
  it('is said where it begins, and the tightest step is named once', () => {
    expect(
      gaps(
        link('PERSON', 600),
        link('WORK', 600),
        link('WAIT', 605),
        link('WORK', 300),
        link('WORK', 0),
      ),
    ).toEqual([
      false,
      'from here 10 h more slack than “Cables”',
      false,
      'from here 5 h more slack than the tightest step',
      'from here as tight as any',
    ])
  })

  it('is not there where all are as tight', () => {
    expect(gaps(link('WORK', 0), link('WAIT', 15), link('WORK', 10))).toEqual([false, false, false])
  })
})
