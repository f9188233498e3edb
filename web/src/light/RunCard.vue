<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { FaceItem, LightStrip, RunModel } from '../api/types'
import RunPath from '../concept/RunPath.vue'
import { PLAIN } from '../concept/placing'
import ProductLine from '../fit/ProductLine.vue'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import WhyButton from '../ui/WhyButton.vue'
import { count } from '../ui/words'
import { fixed } from '../units/writing'
import VoltCurve from './VoltCurve.vue'
import { CIRCUITS, CONTROLS, FED_AT, FEEDS, LEVELS, SHAPES } from './glowWords'
import { RAILS } from './wiringWords'

/** One light run: what is left of its volts, and what it is, is fed by, is told by and lies along. */
const props = defineProps<{ thing: LightStrip; run?: RunModel; scene: string; open?: boolean }>()
const builds = useBuild()
const build = computed(() => builds.build!)
const byPiece = computed(() => (props.thing.shape ?? 'STRIP') !== 'STRIP')
const curve = computed(
  () =>
    props.run?.curves.find((each) => each.sceneId === props.scene) ?? props.run?.curves[0] ?? null,
)
/** How far apart feeds may be under what asks most; nothing where that is further than it is long. */
const again = computed(() => {
  const { againMm, behindMm, lengthMm } = props.run ?? {}
  if (!againMm || !behindMm || !lengthMm || behindMm >= lengthMm) return ''
  return `feed again every ${fixed(againMm, 0)} mm at most, ${fixed(behindMm, 0)} mm behind the last`
})
const place = computed(() =>
  build.value.items.find((item) => item.kind === 'LIGHT_RUN' && item.ofId === props.thing.id),
)
const edit = (change: Partial<FaceItem>) => builds.edit('items', place.value!, change)
/** On a face that shows, along its upper edge: from there it is laid elsewhere. */
function lay() {
  const hidden = build.value.brief.hiddenFaces
  const face = (['FRONT', 'LEFT', 'RIGHT', 'TOP', 'BACK', 'BOTTOM'] as const).find(
    (each) => !hidden.includes(each),
  )!
  const { id, name } = props.thing
  const laid: FaceItem = {
    ...PLAIN,
    id,
    name,
    face,
    kind: 'LIGHT_RUN',
    layer: 'BEHIND',
    xMm: 10,
    yMm: 10,
    ofId: id,
    along: { itemId: '', edges: ['TOP'], insetMm: 10 },
  }
  builds.edit('items', laid, {})
}
const addressed = computed(() => {
  const works = props.thing.circuit ?? (props.thing.rail === 'V5' ? 'ADDRESSABLE' : 'PLAIN')
  return works === 'ADDRESSABLE' || works === 'THREES'
})
const IS = computed(() => [
  { field: 'name', class: 'twice' },
  { field: 'shape', options: SHAPES, instead: 'STRIP' },
  { field: 'circuit', label: 'Its LEDs', options: CIRCUITS },
  {
    field: 'lengthMm',
    disabled: props.run?.follows,
    get: props.run?.follows ? () => props.run!.lengthMm : undefined,
    hint: props.run?.follows ? 'follows from where it lies' : '',
  },
  byPiece.value
    ? { field: 'count', label: 'LEDs' }
    : { field: 'ledsPerMetre', label: 'LEDs a metre' },
  {
    field: 'rail',
    label: 'Volts',
    options: RAILS,
    set: (rail: string) => ({ rail, milliampsPerLed: rail === 'V5' ? 60 : 20 }),
  },
  {
    field: 'milliampsPerLed',
    label: 'One LED draws',
    hint: 'at full white; default: 60 at 5 V, 20 at 12 V',
  },
  { field: 'idleMilliamps', label: 'One that is dark', hint: 'empty: 1 where it takes data' },
  { field: 'ohmPerMetre', label: 'Both conductors', hint: 'empty: 0.25' },
  { field: 'colourHex', label: 'Its own colour' },
  byPiece.value
    ? { field: 'priceMinor', label: 'Price of one' }
    : { field: 'pricePerMetreMinor', label: 'Price a metre' },
  'supplierId',
])
const FED = [
  { field: 'feed', label: 'Fed from', options: FEEDS },
  { field: 'fed.at', label: 'Fed', options: FED_AT, instead: 'START' },
  { field: 'fed.feeds', label: 'Places', unit: '×', instead: 1, hint: 'from 2 on: both ends' },
  { field: 'fed.leadMm', label: 'Lead of each', instead: 500 },
  { field: 'fed.leadMm2', label: 'Its cross-section', instead: 0.5 },
  { field: 'fed.sourceVolts', label: 'Measured at the source', unit: 'V', hint: 'under load' },
]
const TOLD = [
  { field: 'data.level', label: 'Data', options: LEVELS, instead: 'V5' },
  { field: 'data.mostLeds', label: 'LEDs a channel drives', unit: '×' },
  { field: 'data.leadMm', label: 'Data lead', instead: 200 },
  { field: 'data.only', label: 'Its controller', options: CONTROLS, instead: 'COLOURS' },
  { field: 'data.shifter', label: 'level shifter between' },
  { field: 'data.resistor', label: 'resistor and ground beside' },
]
const SEEN = [
  { field: 'diffuserMm', label: 'To what it shines through' },
  {
    field: 'candelas',
    label: 'Brightness as measured',
    unit: 'cd/m²',
    hint: 'at full, its colour',
  },
]
</script>

