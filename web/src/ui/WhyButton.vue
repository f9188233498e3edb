<script setup lang="ts">
import Popover from 'primevue/popover'
import { nextTick, ref } from 'vue'
import type { Why } from '../api/types'
import { said } from '../units/writing'

/** Where a number comes from: its formula and what went in. */
defineProps<{ why: Why; of: string }>()
const panel = ref<InstanceType<typeof Popover>>()
/** There are many of these on a screen, and few are asked: each is made when it is. */
const asked = ref(false)

async function toggle({ currentTarget }: MouseEvent) {
  asked.value = true
  await nextTick()
  // the button is the event's no longer, and has to be known: a press on it closes what is open
  panel.value?.toggle({ currentTarget } as MouseEvent)
}
</script>

<template>
  <button type="button" class="why no-print" :aria-label="'Why: ' + of" @click="toggle">
    why?
  </button>
  <Popover v-if="asked" ref="panel">
    <div class="because">
      <strong>{{ of }}</strong>
      <p>{{ said(why.formula) }}</p>
      <ul>
        <li v-for="input in why.inputs" :key="input" class="mono">{{ said(input) }}</li>
      </ul>
    </div>
  </Popover>
</template>

<style scoped>
.why {
  border: 0;
  background: none;
  color: var(--smoke);
  font: inherit;
  font-size: 12px;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  padding: 2px 4px;
  cursor: pointer;
}
.why:hover {
  color: var(--ink);
}
.because {
  max-width: 340px;
}
.because p {
  margin: 4px 0;
}
.because ul {
  margin: 0;
  padding-left: 16px;
}
</style>
