<script setup lang="ts">
import { computed } from 'vue'
import type { RackThing } from '../../api/types'
import { amount, there } from './useRack'

/** Film and filament: a disc as large as what is on it, a ring as large as what is wanted. */
const props = defineProps<{ things: RackThing[]; chosen: string }>()
defineEmits<{ choose: [thing: RackThing] }>()
const drawn = computed(() => props.things.filter(there))
const most = computed(() =>
  Math.max(1e-9, ...drawn.value.map((thing) => Math.max(thing.have, thing.wanted))),
)
const radius = (value: number) => 5 + 27 * Math.sqrt(value / most.value)
const tells = (thing: RackThing) =>
  `${thing.name}: ${amount(thing, thing.have)}, wanted ${amount(thing, thing.wanted)}`
</script>

<template>
  <p v-if="!drawn.length" class="soft">None is here, and none is wanted.</p>
  <ul class="rolls">
    <li v-for="thing in drawn" :key="thing.id">
      <button
        type="button"
        :aria-pressed="chosen === thing.id"
        :aria-label="tells(thing)"
        @click="$emit('choose', thing)"
      >
        <svg viewBox="-34 -34 68 68" width="68" height="68" aria-hidden="true">
          <circle
            v-if="thing.have > 0"
            :r="radius(thing.have)"
            :fill="thing.colourHex"
            class="on"
          />
          <circle
            v-if="thing.wanted > 0"
            :r="radius(thing.wanted)"
            class="want"
            :class="{ missing: thing.missing > 0 }"
          />
          <circle r="4" class="core" />
        </svg>
        <span class="name" :class="{ short: thing.missing > 0 }">{{ thing.name }}</span>
        <span class="mono">{{ amount(thing, thing.have) }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.rolls {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  margin: 6px 0 0;
  padding: 0;
}
button {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  cursor: pointer;
  display: grid;
  justify-items: center;
  width: 84px;
}
button[aria-pressed='true'] svg {
  outline: 2px solid var(--ember);
}
.on {
  stroke: var(--smoke);
}
.want {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 3;
}
.want.missing {
  stroke: var(--madder);
  stroke-width: 2;
}
.core {
  fill: var(--paper);
  stroke: var(--smoke);
}
.name,
.mono {
  font-size: 12px;
  text-align: center;
}
.short {
  color: var(--madder);
  font-weight: 650;
}
</style>
