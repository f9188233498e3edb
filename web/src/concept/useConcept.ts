import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { get, Refusal, send, Unreachable } from '../api/client'
import type {
  ConceptView,
  FaceItem,
  FaceView,
  Look,
  OptionModel,
  Panel,
  PendingChange,
} from '../api/types'
import { useBuild } from '../store/build'
import { useSaver } from '../store/saver'

/** Things as they would be, in place of those with the same id. */
export interface Sketch {
  look?: Look
  items?: FaceItem[]
  panels?: Panel[]
}

/**
 * Faces, palette and numbers of the concept as the server derives them: of what is saved, or of
 * what is being dragged or typed. One question is under way at a time; the last one asked wins.
 */
export const useConcept = defineStore('concept', () => {
  const builds = useBuild()
  const saver = useSaver()
  /** Replaced as a whole: a drawing is large, and nothing in it is edited in place. */
  const view = shallowRef<ConceptView | null>(null)
  const options = ref<OptionModel[]>([])
  const pending = ref<PendingChange | null>(null)
  const picked = ref<string | null>(null)
  /** The scene whose light the faces are shown in, empty for dusk. */
  const scene = ref('')
  /** The thing under the hand: it stays where it is held, whatever an older answer says. */
  const held = ref<{ id: string; xMm: number; yMm: number } | null>(null)
  let waiting: Sketch | null = null
  let asking = false
  let of = ''

  const base = computed(() => `/api/builds/${encodeURIComponent(builds.id)}`)
  const faces = computed(() => view.value?.faces ?? [])
  const inScene = computed(() => (scene.value ? `?scene=${encodeURIComponent(scene.value)}` : ''))

  async function load() {
    const asked = builds.id
    if (!asked) return
    if (of !== asked) {
      of = asked
      view.value = null
      options.value = []
      scene.value = ''
      pending.value = null
      picked.value = null
      held.value = null
      waiting = null
    }
    const mark = saver.mark()
    const [fresh, change] = await Promise.all([
      get<ConceptView>(`${base.value}/concept${inScene.value}`),
      get<{ pending?: PendingChange | null }>(base.value + '/change-order'),
    ])
    if (asked !== builds.id) return
    pending.value = change.pending ?? null
    if (!held.value && (!view.value || mark.isCurrent())) show(fresh)
  }
  async function loadOptions() {
    const asked = builds.id
    const fresh = await get<OptionModel[]>(base.value + '/options')
    if (asked === builds.id) options.value = fresh
  }

  /** Faces that did not change stay the same objects: only what changed is painted anew. */
  function show(fresh: ConceptView) {
    const before = new Map(faces.value.map((face) => [face.elevation.face, face]))
    const same = (face: FaceView) => {
      const old = before.get(face.elevation.face)
      return old && JSON.stringify(old) === JSON.stringify(face) ? old : face
    }
    view.value = { ...fresh, faces: (fresh.faces ?? []).map((face) => same(shifted(face))) }
  }

  /** Shows what would follow from a sketch; nothing is kept. */
  function preview(sketch: Sketch) {
    waiting = { ...waiting, ...sketch }
    if (!asking) ask()
  }
  async function ask() {
    asking = true
    try {
      while (waiting) {
        const asked = builds.id
        const sketch = waiting
        waiting = null
        const fresh = await send<ConceptView>(
          'POST',
          `${base.value}/concept/preview${inScene.value}`,
          sketch,
        )
        if (asked === builds.id) show(fresh)
      }
    } catch (problem) {
      // a refusal is told where it is typed, a lost connection in the corner: both by the save
      if (!(problem instanceof Refusal || problem instanceof Unreachable)) throw problem
    } finally {
      asking = false
    }
  }

  /** Takes a thing along with the hand. */
  function hold(id: string, to: { xMm: number; yMm: number }) {
    held.value = { id, ...to }
    if (view.value) view.value = { ...view.value, faces: faces.value.map(shifted) }
  }
  function shifted(face: FaceView): FaceView {
    const hand = held.value
    if (!hand || !face.elevation.items.some((drawn) => drawn.id === hand.id)) return face
    const items = face.elevation.items.map((drawn) =>
      drawn.id === hand.id
        ? { ...drawn, place: { ...drawn.place, xMm: hand.xMm, yMm: hand.yMm } }
        : drawn,
    )
    return { ...face, elevation: { ...face.elevation, items } }
  }

  function editItem(item: FaceItem, change: Partial<FaceItem>) {
    const value = { ...item, ...change }
    builds.edit('items', value, {})
    preview({ items: [value] })
  }
  function editPanel(panel: Panel, change: Partial<Panel>) {
    const value = { ...panel, ...change }
    builds.edit('panels', value, {})
    preview({ panels: [value] })
  }
  function editLook(change: Partial<Look>) {
    const concept = builds.build!.concept
    const look = { ...concept.look, ...change }
    builds.edit('concepts', concept, { look })
    preview({ look })
  }

  watch(scene, () => {
    if (of === builds.id) load().catch(() => undefined)
  })
  // every answer of the server about the build is followed by one about its concept
  watch(
    () => builds.view?.revision,
    () => {
      if (of) load().catch(() => undefined)
    },
  )
  return {
    view,
    faces,
    options,
    pending,
    picked,
    scene,
    held,
    hold,
    base,
    load,
    loadOptions,
    preview,
    editItem,
    editPanel,
    editLook,
  }
})
