// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useSaver } from './saver'

const PATH = '/api/builds/b/panels/p'
let versionsSent: (string | undefined)[]

beforeEach(() => {
  vi.useFakeTimers()
  versionsSent = []
  document.body.innerHTML = '<input id="width" /><input type="checkbox" id="kept" />'
  vi.stubGlobal('fetch', async (_url: string, init: RequestInit) => {
    versionsSent.push((init.headers as Record<string, string>)['If-Match'])
    return new Response(JSON.stringify({ version: 20 }))
  })
  setActivePinia(createPinia())
})

function open() {
  const saver = useSaver()
  saver.begin('ines')
  saver.reads(PATH, 4)
  return saver
}
const type = async (widthMm: number) => {
  useSaver().save({ key: 'panels/p', path: PATH, value: { id: 'p', widthMm } })
  await vi.advanceTimersByTimeAsync(150)
}
function enter(id: string, typed = true) {
  const field = document.getElementById(id)!
  field.focus()
  if (typed) field.dispatchEvent(new Event('input', { bubbles: true }))
}

describe('what others stored while somebody types in a field', () => {
  it('is typed over on the version that was seen, so that the server asks', async () => {
    const saver = open()
    enter('width')
    saver.reads(PATH, 5)
    await type(410)
    expect(versionsSent).toEqual(['"4"'])
  })

  it('is seen when the field is left', async () => {
    const saver = open()
    enter('width')
    saver.reads(PATH, 5)
    document.getElementById('width')!.blur()
    await type(410)
    expect(versionsSent).toEqual(['"5"'])
  })

  it('is older than one’s own answer that came since', async () => {
    const saver = open()
    enter('width')
    saver.reads(PATH, 5)
    await type(410)
    document.getElementById('width')!.blur()
    await type(411)
    expect(versionsSent).toEqual(['"4"', '"20"'])
  })

  it('is seen at once where nothing was typed since the field was entered', async () => {
    const saver = open()
    enter('width', false)
    saver.reads(PATH, 5)
    await type(410)
    expect(versionsSent).toEqual(['"5"'])
  })

  it('is seen at once beside a box to tick, and where it is new', async () => {
    const saver = open()
    enter('kept')
    saver.reads(PATH, 5)
    await type(410)
    enter('width')
    saver.reads('/api/builds/b/panels/new', 1)
    expect(versionsSent).toEqual(['"5"'])
    expect(saver.versions.get('/api/builds/b/panels/new')).toBe(1)
  })
})
