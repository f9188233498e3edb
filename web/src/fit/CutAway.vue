<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlacedThing, SpaceModel } from '../api/types'
import DimensionLine from '../ui/DimensionLine.vue'
import ScaledDrawing from '../ui/ScaledDrawing.vue'
import { placeLabels, placesAround, room, type Area } from '../ui/labels'
import { flat, gaps, pieces, type Flat, type Sight } from './projection'
import { fixed } from '../units/writing'

/**
 * The enclosure cut open, to scale: bays as outlines, what is in them as blocks, the free lengths
 * of the picked one as dimensions. A block can be dragged to another place, or moved by arrows.
 */
const props = defineProps<{
  space: Pick<SpaceModel, 'outer' | 'bays' | 'things'> &
    Partial<Pick<SpaceModel, 'unplaced' | 'screens'>>
  sight: Sight
  height: number
  picked: string | null
  pickedBay?: string | null
  movable?: boolean
  roomMm?: number
  scale?: number
  mounts?: { name: string; xMm: number; yMm: number; zMm: number }[]
  centre?: { xMm: number; yMm: number; zMm: number } | null
}>()
const emit = defineEmits<{
  pick: [id: string]
  move: [thing: PlacedThing, acrossMm: number, upMm: number]
}>()
const TITLES: Record<Sight, string> = {
  plan: 'plan, back above',
  front: 'from the front',
  side: 'from the right, front left',
}
const outer = computed(() => flat(props.space.outer, props.sight))
const drawn = computed(() => pieces(props.space.things, props.sight))
const numbers = computed(() => new Map(props.space.things.map((t, i) => [t.id, i + 1])))
const chosen = computed(() => props.space.things.find((t) => t.id === props.picked) ?? null)
const hull = computed(() => (chosen.value ? flat(chosen.value.hull, props.sight) : null))
const free = computed(() => (chosen.value ? gaps(chosen.value, props.sight) : null))
const crosses = computed(() =>
  (props.mounts ?? []).map((mount) => ({
    name: mount.name,
    at: flat({ ...mount, widthMm: 0, depthMm: 0, heightMm: 0 }, props.sight),
  })),
)
const ghosts = computed(() =>
  (props.space.unplaced ?? []).flatMap((missing) =>
    missing.ghost ? [{ ...missing, at: flat(missing.ghost, props.sight) }] : [],
  ),
)
const centreAt = computed(() =>
  props.centre ? flat({ ...props.centre, widthMm: 0, depthMm: 0, heightMm: 0 }, props.sight) : null,
)

