<script setup lang="ts">
import { computed } from 'vue'
import type { Offcut, RackThing } from '../../api/types'
import { useWorkshop } from '../../store/workshop'
import { pathBox } from '../pathBox'
import { ageOf, amount, there } from './useRack'

/** Whole sheets and what jobs have left, to one scale. */
const props = defineProps<{
  things: RackThing[]
  offcuts: Offcut[]
  chosen: string
  today: string
}>()
defineEmits<{ choose: [thing: RackThing] }>()
const workshop = useWorkshop()
/** Only what is there or wanted is drawn: the rest is bought when somebody uses it. */
const drawn = computed(() => props.things.filter(there))
const MOST_PX = 118
const scale = computed(
  () => MOST_PX / Math.max(1, ...drawn.value.map((thing) => thing.widthMm ?? 0)),
)
const size = (thing: RackThing) => ({
  width: `${(thing.widthMm ?? 0) * scale.value}px`,
  height: `${(thing.heightMm ?? 0) * scale.value}px`,
  background: thing.colourHex,
})
const rest = (offcut: Offcut) => {
  const box = pathBox(offcut.path)
  return {
    viewBox: `0 ${-box.h} ${box.w} ${box.h}`,
    width: Math.max(14, box.w * scale.value),
    height: Math.max(14, box.h * scale.value),
    fill: workshop.book!.sheets.find((sheet) => sheet.id === offcut.sheetId)?.colourHex ?? '#999',
  }
}
/** The oldest first: it is used up before another is cut. Of which nobody knows come last. */
const byAge = computed(() =>
  [...props.offcuts].sort((a, b) => (a.cutOn ?? '~').localeCompare(b.cutOn ?? '~')),
)
const tells = (thing: RackThing) =>
  `${thing.name}: ${amount(thing, thing.have)}, wanted ${amount(thing, thing.wanted)}`
</script>

<template>
  <p v-if="!drawn.length && !offcuts.length" class="soft">No sheet is here, and none is wanted.</p>
  <ul class="sheets">
    <li v-for="thing in drawn" :key="thing.id">
      <button
        type="button"
        :aria-pressed="chosen === thing.id"
        :aria-label="tells(thing)"
        @click="$emit('choose', thing)"
      >
        <i class="sheet" :class="{ none: thing.have < 1 }" :style="size(thing)" />
        <span class="name" :class="{ short: thing.missing > 0 }">{{ thing.name }}</span>
        <span class="mono" :class="{ short: thing.missing > 0 }"
          >{{ Math.round(thing.have) }} of {{ Math.round(thing.wanted * 10) / 10 }} wanted</span
        >
      </button>
    </li>
    <li v-for="offcut in byAge" :key="offcut.id" class="rest">
      <svg v-bind="rest(offcut)" role="img" :aria-label="offcut.name">
        <path :d="offcut.path" transform="scale(1 -1)" />
      </svg>
      <span class="name">{{ offcut.name }}</span>
      <span class="soft small">{{ offcut.place }}</span>
      <span class="soft small">{{ ageOf(offcut.cutOn, today) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.sheets {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 12px 16px;
  margin: 8px 0 0;
  padding: 0;
  align-items: end;
}
button {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  text-align: left;
  cursor: pointer;
  display: grid;
  max-width: 124px;
}
.sheet {
  border: 1px solid var(--smoke);
  display: block;
}
.sheet.none {
  opacity: 0.25;
  border-style: dashed;
}
button[aria-pressed='true'] .sheet {
  outline: 2px solid var(--ember);
}
.name,
.mono {
  font-size: 12px;
}
.short {
  color: var(--madder);
  font-weight: 650;
}
.rest {
  display: grid;
  justify-items: start;
}
.rest path {
  stroke: var(--ember);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.small {
  font-size: 12px;
}
</style>