<template>
  <article class="run">
    <template v-if="run && curve">
      <h3>
        {{ thing.name }}, <span class="mono">{{ fixed(run.lengthMm, 0) }} mm</span>&nbsp;
        <span class="soft">{{ run.laid || 'on no face yet' }}</span>
      </h3>
      <p class="soft">
        {{ count(run.leds, 'LEDs') }} · <span class="mono">{{ fixed(curve.amps, 2) }} A</span>,
        <span class="mono">{{ fixed(curve.watts, 1) }} W</span> in {{ curve.name }} ·
        <span class="mono" :class="{ bad: curve.low.length }"
          >{{ fixed(curve.worstVolts, 2) }} V</span
        >
        at the worst LED<template v-if="run.fuseAmps">
          · fuse <span class="mono">{{ fixed(run.fuseAmps, 1) }} A</span></template
        ><template v-if="run.unevenPercent !== null && run.unevenPercent !== undefined">
          · dots <span class="mono">{{ fixed(run.unevenPercent, 1) }} %</span>, a line from
          <span class="mono">{{ fixed(run.lineMm, 1) }} mm</span></template
        >
        <template v-if="again"> · {{ again }}</template>
        <WhyButton :why="run.why" :of="`Volts along ${thing.name}`" />
      </p>
      <VoltCurve :run="run" :chosen="scene" />
    </template>
    <details :open="open">
      <summary>What it is, what feeds it, what tells it, where it lies</summary>
      <div class="fields">
        <ProductLine kind="strips" :thing="thing" />
        <ThingFields kind="strips" :thing="thing" :fields="IS" />
        <h4>Its current</h4>
        <ThingFields kind="strips" :thing="thing" :fields="FED" />
        <template v-if="addressed">
          <h4>Its data</h4>
          <ThingFields kind="strips" :thing="thing" :fields="TOLD" />
        </template>
        <h4>What is seen of it</h4>
        <ThingFields kind="strips" :thing="thing" :fields="SEEN" />
        <h4>Where it lies</h4>
        <RunPath v-if="place" class="whole" :item="place" :edit="edit" />
        <div v-else class="whole">
          <Button class="quiet" size="small" label="Lay it on a face" @click="lay" />
        </div>
        <div class="whole">
          <Button
            class="bare"
            size="small"
            :label="`Remove ${thing.name}`"
            @click="builds.remove('strips', thing.id)"
          />
        </div>
      </div>
    </details>
  </article>
</template>

<style scoped>
.run {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
h3 {
  font-size: 16px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
p {
  margin: 2px 0;
  font-size: 13px;
}
summary {
  cursor: pointer;
  font-size: 13px;
  color: var(--smoke);
  min-height: 28px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(138px, 1fr));
  gap: 8px 12px;
  align-items: start;
}
.fields > :deep(.whole),
h4 {
  grid-column: 1 / -1;
}
h4 {
  margin: 6px 0 0;
  font-size: 14px;
}
.fields > :deep(.twice) {
  grid-column: span 2;
}
</style>
