<script setup lang="ts">
import { computed } from 'vue'
import type { Joins, WiringModel } from '../api/types'
import { useWidth } from '../ui/useWidth'
import { said } from '../units/writing'
import { placesOf, type Socket, type Taker } from './wiringPlaces'

/**
 * What gives, what lies between, what is fed, each in its place, and the ropes between them. An end
 * that is picked shows which others it may join.
 */
const props = defineProps<{ wiring: WiringModel; picked: string; joins: Joins | null }>()
const emit = defineEmits<{ pick: [end: string] }>()
const { width } = useWidth('sized', 860)
const places = computed(() => placesOf(props.wiring, width.value))
const box = (spot: { x: number; y: number; width: number; height: number }) => ({
  left: `${spot.x}px`,
  top: `${spot.y}px`,
  width: `${spot.width}px`,
  height: `${spot.height}px`,
})
/** The glass to scale within its place. */
function glass(taker: Taker) {
  if (!taker.widthMm) return { width: width.value < 760 ? '44px' : '64px', height: '20px' }
  const scale = Math.min((width.value < 760 ? 52 : 84) / taker.widthMm, 44 / taker.heightMm)
  return { width: `${taker.widthMm * scale}px`, height: `${taker.heightMm * scale}px` }
}
/** Whether an end may join the one that is picked: told by words and a ring, never colour alone. */
function joinOf(end: string) {
  if (!props.joins || end === props.picked) return ''
  const join = props.joins.joins.find((each) => each.sinkId === end || each.sourceId === end)
  return !join ? 'never' : join.now ? 'now' : join.may ? 'may' : 'never'
}
const lit = (id: string) => props.wiring.ropes.some((rope) => rope.lit && rope.from === id)
const label = (socket: Socket) =>
  `${socket.name}${socket.lacking ? ', dead' : lit(socket.id) ? ', used' : ', free'}`
</script>

<template>
  <div ref="sized" class="picture" :style="{ height: `${places.height}px` }">
    <svg :width="width" :height="places.height" aria-hidden="true">
      <template v-for="rope in places.ropes" :key="rope.of.from + rope.of.to">
        <path v-if="rope.of.lit" :d="rope.d" class="rope" />
        <path v-if="rope.of.lit" :d="rope.d" class="lay" />
        <path v-else :d="rope.d" class="missing" />
      </template>
      <g v-for="rope in places.ropes" :key="`words ${rope.of.from} ${rope.of.to}`">
        <rect
          v-if="rope.of.lit"
          :x="rope.to.x - 8"
          :y="rope.to.y - 5"
          width="9"
          height="10"
          class="plug"
        />
        <text
          v-for="(line, index) in rope.lines"
          :key="index"
          :x="rope.x"
          :y="rope.y - (rope.lines.length - 1 - index) * 13 - 1"
          text-anchor="end"
          class="words"
          :class="{ dark: !rope.of.lit }"
        >
          {{ said(line) }}
        </text>
      </g>
    </svg>
    <div v-for="spot in places.givers" :key="spot.of.id" class="giver" :style="box(spot)">
      <strong>{{ spot.of.name }}</strong>
      <span class="soft">{{ spot.of.note }}</span>
    </div>
    <button
      v-for="spot in places.sockets"
      :key="spot.of.id"
      type="button"
      class="socket"
      :class="[joinOf(spot.of.id), { used: lit(spot.of.id), dead: spot.of.lacking }]"
      :style="box(spot)"
      :aria-pressed="picked === spot.of.id"
      :data-end="spot.of.id"
      :aria-label="label(spot.of)"
      @click="emit('pick', spot.of.id)"
    >
      <span>{{ spot.of.name }}</span>
      <i aria-hidden="true" />
    </button>
    <div v-for="spot in places.between" :key="spot.of.id" class="between" :style="box(spot)">
      <strong>{{ spot.of.name }}</strong>
      <span class="mono">{{ spot.of.note }}</span>
    </div>
    <button
      v-for="spot in places.takers"
      :key="spot.of.id"
      type="button"
      class="taker"
      :class="[joinOf(spot.of.id), { dark: !spot.of.lit, screen: spot.of.kind === 'SCREEN' }]"
      :style="box(spot)"
      :aria-pressed="picked === spot.of.id"
      :data-end="spot.of.id"
      @click="emit('pick', spot.of.id)"
    >
      <span class="stand" :class="{ narrow: width < 760 }"
        ><i :style="glass(spot.of)" aria-hidden="true"
      /></span>
      <span class="told">
        <strong
          >{{ spot.of.name
          }}<template v-if="!spot.of.lit">
            · {{ spot.of.kind === 'SCREEN' ? 'dark' : 'no port' }}</template
          ><template v-if="spot.of.fixed"> · fixed</template></strong
        >
        <span class="mono">{{ said(spot.of.note) }}</span>
      </span>
    </button>
  </div>
