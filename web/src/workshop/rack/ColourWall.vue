<script setup lang="ts">
import { computed } from 'vue'
import type { RackThing } from '../../api/types'
import { amount } from './useRack'

/** What is in the cans, and (line) what all builds still want of it; each against its own fullest. */
const props = defineProps<{ things: RackThing[]; chosen: string }>()
defineEmits<{ choose: [thing: RackThing] }>()
/** One scale for all: the most that is there or wanted of any. */
const most = computed(() =>
  Math.max(1, ...props.things.map((thing) => Math.max(thing.have, thing.wanted))),
)
/** Small amounts have to be seen beside large ones: the root of the share. */
const height = (value: number) => `${Math.sqrt(value / most.value) * 100}%`
const tells = (thing: RackThing) =>
  `${thing.name}: ${amount(thing, thing.have)}, wanted ${amount(thing, thing.wanted)}`
</script>

<template>
  <ul class="wall">
    <li v-for="thing in things" :key="thing.id">
      <button
        type="button"
        :aria-pressed="chosen === thing.id"
        :aria-label="tells(thing)"
        :title="tells(thing)"
        @click="$emit('choose', thing)"
      >
        <span v-if="thing.old" class="old">old</span>
        <span class="shaft">
          <i class="fill" :style="{ height: height(thing.have), background: thing.colourHex }" />
          <i
            v-if="thing.wanted > 0"
            class="want"
            :class="{ short: thing.missing > 0 }"
            :style="{ bottom: height(thing.wanted) }"
          />
        </span>
        <span class="name" :class="{ short: thing.missing > 0 }">{{ thing.name }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.wall {
  list-style: none;
  display: flex;
  gap: 6px;
  margin: 18px 0 0;
  padding: 0;
  flex-wrap: wrap;
}
button {
  position: relative;
  width: 50px;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  cursor: pointer;
  text-align: left;
}
.shaft {
  display: block;
  position: relative;
  height: 120px;
  border: 1px solid var(--line);
  border-top: 0;
  background: var(--paper);
  margin: 0 3px;
}
button[aria-pressed='true'] .shaft {
  outline: 2px solid var(--ember);
}
.fill {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
}
.want {
  position: absolute;
  left: -4px;
  right: -4px;
  height: 0;
  border-top: 2px solid var(--ink);
}
.want.short {
  border-top: 3px double var(--madder);
}
.name {
  display: block;
  font-size: 11.5px;
  line-height: 1.15;
  margin-top: 4px;
  overflow-wrap: anywhere;
  min-height: 42px;
}
.name.short {
  color: var(--madder);
  font-weight: 650;
}
.old {
  position: absolute;
  top: -16px;
  left: 4px;
  font-size: 11px;
  font-weight: 650;
  color: var(--slate);
}
</style>
