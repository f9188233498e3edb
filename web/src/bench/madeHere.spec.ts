import { describe, expect, it } from 'vitest'
import { shallowRef } from 'vue'
import { useMadeHere } from './madeHere'

describe('a thing made here', () => {
  it('stays as typed until it is read, and is not there twice then', () => {
    const read = shallowRef<{ id: string; why: string }[]>([])
    const here = useMadeHere(() => read.value)
    here.put({ id: 'a', why: '' })
    here.put({ id: 'a', why: 'clock' })
    expect(here.unread.value).toEqual([{ id: 'a', why: 'clock' }])
    read.value = [{ id: 'a', why: 'clock' }]
    expect(here.unread.value).toEqual([])
  })
  it('goes when it is taken out', () => {
    const here = useMadeHere<{ id: string }>(() => [])
    here.put({ id: 'a' })
    here.drop('a')
    expect(here.unread.value).toEqual([])
  })
})