</template>

<style scoped>
.picture {
  position: relative;
  min-width: 620px;
}
svg {
  position: absolute;
  inset: 0;
}
.rope {
  fill: none;
  stroke: var(--rope);
  stroke-width: 5;
}
.lay {
  fill: none;
  stroke: var(--smoke);
  stroke-width: 5;
  stroke-dasharray: 1.5 5;
  opacity: 0.4;
}
.missing {
  fill: none;
  stroke: var(--madder);
  stroke-width: 2;
  stroke-dasharray: 7 5;
}
.plug {
  fill: var(--ink);
}
.words {
  font-family: var(--mono);
  font-size: 11px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--ash);
  stroke-width: 4px;
}
.words.dark {
  fill: var(--madder);
}
.giver,
.between {
  position: absolute;
  border: 1px solid var(--smoke);
  padding: 5px 9px;
  background: var(--paper);
  display: flex;
  flex-direction: column;
  line-height: 1.25;
  overflow: hidden;
}
.giver span {
  font-size: 12px;
}
.between {
  background: var(--kraft);
  font-size: 13px;
}
.between .mono {
  font-size: 11px;
}
button {
  position: absolute;
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  color: var(--ink);
  cursor: pointer;
  text-align: left;
}
.socket {
  display: flex;
  justify-content: flex-end;
  align-items: center;
  gap: 8px;
  font-family: var(--mono);
  font-size: 12px;
}
.socket span {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.socket i {
  width: 12px;
  height: 11px;
  flex: none;
  border: 1.5px solid var(--smoke);
  background: var(--paper);
  margin-right: -6px;
}
.socket.used i {
  background: var(--ink);
  border-color: var(--ink);
}
.socket:not(.used) {
  color: var(--smoke);
}
.socket.dead span {
  text-decoration: line-through;
}
.taker {
  display: flex;
  align-items: center;
  gap: 12px;
}
.stand {
  width: 88px;
  flex: 0 1 auto;
  min-width: 56px;
  overflow: hidden;
  display: flex;
  justify-content: flex-start;
}
.stand.narrow {
  width: 56px;
}
.stand i {
  display: block;
  border: 2px solid var(--smoke);
  background: var(--paper);
}
.screen .stand i {
  background: #14201e;
  border: 3px solid var(--rope);
}
.screen.dark .stand i {
  border-color: var(--madder);
}
.told {
  display: flex;
  flex-direction: column;
  line-height: 1.25;
  min-width: 0;
}
.told strong {
  font-size: 13px;
}
.told .mono {
  font-size: 11px;
  color: var(--smoke);
  overflow-wrap: anywhere;
}
.dark .told strong {
  color: var(--madder);
}
.may i {
  outline: 2px solid var(--verdigris);
  outline-offset: 2px;
}
.now i {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
.never i {
  opacity: 0.35;
}
.never,
.never .told strong {
  color: var(--smoke);
}
button[aria-pressed='true'] {
  outline: 2px solid var(--ember);
  outline-offset: 1px;
}
button:hover strong,
.socket:hover span {
  text-decoration: underline;
}
</style>
