<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { BuildPicture } from '../api/types'
import { LEDGERS, STOPS } from '../stops'
import { useSession } from '../store/session'
import LanternMark from '../ui/LanternMark.vue'
import { daysBetween } from '../ui/words'
import { useWidth } from '../ui/useWidth'

/** The same fuse as in the Yard, with evenly spaced stops: the way to move between stages. */
const props = defineProps<{ view: BuildPicture; behind: boolean }>()
const route = useRoute()
const session = useSession()
const { width } = useWidth('sized', 760)

const fuse = computed(() => props.view.fuse)
const gap = computed(() => width.value / STOPS.length)
const x = (stop: number) => gap.value * (stop + 0.5)
const ember = computed(() => x(fuse.value.emberStop))
const lit = computed(() => fuse.value.verdict === 'REVEALED')
const here = (path: string) => route.path.endsWith('/' + path)
const until = computed(() => {
  const { reveal } = fuse.value
  if (lit.value) return 'revealed'
  if (!reveal) return 'no reveal date yet'
  const days = daysBetween(props.view.now, reveal)
  return days >= 0 ? `${days} days to the reveal` : `${-days} days past the reveal`
})
/** Where the stops are pushed along, the one that is open is in sight. */
const stops = useTemplateRef('stops')
watch(
  () => route.path,
  async () => {
    await nextTick()
    const open = stops.value?.querySelector('.here')
    open?.scrollIntoView({ inline: 'center', block: 'nearest' })
  },
  { immediate: true },
)
const ledgers = computed(() => LEDGERS.filter((ledger) => ledger.path !== 'money' || session.owner))
</script>

<template>
  <header class="head no-print">
    <div class="who">
      <h1>{{ view.build.brief.name }}</h1>
      <p class="soft">
        {{ view.build.brief.client || (view.enquiry ? 'enquiry' : 'no client named') }} ·
        <span v-if="behind" role="status" class="behind">still being worked out</span>
        <template v-else>{{ until }}</template>
      </p>
    </div>
    <nav ref="sized" class="fuse" aria-label="Stages of this build">
      <svg :width="width" height="34" aria-hidden="true">
        <line :x1="x(0)" y1="18" :x2="ember" y2="18" class="burnt" />
        <line v-if="!lit" :x1="ember" y1="18" :x2="x(9)" y2="18" class="rope" />
        <line v-if="!lit" :x1="ember" y1="18" :x2="x(9)" y2="18" class="twist" />
        <circle
          v-for="(stop, index) in fuse.stops.slice(0, 9)"
          :key="stop.stage"
          :cx="x(index)"
          cy="18"
          :r="stop.burnt ? 4 : 5.5"
          :class="stop.burnt ? 'done' : 'ahead'"
        />
        <g v-if="!lit">
          <circle :cx="ember" cy="18" r="13" class="halo" />
          <circle :cx="ember" cy="18" r="8.5" class="glow" />
          <circle :cx="ember" cy="18" r="5" class="core" />
        </g>
        <g :transform="`translate(${x(9)} 16) scale(0.85)`"><LanternMark :lit="lit" /></g>
      </svg>
      <ol ref="stops">
        <li v-for="stop in STOPS" :key="stop.path">
          <RouterLink
            :to="`/builds/${view.build.brief.id}/${stop.path}`"
            :class="{ here: here(stop.path) }"
            :aria-current="here(stop.path) ? 'page' : undefined"
            ><span class="stop">{{ stop.label }}</span>
            <span class="mono key" aria-hidden="true">{{ stop.key }}</span></RouterLink
          >
        </li>
      </ol>
    </nav>
    <nav class="ledgers" aria-label="Ledgers of this build">
      <RouterLink
        v-for="ledger in ledgers"
        :key="ledger.path"
        :to="`/builds/${view.build.brief.id}/${ledger.path}`"
        :class="{ here: here(ledger.path) }"
        :aria-current="here(ledger.path) ? 'page' : undefined"
        >{{ ledger.label }} <span class="mono key" aria-hidden="true">{{ ledger.key }}</span>
      </RouterLink>
    </nav>
  </header>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: minmax(170px, 252px) 1fr auto;
  gap: 12px;
  align-items: center;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
  padding: 8px 18px 6px 24px;
}
h1 {
  font-size: 23px;
}
.who p {
  margin: 2px 0 0;
  font-size: 12.5px;
}
.behind {
  color: var(--ink);
  font-weight: 600;
}
.fuse {
  min-width: 0;
}
.fuse svg {
  display: block;
  overflow: visible;
}
ol {
  display: grid;
  grid-template-columns: repeat(10, 1fr);
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  justify-content: center;
}
a {
  text-decoration: none;
  font-size: 13.5px;
  color: var(--smoke);
}
li a {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  min-width: 44px;
  min-height: 44px;
}
.stop,
.ledgers a {
  padding: 2px 7px;
}
a:hover {
  color: var(--ink);
  text-decoration: underline;
}
.here .stop,
.ledgers .here {
  background: var(--ink);
  color: var(--paper);
  font-weight: 600;
}
.key {
  font-size: 11.5px;
  color: var(--smoke);
}
.ledgers .here .key {
  color: var(--paper);
}
.ledgers {
  display: grid;
  gap: 0;
  border-left: 1px solid var(--line);
  padding-left: 12px;
}
.burnt {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 7 2.5 2 2.5;
}
.rope {
  stroke: var(--rope);
  stroke-width: 8;
}
.twist {
  stroke: var(--ink);
  stroke-opacity: 0.45;
  stroke-width: 8;
  stroke-dasharray: 1.5 5;
}
.done {
  fill: var(--ink);
}
.ahead {
  fill: var(--kraft);
  stroke: var(--smoke);
  stroke-width: 1.4;
}
.halo {
  fill: var(--glow);
  opacity: 0.28;
}
.glow {
  fill: var(--glow);
}
.core {
  fill: var(--ember);
}
/* under a thumb the ledgers are as tall as the stops, side by side */
@media (pointer: coarse) {
  .head {
    grid-template-columns: 1fr auto;
  }
  .fuse {
    grid-column: 1 / -1;
    order: 1;
  }
  .ledgers {
    display: flex;
  }
}
/* on a phone the stops stand in a row that is pushed along, without the drawing */
@media (max-width: 640px) {
  .head {
    grid-template-columns: 1fr;
    gap: 2px;
    padding: 6px 12px;
  }
  .fuse {
    overflow-x: auto;
  }
  .fuse svg,
  .key {
    display: none;
  }
  ol {
    grid-template-columns: repeat(10, auto);
  }
  .ledgers {
    display: flex;
    border-left: 0;
    padding-left: 0;
  }
}
</style>
