/** A rectangle in pixels, y downwards. */
export interface Area {
  x: number
  y: number
  width: number
  height: number
}

/** Something to be written on a drawing, and the places for it, best first: each its middle. */
export interface Label {
  key: string
  text: string
  places: { x: number; y: number }[]
}

const CHARACTER_PX = 7.6
const HEIGHT_PX = 15
const AIR_PX = 1

/** The room that a text in the drawings' script takes. */
export function room(text: string, at: { x: number; y: number }): Area {
  const width = text.length * CHARACTER_PX + 2
  return { x: at.x - width / 2, y: at.y - HEIGHT_PX / 2, width, height: HEIGHT_PX }
}

export function overlap(a: Area, b: Area): boolean {
  return (
    a.x < b.x + b.width + AIR_PX &&
    b.x < a.x + a.width + AIR_PX &&
    a.y < b.y + b.height + AIR_PX &&
    b.y < a.y + a.height + AIR_PX
  )
}

const within = (inner: Area, outer: Area) =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.width <= outer.x + outer.width &&
  inner.y + inner.height <= outer.y + outer.height

/** Places for a label of something: its middle, the thirds and corners inside, then around it. */
export function placesAround(of: Area, text: string): { x: number; y: number }[] {
  const { width, height } = room(text, { x: 0, y: 0 })
  const inside = [0.5, 0.25, 0.75].flatMap((down) =>
    [0.5, 0.25, 0.75].map((across) => ({
      x: of.x + of.width * across,
      y: of.y + of.height * down,
    })),
  )
  const middle = { x: of.x + of.width / 2, y: of.y + of.height / 2 }
  const around = [
    { x: middle.x, y: of.y - height / 2 - 2 },
    { x: middle.x, y: of.y + of.height + height / 2 + 2 },
    { x: of.x - width / 2 - 2, y: middle.y },
    { x: of.x + of.width + width / 2 + 2, y: middle.y },
  ]
  return [...inside, ...around]
}

/**
 * Where labels stand so that none lies over another or leaves the drawing; the first have the first
 * choice. What has no room is `listed`: it is said in the list beside the drawing.
 *
 * @param taken what stands there already
 */
export function placeLabels(labels: Label[], drawing: Area, taken: Area[] = []) {
  const shown: { key: string; text: string; x: number; y: number }[] = []
  const listed: string[] = []
  const full = [...taken]
  for (const { key, text, places } of labels) {
    const at = places.find((place) => {
      const area = room(text, place)
      return within(area, drawing) && !full.some((other) => overlap(area, other))
    })
    if (at) {
      full.push(room(text, at))
      shown.push({ key, text, ...at })
    } else listed.push(key)
  }
  return { shown, listed }
}
