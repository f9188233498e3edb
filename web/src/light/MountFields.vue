<script setup lang="ts">
import { computed } from 'vue'
import type { Screen } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { exact } from '../units/writing'
import ManyOf from '../ui/ManyOf.vue'
import { HELD, HELD_ON, PICTURE_TURNS, STANDS, STANDS_WORDS } from './wiringWords'

/** Where a screen stands, how deep and heavy it is, what holds it, which way up its picture is. */
const props = defineProps<{ screen: Screen }>()
const builds = useBuild()
const place = computed(() =>
  builds.build!.items.find((item) => item.kind === 'SCREEN' && item.ofId === props.screen.id),
)
const stands = computed(() => {
  const at = place.value
  const turned = props.screen.mount?.turned ?? 'UPRIGHT'
  const side = turned === 'RIGHT' || turned === 'LEFT'
  const { widthMm, heightMm } = props.screen
  const [across, up] = side ? [heightMm, widthMm] : [widthMm, heightMm]
  const where = at
    ? `${STANDS_WORDS[at.layer ?? 'BEHIND']} the ${at.face.toLowerCase()}, ${exact(at.xMm)} mm from its left edge, ${exact(at.yMm)} mm up`
    : 'on no face yet: draw it on one under Faces'
  return `${exact(across)} mm across, ${exact(up)} mm up; ${where}.`
})
const held = computed(() => props.screen.mount?.held ?? null)
/** A monitor is turned by the machine; what a program draws only as its maker says. */
const drawn = computed(() =>
  props.screen.input === 'DATA' || props.screen.feed?.ownProgram
    ? 'nobody has said'
    : 'as a monitor: any',
)
const fields = computed(() => [
  { field: 'depthMm', label: 'Depth', hint: 'without its plugs' },
  { field: 'massKg', label: 'Mass' },
  {
    field: 'mount.held',
    label: 'Held by',
    options: [{ value: null, label: 'nobody has said' }, ...HELD],
  },
  held.value && {
    field: 'mount.besides',
    label: 'and besides',
    options: [{ value: null, label: 'nothing' }, ...HELD],
  },
  { field: 'mount.on', label: 'Held on', options: HELD_ON, instead: 'CHASSIS' },
  { field: 'mount.turned', label: 'Stands', options: STANDS, instead: 'UPRIGHT' },
  {
    field: 'feed.pictureTurns',
    class: 'twice',
    label: 'Software turns it',
    options: [{ value: null, label: drawn.value }, ...PICTURE_TURNS],
  },
  { field: 'feed.patternWideMm', label: 'Screw holes apart', hint: 'across' },
  { field: 'feed.patternHighMm', label: 'Screw holes up', hint: 'middle to middle' },
])
const put = (mounts: NonNullable<Screen['feed']>['mounts']) =>
  builds.edit('screens', props.screen, {
    feed: { ...props.screen.feed, mounts } as Screen['feed'],
  })
</script>

<template>
  <h3>How it is held</h3>
  <p class="whole soft">{{ stands }}</p>
  <ThingFields kind="screens" :thing="screen" :fields="fields" />
  <ManyOf
    class="whole"
    legend="Sold to be held by"
    :options="HELD"
    :model-value="screen.feed?.mounts ?? []"
    @update:model-value="put"
  />
</template>

<style scoped>
p {
  margin: 0;
}
</style>