const by = ref({ id: '', across: 0, up: 0 })
let grabbed: { thing: PlacedThing; x: number; y: number; scale: number } | null = null
function grab(event: PointerEvent, thing: PlacedThing, scale: number) {
  emit('pick', thing.id)
  if (!props.movable) return
  grabbed = { thing, x: event.clientX, y: event.clientY, scale }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function pull(event: PointerEvent) {
  if (!grabbed) return
  by.value = {
    id: grabbed.thing.id,
    across: (event.clientX - grabbed.x) / grabbed.scale,
    up: -(event.clientY - grabbed.y) / grabbed.scale,
  }
}
function drop() {
  const { across, up } = by.value
  if (grabbed && Math.hypot(across, up) * grabbed.scale > 3) emit('move', grabbed.thing, across, up)
  grabbed = null
  by.value = { id: '', across: 0, up: 0 }
}
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function key(event: KeyboardEvent, thing: PlacedThing) {
  if (event.key === 'Enter' || event.key === ' ') emit('pick', thing.id)
  else if (STEPS[event.key] && props.movable) {
    const step = event.shiftKey ? 10 : 1
    const [across, up] = STEPS[event.key]
    emit('move', thing, across * step, up * step)
  } else return
  event.preventDefault()
}
type To = (mm: number) => number
/** The free lengths of the picked one; its numbers come first, the labels keep off them. */
function dimensions(x: To, y: To, s: To) {
  if (!hull.value || !free.value) return []
  const { x: left, y: low, width, height } = hull.value
  const { across, up } = free.value
  const [middle, centre] = [y(low + height / 2), x(left + width / 2)]
  const line = (mm: number, x1: number, x2: number, y1: number, y2: number) => ({
    ...{ x1, x2, y1, y2 },
    text: number(mm),
    room: s(mm),
    upright: x1 === x2,
  })
  return [
    line(across.low, x(left - across.low), x(left), middle, middle),
    line(across.high, x(left + width), x(left + width + across.high), middle, middle),
    line(up.low, centre, centre, y(low), y(low - up.low)),
    line(up.high, centre, centre, y(low + height + up.high), y(low + height)),
  ].filter((each) => each.room > (each.upright ? 14 : 20))
}
const area = (at: Flat, x: To, y: To, s: To): Area => ({
  x: x(at.x),
  y: y(at.y + at.height),
  width: s(at.width),
  height: s(at.height),
})
/** What is short where, then the numbers of the list; what has no room is said there only. */
function labels(x: To, y: To, s: To) {
  const short = ghosts.value
    .filter(
      (ghost) =>
        /height/.test(ghost.missing) === (props.sight === 'front') && props.sight !== 'side',
    )
    .map((ghost) => {
      const text = `${ghost.missing.replace(/ [a-z]+$/, '')} short`
      const around = placesAround(area(ghost.at, x, y, s), text)
      return { key: `short ${ghost.name}`, text, places: [...around.slice(-3), ...around] }
    })
  const numbered = drawn.value
    .filter((piece) => piece.main)
    .map((piece) => {
      const text = String(numbers.value.get(piece.thing.id))
      return { key: piece.thing.id, text, places: placesAround(area(piece.at, x, y, s), text) }
    })
  const taken = dimensions(x, y, s).map((line) =>
    room(`${line.text} `, { x: (line.x1 + line.x2) / 2, y: (line.y1 + line.y2) / 2 }),
  )
  const sheet = area({ x: 0, y: 0, width: outer.value.width, height: outer.value.height }, x, y, s)
  const drawing = {
    x: sheet.x - 20,
    y: sheet.y,
    width: sheet.width + 40,
    height: sheet.height + 20,
  }
  return placeLabels([...short, ...numbered], drawing, by.value.id ? [] : taken).shown
}
const shift = (id: string, s: (mm: number) => number) =>
  by.value.id === id ? `translate(${s(by.value.across)} ${-s(by.value.up)})` : undefined
const number = (mm: number) => fixed(mm, 1)
</script>

<template>
  <figure>
    <figcaption>{{ TITLES[sight] }}</figcaption>
    <ScaledDrawing
      :width-mm="outer.width"
      :height-mm="outer.height"
      :height="height"
      :label="`The enclosure ${TITLES[sight]}, ${space.things.length} things in it`"
      group
      :room-mm="roomMm"
      :scale="scale"
    >
      <template #default="{ x, y, s }">
        <rect
          :x="x(0)"
          :y="y(outer.height)"
          :width="s(outer.width)"
          :height="s(outer.height)"
          class="outer"
        />
        <rect
          v-for="bay in space.bays"
          :key="bay.id"
          :x="x(flat(bay.box, sight).x)"
          :y="y(flat(bay.box, sight).y + flat(bay.box, sight).height)"
          :width="s(flat(bay.box, sight).width)"
          :height="s(flat(bay.box, sight).height)"
          :class="['bay', { changed: bay.changed, chosen: bay.id === pickedBay }]"
        >
          <title>{{ bay.name }}</title>
        </rect>
        <g
          v-for="piece in drawn"
          :key="piece.key"
          :class="['thing', { chosen: piece.thing.id === picked, movable }]"
          :transform="shift(piece.thing.id, s)"
          :tabindex="piece.main ? 0 : undefined"
          :role="piece.main ? 'button' : undefined"
          :aria-label="piece.main ? piece.thing.name : undefined"
          :aria-pressed="piece.main ? piece.thing.id === picked : undefined"
          @pointerdown="grab($event, piece.thing, s(1))"
          @pointermove="pull"
          @pointerup="drop"
          @keydown="key($event, piece.thing)"
        >
          <rect
            :x="x(piece.at.x)"
            :y="y(piece.at.y + piece.at.height)"
            :width="s(piece.at.width)"
            :height="s(piece.at.height)"
            :class="[piece.role, piece.thing.kind.toLowerCase()]"
          >
            <title>{{ piece.thing.name }}</title>
          </rect>
        </g>
        <rect
          v-for="screen in space.screens ?? []"
          :key="screen.screenId"
          :x="x(flat(screen.box, sight).x)"
          :y="y(flat(screen.box, sight).y + flat(screen.box, sight).height)"
          :width="Math.max(2, s(flat(screen.box, sight).width))"
          :height="Math.max(2, s(flat(screen.box, sight).height))"
          class="screen"
        />
        <g v-for="ghost in ghosts" :key="ghost.name" class="ghost">
          <rect
            :x="x(ghost.at.x)"
            :y="y(ghost.at.y + ghost.at.height)"
            :width="s(ghost.at.width)"
            :height="s(ghost.at.height)"
          >
            <title>{{ ghost.name }} doesn’t go in</title>
          </rect>
        </g>
        <template v-if="by.id === ''">
          <DimensionLine v-for="line in dimensions(x, y, s)" v-bind="line" :key="line.text" />
        </template>
        <text
          v-for="label in labels(x, y, s)"
          :key="label.key"
          :class="{ short: label.key.startsWith('short') }"
          :x="label.x"
          :y="label.y + 4.5"
          :transform="shift(label.key, s)"
        >
          {{ label.text }}
        </text>
        <path
          v-for="(mount, index) in crosses"
          :key="'m' + index"
          class="mount"
          :d="`M${x(mount.at.x) - 5} ${y(mount.at.y)}h10m-5 -5v10`"
        >
          <title>{{ mount.name }}</title>
        </path>
        <g v-if="centreAt" class="centre">
          <title>Centre of gravity</title>
          <circle :cx="x(centreAt.x)" :cy="y(centreAt.y)" r="7" />
          <line
            :x1="x(centreAt.x) - 12"
            :x2="x(centreAt.x) + 12"
            :y1="y(centreAt.y)"
            :y2="y(centreAt.y)"
          />
          <line
            :x1="x(centreAt.x)"
            :x2="x(centreAt.x)"
            :y1="y(centreAt.y) - 12"
            :y2="y(centreAt.y) + 12"
          />
        </g>
        <slot :x="x" :y="y" :s="s" />
      </template>
    </ScaledDrawing>
  </figure>
</template>

<style scoped>
.screen {
  fill: #14201e;
  fill-opacity: 0.25;
  pointer-events: none;
  stroke: var(--rope);
  stroke-width: 1.5;
}
figure {
  margin: 0;
  min-width: 0;
}
figcaption {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
.outer {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.8;
}
.bay {
  fill: none;
  stroke: var(--rope);
  stroke-width: 1.2;
}
.bay.changed {
  stroke: var(--ember);
  stroke-dasharray: 7 3;
}
.bay.chosen {
  stroke: var(--ember);
  stroke-width: 2.4;
  fill: color-mix(in srgb, var(--glow) 18%, transparent);
}
.thing {
  outline: none;
}
.thing.movable {
  cursor: grab;
}
.body {
  fill: var(--kraft);
  fill-opacity: 0.74;
  stroke: var(--ink);
  stroke-width: 1.1;
}
.board,
.memory {
  fill: color-mix(in srgb, var(--verdigris) 55%, var(--paper));
}
.graphics,
.drive {
  fill: color-mix(in srgb, var(--slate) 50%, var(--paper));
}
.supply {
  fill: color-mix(in srgb, var(--smoke) 62%, var(--paper));
}
.radiator,
.cooler,
.block,
.pump,
.reservoir,
.fan {
  fill: color-mix(in srgb, var(--rope) 62%, var(--paper));
}
.hard,
.soft {
  fill: none;
  stroke: var(--smoke);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
.hard {
  fill: color-mix(in srgb, var(--smoke) 14%, transparent);
}
.thing.chosen .body {
  stroke: var(--ember);
  stroke-width: 2.6;
}
.thing:focus-visible .body {
  stroke: var(--focus);
  stroke-width: 3.2;
}
text {
  font-family: var(--mono);
  font-size: 12.5px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
  pointer-events: none;
}
.mount {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.6;
}
.ghost rect {
  fill: none;
  stroke: var(--madder);
  stroke-width: 1.8;
  stroke-dasharray: 6 4;
}
.short {
  fill: var(--madder);
  font-size: 11.5px;
}
.centre circle {
  fill: var(--ember);
  fill-opacity: 0.25;
}
.centre circle,
.centre line {
  stroke: var(--ember);
  stroke-width: 1.8;
}
</style>
