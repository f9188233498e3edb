import type { Build, ElevationItem, Elevation, FaceItem, Panel } from '../api/types'
import { PLAIN_PART } from '../make/figureWords'
import { PLAIN } from './placing'

/** What "Add to this face" offers: kinds of things, and things of the build that lie nowhere yet. */
export interface Offer {
  value: string
  label: string
}

const KIND_OFFERS: Offer[] = [
  { value: 'PANEL', label: 'panel, a part made here' },
  { value: 'WINDOW', label: 'window, cut in a part' },
  { value: 'CUT_OUT', label: 'cut-out' },
  { value: 'VENT', label: 'vent field' },
  { value: 'VINYL', label: 'vinyl art' },
  { value: 'ENGRAVING', label: 'engraving' },
  { value: 'BADGE', label: 'badge' },
  { value: 'HANDLE', label: 'handle' },
  { value: 'FOOT', label: 'foot' },
  { value: 'BOUGHT', label: 'bought item' },
  { value: 'SCREEN', label: 'screen not chosen yet' },
  { value: 'LIGHT_RUN', label: 'light not chosen yet' },
]

export function offers(build: Build): Offer[] {
  const placed = new Set(build.items.map((item) => item.ofId))
  const free = <T extends { id: string; name: string }>(things: T[], kind: string, words: string) =>
    things
      .filter((thing) => !placed.has(thing.id))
      .map((thing) => ({ value: `${kind}/${thing.id}`, label: `${words}: ${thing.name}` }))
  return [
    ...KIND_OFFERS,
    ...free(build.screens, 'SCREEN', 'screen'),
    ...free(build.strips, 'LIGHT_RUN', 'light'),
    ...free(
      build.components.filter((each) => ['FAN', 'COOLER', 'OTHER'].includes(each.kind)),
      'BOUGHT',
      'bought',
    ),
  ]
}

/** A third of the face, in its middle. */
function middle(face: Elevation) {
  const widthMm = Math.round(face.widthMm / 3)
  const heightMm = Math.round(face.heightMm / 3)
  return {
    xMm: Math.round((face.widthMm - widthMm) / 2),
    yMm: Math.round((face.heightMm - heightMm) / 2),
    widthMm,
    heightMm,
  }
}

const USUAL_LAYER: Partial<Record<ElevationItem['kind'], FaceItem['layer']>> = {
  PANEL: 'IN',
  WINDOW: 'IN',
  CUT_OUT: 'IN',
  VENT: 'IN',
  SCREEN: 'BEHIND',
  LIGHT_RUN: 'BEHIND',
}

export function newItem(offer: string, id: string, face: Elevation, build: Build): FaceItem {
  const [kind, ofId] = offer.split('/') as [ElevationItem['kind'], string | undefined]
  const box = middle(face)
  const thing = [...build.screens, ...build.strips, ...build.components].find(
    (each) => each.id === ofId,
  )
  const ownSize = kind === 'SCREEN' && !!ofId
  const sizeless = ownSize || (kind === 'LIGHT_RUN' && !!ofId)
  const straight = kind === 'LIGHT_RUN' && !ofId ? { heightMm: 10 } : {}
  return {
    ...PLAIN,
    id: ofId ?? id,
    face: face.face,
    kind,
    name:
      thing?.name ?? `New ${KIND_OFFERS.find((each) => each.value === kind)!.label.split(',')[0]}`,
    layer: USUAL_LAYER[kind] ?? 'ON',
    ofId: ofId ?? null,
    ...box,
    ...straight,
    ...(sizeless ? { widthMm: null, heightMm: null, xMm: 10 } : {}),
    words: kind === 'VINYL' || kind === 'ENGRAVING' ? 'words' : '',
  }
}

/** A part as large as the face; for a window with an opening in its middle. */
export function newPanel(kind: 'PANEL' | 'WINDOW', face: Elevation, sheetId: string) {
  const { widthMm, heightMm } = face
  return {
    name:
      kind === 'WINDOW'
        ? `Window, ${face.face.toLowerCase()}`
        : `Panel, ${face.face.toLowerCase()}`,
    face: face.face,
    sheetId,
    widthMm,
    heightMm,
    quantity: 1,
    window: kind === 'WINDOW' ? opening(widthMm, heightMm) : null,
    holes: { insetMm: 12, greatestPitchMm: 90, diameterMm: 4 },
    cutMethod: 'LASER',
    outsidePriceMinor: 0,
    drawing: PLAIN_PART,
  } satisfies Omit<Panel, 'id'>
}

export function opening(widthMm: number, heightMm: number) {
  return {
    xMm: widthMm / 5,
    yMm: heightMm / 5,
    widthMm: (widthMm * 3) / 5,
    heightMm: (heightMm * 3) / 5,
    radiusMm: 3,
  }
}
