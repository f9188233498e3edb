import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get } from '../api/client'
import type { WorkshopView } from '../api/types'
import { useSaver } from './saver'

type Book = WorkshopView['book']
const LIST_OF: Record<string, keyof Omit<Book, 'workshop'>> = {
  people: 'people',
  stations: 'stations',
  suppliers: 'suppliers',
  paints: 'paints',
  sheets: 'sheets',
  films: 'films',
  filaments: 'filaments',
  machines: 'machines',
  offcuts: 'offcuts',
  airs: 'airs',
  'test-cards': 'cards',
}

/** The workshop's settings and stock lists. */
export const useWorkshop = defineStore('workshop', () => {
  const saver = useSaver()
  const view = ref<WorkshopView | null>(null)
  const book = computed(() => view.value?.book ?? null)
  const currency = computed(() => book.value?.workshop.currency ?? 'EUR')

  async function load(force = false) {
    if (view.value && !force) return
    const mark = saver.mark()
    const fresh = await get<WorkshopView>('/api/workshop')
    if (view.value && !mark.isCurrent()) return
    for (const [key, version] of Object.entries(fresh.versions)) {
      if (!saver.pending.has(path(key))) saver.versions.set(path(key), version)
    }
    for (const edit of saver.pending.values()) {
      if (edit.path.startsWith('/api/workshop/'))
        put(fresh.book, edit.key.split('/')[0], edit.value)
    }
    view.value = fresh
  }
  function path(key: string) {
    return `/api/workshop/${key}`
  }
  function put(into: Book, kind: string, value: unknown) {
    if (kind === 'workshops') into.workshop = value as Book['workshop']
    else {
      const list = into[LIST_OF[kind]] as { id: string }[]
      const at = list.findIndex((thing) => thing.id === (value as { id: string }).id)
      if (at >= 0) list[at] = value as { id: string }
      else list.push(value as { id: string })
    }
  }
  function edit<T extends { id: string }>(kind: string, thing: T, change: Partial<T>) {
    if (!view.value) return
    const value = { ...thing, ...change }
    put(view.value.book, kind, value)
    saver.save({ key: `${kind}/${thing.id}`, path: path(`${kind}/${thing.id}`), value })
  }
  function problem(kind: string, thingId: string, field: string) {
    return saver.problem(`${kind}/${thingId}`, field)
  }
  const supplierName = (id: string) =>
    book.value?.suppliers.find((supplier) => supplier.id === id)?.name ?? 'no supplier'
  const personName = (id?: string | null) =>
    book.value?.people.find((person) => person.id === id)?.name ?? ''
  const caution = (key: string) => view.value?.cautions.find((text) => text.key === key)

  return { view, book, currency, load, edit, problem, supplierName, personName, caution }
})
