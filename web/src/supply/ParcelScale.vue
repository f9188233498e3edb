<script setup lang="ts">
import { computed } from 'vue'
import type { BasketParcel } from '../api/types'
import { count, day } from '../ui/words'
import { said } from '../units/writing'
import { nameAt, neededTicks } from './parcels'

/** How long a parcel is on its way, against the days that need what is in it. */
const props = defineProps<{
  parcel: BasketParcel
  today: string
  perDay: number
  width: number
  of: string
}>()
const LEFT = 6
const x = (days: number) => LEFT + days * props.perDay
const arrives = computed(() => x(props.parcel.hereInDays))
const ticks = computed(() => {
  let free = -1
  return neededTicks(props.parcel, props.today, props.parcel.hereInDays).map((tick) => {
    const at = Math.max(LEFT, Math.min(x(tick.day), props.width - 4))
    const place = nameAt(at, props.width, free)
    free = place.free
    const name =
      tick.names.length === 1 ? tick.names[0] : `${tick.names[0]} +${tick.names.length - 1}`
    const short = name.length > 19 ? name.slice(0, 18) + '…' : name
    return { ...tick, x: at, turned: place.turned, text: place.named ? short : '' }
  })
})
const words = computed(() => {
  const here = `${props.of}: here ${count(props.parcel.hereInDays, 'days')} after it is sent`
  const late = ticks.value.filter((tick) => tick.late).flatMap((tick) => tick.names)
  return late.length ? `${here}; too late for ${late.join(', ')}` : here
})
const dayOf = (days: number) =>
  day(new Date(Date.parse(props.today + 'T00:00Z') + days * 864e5).toISOString().slice(0, 10))
</script>

<template>
  <svg :width="width" height="46" role="img" :aria-label="said(words)">
    <line :x1="LEFT" y1="23" :x2="width" y2="23" class="ground" />
    <line :x1="LEFT" y1="23" :x2="arrives" y2="23" class="way" />
    <rect :x="arrives - 5" y="16" width="10" height="14" class="box" />
    <g v-for="tick in ticks" :key="tick.day" :class="{ late: tick.late }">
      <title>{{ said(tick.names.join(', ')) }}: needed {{ dayOf(tick.day) }}</title>
      <line :x1="tick.x" y1="10" :x2="tick.x" y2="36" class="tick" />
      <path v-if="tick.late" :d="`M${tick.x - 4} 9h8l-4 -7z`" class="mark" />
      <text
        :x="tick.turned ? tick.x - 4 : tick.x + 4"
        y="43"
        :text-anchor="tick.turned ? 'end' : 'start'"
      >
        {{ said(tick.text) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}
.ground {
  stroke: var(--line);
  stroke-dasharray: 2 5;
}
.way {
  stroke: var(--rope);
  stroke-width: 5;
}
.box {
  fill: var(--kraft);
  stroke: var(--smoke);
}
.tick {
  stroke: var(--verdigris);
  stroke-width: 2;
}
text {
  font-size: 12px;
  fill: var(--verdigris);
}
.late .tick {
  stroke: var(--madder);
}
.late text,
.mark {
  fill: var(--madder);
}
</style>
