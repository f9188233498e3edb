import { describe, expect, it } from 'vitest'
import { kindWord } from './kindWords'

describe('a kind of thing', () => {
  it('is called what builders call it', () => {
    expect(kindWord('panels')).toBe('part')
    expect(kindWord('orders')).toBe('order')
    expect(kindWord('people')).toBe('person')
    expect(kindWord('outside-finishes')).toBe('outside finish')
    expect(kindWord('enclosure-products')).toBe('enclosure')
    expect(kindWord('requirements')).toBe('requirement')
  })
})
