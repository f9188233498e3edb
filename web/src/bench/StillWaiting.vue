<script setup lang="ts">
import type { BenchDay } from '../api/types'
import { moment } from '../ui/words'
import { said } from '../units/writing'

/** What goes on by itself: how far, and when it is ready. */
const props = defineProps<{ day: BenchDay }>()
const MOST = 8
function share(from: string, until: string): number {
  const begin = Date.parse(from + 'Z')
  const end = Date.parse(until + 'Z')
  const now = Date.parse(props.day.now + 'Z')
  return end <= begin ? 1 : Math.min(1, Math.max(0, (now - begin) / (end - begin)))
}
</script>

<template>
  <section v-if="day.waiting.length" class="waiting">
    <h2>Waiting, needs nobody</h2>
    <ul>
      <li v-for="each in day.waiting.slice(0, MOST)" :key="each.buildId + each.taskKey">
        <strong>{{ said(each.title) }}</strong>
        <span class="soft">{{ each.buildName }}, {{ said(each.waitingFor) }}</span>
        <span class="mono">ready {{ moment(each.until, day.now) }}</span>
        <svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
          <path d="M0 3H100" class="ahead" />
          <path :d="`M0 3H${100 * share(each.from, each.until)}`" class="gone" />
        </svg>
      </li>
    </ul>
    <p v-if="day.waiting.length > MOST" class="soft">
      and {{ day.waiting.length - MOST }} more, ready later.
    </p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 250px), 1fr));
  gap: 12px 26px;
}
li {
  display: grid;
  gap: 1px;
  font-size: 13px;
}
svg {
  width: 100%;
  height: 6px;
}
path {
  stroke-width: 4;
}
.ahead {
  stroke: var(--line);
}
.gone {
  stroke: var(--slate);
}
p {
  margin: 8px 0 0;
}
</style>
