import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { getIfOther } from '../api/client'
import type { WorkshopView } from '../api/types'
import { writing, zone } from '../units/writing'
import { useSaver } from './saver'
import { findThing, partsOf, putThing, type Thing } from './things'

/** Kinds of things that people choose among. */
type Offered = 'suppliers' | 'people' | 'paints' | 'films' | 'filaments' | 'sheets' | 'machines'

/** The workshop's settings and stock lists. */
export const useWorkshop = defineStore('workshop', () => {
  const saver = useSaver()
  const view = ref<WorkshopView | null>(null)
  /** What the server calls what is shown, nothing where something else is: that is asked for anew. */
  let tag = ''
  const book = computed(() => view.value?.book ?? null)
  const currency = computed(() => book.value?.workshop.currency ?? 'EUR')

  watch(
    () => book.value?.workshop?.writing,
    (own) => {
      if (own) writing.value = own
    },
    { flush: 'sync' },
  )

  watch(
    () => book.value?.workshop?.zone,
    (own) => {
      if (own) zone.value = own
    },
    { flush: 'sync' },
  )

  async function load(force = false) {
    if (view.value && !force) return
    const mark = saver.mark()
    const other = await getIfOther<WorkshopView>('/api/workshop', tag)
    if (!other || (view.value && !mark.isCurrent())) return
    const fresh = other.value
    tag = other.tag
    for (const [key, version] of Object.entries(fresh.versions)) {
      saver.reads(path(key), version)
    }
    for (const edit of saver.unstored('/api/workshop/')) {
      const [kind, id] = partsOf(edit.key)
      const stored = findThing(fresh.book, kind, id)
      put(fresh, kind, id, saver.typedOver(edit.path, stored))
    }
    view.value = fresh
  }
  function put(shown: WorkshopView, kind: string, id: string, value: unknown) {
    tag = ''
    putThing(shown.book, kind, id, value)
  }
  function path(key: string) {
    return `/api/workshop/${key}`
  }
  function edit<T extends Thing>(kind: string, thing: T, change: Partial<T>) {
    if (!view.value) return
    const value = { ...thing, ...change }
    const address = path(`${kind}/${thing.id}`)
    const before = findThing(view.value.book, kind, thing.id)
    if (before && saver.unstored(address).length === 0) saver.holds(address, before)
    put(view.value, kind, thing.id, value)
    saver.save({ key: `${kind}/${thing.id}`, path: address, value })
  }
  /** Takes a thing away: gone from the screen at once, from the server shortly. */
  async function remove(kind: string, id: string) {
    if (view.value) put(view.value, kind, id, null)
    saver.save({ key: `${kind}/${id}`, path: path(`${kind}/${id}`), value: null })
    await saver.settled()
    if (!saver.away) await load(true)
  }
  function problem(kind: string, thingId: string, field: string) {
    return saver.problem(`${kind}/${thingId}`, field)
  }
  /** Whether nobody is to choose it any more; it stays where it is used. */
  const retired = (kind: string, id: string) =>
    book.value?.retired.some((each) => each.kind === kind && each.thingId === id) ?? false
  /** Things of a kind that can be chosen: not what is retired, but for what is chosen already. */
  function offered<K extends Offered>(kind: K, chosen?: string | null): WorkshopView['book'][K] {
    const all = (book.value?.[kind] ?? []) as { id: string }[]
    return all.filter(
      (each) => each.id === chosen || !retired(kind, each.id),
    ) as WorkshopView['book'][K]
  }
  /** Retires a thing, or takes it back. */
  function retire(kind: string, thingId: string, away: boolean) {
    const id = `${kind}-${thingId}`
    if (away) edit('retired', { id, kind, thingId }, {})
    else void remove('retired', id)
  }
  const supplierName = (id: string) =>
    book.value?.suppliers.find((supplier) => supplier.id === id)?.name ?? 'no supplier'
  const personName = (id?: string | null) =>
    book.value?.people.find((person) => person.id === id)?.name ?? ''
  const caution = (key: string) => view.value?.cautions.find((text) => text.key === key)

  return {
    view,
    book,
    currency,
    load,
    edit,
    remove,
    problem,
    retired,
    offered,
    retire,
    supplierName,
    personName,
    caution,
  }
})
