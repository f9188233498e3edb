<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Screen } from '../api/types'
import ProductLine from '../fit/ProductLine.vue'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import LightCard from './LightCard.vue'
import ManyOf from '../ui/ManyOf.vue'
import MountFields from './MountFields.vue'
import { INPUTS, POWER_FROM, QUIRKS, RAILS, REFUSALS } from './wiringWords'

/** What each screen is: its glass, what it takes, what it refuses, where its plug goes, what holds it. */
const builds = useBuild()
const build = computed(() => builds.build!)
const SCREEN = [
  { field: 'name', class: 'twice' },
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
/** As it stands, within 116 × 60 px. */
function glass({ widthMm, heightMm, mount }: Screen) {
  const side = mount?.turned === 'RIGHT' || mount?.turned === 'LEFT'
  const [wide, high] = side ? [heightMm, widthMm] : [widthMm, heightMm]
  const scale = Math.min(116 / wide, 60 / high)
  const [width, height] = [wide * scale, high * scale]
  return { x: 60 - width / 2, y: 32 - height / 2, width, height }
}
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
  { field: 'sameAs', class: 'twice', label: 'May show', options: others(screen) },
  {
    field: 'feed.televisionTiming',
    class: 'twice',
    label: 'takes pictures only as televisions do',
  },
  { field: 'feed.activeWidthMm', label: 'Shines across', hint: 'as its maker means it' },
  { field: 'feed.activeHeightMm', label: 'and up' },
  { field: 'feed.candelas', label: 'Brightness', unit: 'cd/m²', hint: 'at full; empty: 250' },
  { field: 'feed.selfLit', class: 'twice', label: 'pixels make their own light' },
  { field: 'feed.touch', class: 'twice', label: 'feels touch' },
  { field: 'feed.ownProgram', class: 'twice', label: 'driven by a program of its own' },
]
const put = (screen: Screen, change: object) =>
  builds.edit('screens', screen, { feed: { ...screen.feed, ...change } as Screen['feed'] })
</script>

<template>
  <LightCard v-for="thing in build.screens" :key="thing.id">
    <template #picture>
      <svg width="120" height="64" role="img" :aria-label="`${thing.name} to scale`">
        <rect v-bind="glass(thing)" class="glass" />
      </svg>
    </template>
    <ProductLine kind="screens" :thing="thing" />
    <ThingFields kind="screens" :thing="thing" :fields="SCREEN" />
    <h3>Its picture and its current</h3>
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
    <MountFields :screen="thing" />
    <div class="whole">
      <Button
        class="bare"
        size="small"
        :label="`Remove ${thing.name}`"
        @click="builds.remove('screens', thing.id)"
      />
    </div>
  </LightCard>
  <p v-if="!build.screens.length" class="soft">
    No screen yet. Add one, or take one from the library under Fit: its watts, parcels and fitting
    follow.
  </p>
</template>

<style scoped>
.glass {
  fill: #14201e;
  stroke: var(--rope);
  stroke-width: 3;
}
</style>
