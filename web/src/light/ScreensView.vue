<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Screen } from '../api/types'
import ProductLine from '../fit/ProductLine.vue'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import ManyOf from './ManyOf.vue'
import { INPUTS, POWER_FROM, QUIRKS, RAILS, REFUSALS } from './wiringWords'

/** What each screen is: its glass, what it takes, what it refuses, where its plug goes. */
const builds = useBuild()
const build = computed(() => builds.build!)
const SCREEN = [
  'name',
  'widthMm',
  'heightMm',
  'pixelsWide',
  'pixelsHigh',
  { field: 'input', options: INPUTS },
  { field: 'watts', label: 'Draws' },
  { field: 'rail', options: RAILS },
  'priceMinor',
  'supplierId',
]
const dataOf = (screen: Screen) => screen.input === 'DATA'
const others = (screen: Screen) => [
  { value: '', label: 'a picture of its own' },
  ...build.value.screens
    .filter((each) => each.id !== screen.id)
    .map(({ id, name }) => ({ value: id, label: `what ${name} shows` })),
]
const fields = (screen: Screen) => [
  !dataOf(screen) && {
    field: 'feed.hz',
    label: 'Pictures a second',
    unit: 'Hz',
    hint: 'usual: 60',
  },
  !dataOf(screen) && { field: 'feed.pixelClockMhz', label: 'Pixel clock', unit: 'MHz' },
  dataOf(screen) && { field: 'feed.dataMegabytes', label: 'Data', unit: 'MB/s' },
  {
    field: 'feed.powerFrom',
    label: 'Current from',
    options: [{ value: null, label: 'as its rail says' }, ...POWER_FROM],
  },
  { field: 'feed.standbyWatts', label: 'Draws asleep' },
  !dataOf(screen) && { field: 'feed.passesOnGbit', label: 'Lets through', unit: 'Gbit/s' },
  { field: 'leadMm', label: 'Lead it needs', hint: 'empty: by the size of the case' },
  { field: 'plugFreeMm', label: 'Room for its plug', hint: 'a straight plug takes 35' },
  { field: 'sameAs', label: 'May show', options: others(screen) },
  { field: 'feed.televisionTiming', label: 'takes pictures only as televisions do' },
  { field: 'feed.touch', label: 'feels touch' },
  { field: 'feed.ownProgram', label: 'driven by a program of its own' },
]
const put = (screen: Screen, change: object) =>
  builds.edit('screens', screen, { feed: { ...screen.feed, ...change } as Screen['feed'] })
</script>

<template>
  <article v-for="thing in build.screens" :key="thing.id" class="thing">
    <svg width="120" height="64" role="img" :aria-label="`${thing.name} to scale`">
      <rect
        :x="60 - (thing.widthMm / Math.max(thing.widthMm, thing.heightMm * 1.8)) * 58"
        :y="32 - (thing.heightMm / Math.max(thing.widthMm / 1.8, thing.heightMm)) * 30"
        :width="(thing.widthMm / Math.max(thing.widthMm, thing.heightMm * 1.8)) * 116"
        :height="(thing.heightMm / Math.max(thing.widthMm / 1.8, thing.heightMm)) * 60"
        class="glass"
      />
    </svg>
    <div class="fields">
      <ProductLine kind="screens" :thing="thing" />
      <ThingFields kind="screens" :thing="thing" :fields="SCREEN" />
      <ThingFields kind="screens" :thing="thing" :fields="fields(thing)" />
      <ManyOf
        class="whole"
        legend="Won’t work behind"
        :options="REFUSALS"
        :model-value="thing.feed?.wontWorkBehind ?? []"
        @update:model-value="(wontWorkBehind) => put(thing, { wontWorkBehind })"
      />
      <ManyOf
        class="whole"
        legend="Its owners warn"
        :options="QUIRKS"
        :model-value="thing.feed?.quirks ?? []"
        @update:model-value="(quirks) => put(thing, { quirks })"
      />
      <div class="whole">
        <Button
          class="bare"
          size="small"
          :label="`Remove ${thing.name}`"
          @click="builds.remove('screens', thing.id)"
        />
      </div>
    </div>
  </article>
  <p v-if="!build.screens.length" class="soft">
    No screen yet. Add one, or take one from the library under Fit: its watts, parcels and fitting
    follow.
  </p>
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 12px;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
.glass {
  fill: #14201e;
  stroke: var(--rope);
  stroke-width: 3;
}
@media (max-width: 640px) {
  .thing {
    grid-template-columns: 1fr;
  }
}
</style>
