<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { get, newId } from '../api/client'
import type { CardDrawing, Snag } from '../api/types'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useDraft } from '../store/draft'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import ThingFields from '../ui/ThingFields.vue'
import { said } from '../units/writing'
import CardArt from './CardArt.vue'
import PhotoButton from './PhotoButton.vue'
import { HOW_BAD, placeKey, placeOptions } from './snagPlaces'

/** Something found wrong: what, how bad, where; the step that mends it goes into the plan. */
const props = defineProps<{ buildId: string; taskKey: string; drawing?: CardDrawing | null }>()
const emit = defineEmits<{ done: [] }>()
const builds = useBuild()
const clock = useClock()
const saver = useSaver()
const session = useSession()
const id = newId()
/** What the card shows is the first place; the others come from the server where it answers. */
const places = ref<CardDrawing[]>(props.drawing ? [props.drawing] : [])
/** What was said of it, all of it: a bad one that was half said is not a small one later. */
const half = useDraft(`snag:${props.buildId}:${props.taskKey}`, '')
onMounted(async () => {
  const path = `/api/builds/${encodeURIComponent(props.buildId)}/places`
  places.value = await get<CardDrawing[]>(path).catch(() => places.value)
})
const snag = computed<Snag>(() => ({
  id,
  text: '',
  how: 'SEEN',
  panelId: props.drawing?.panelId ?? '',
  face: props.drawing?.face ?? null,
  xMm: null,
  yMm: null,
  minutes: 20,
  taskKey: props.taskKey,
  at: new Date(clock.nowMs()).toISOString(),
  by: session.account?.name ?? '',
  ...(JSON.parse(half.value || '{}') as Partial<Snag>),
}))
const shown = computed(() => places.value.find((each) => placeKey(each) === placeKey(snag.value)))
const FIELDS = computed(() => [
  { field: 'text', label: 'What is wrong', lines: 1 },
  { field: 'how', label: 'How bad', options: HOW_BAD },
  {
    field: 'panelId',
    label: 'Where',
    options: placeOptions(places.value),
    get: () => placeKey(snag.value),
    set: (key: string | null) => placeOf(key ?? ''),
  },
  { field: 'minutes', label: 'To mend it', duration: true },
])
function placeOf(key: string) {
  const place = places.value.find((each) => placeKey(each) === key)
  return { panelId: place?.panelId ?? '', face: place?.face ?? null, xMm: null, yMm: null }
}
function put(change: Partial<Snag>) {
  half.value = JSON.stringify({ ...JSON.parse(half.value || '{}'), ...change })
}
const problem = ref('')
/** Its words, once it is kept: what was half said is whole then, and is not kept twice. */
const kept = ref('')
async function keep() {
  problem.value = ''
  const path = `/api/builds/${encodeURIComponent(props.buildId)}/snags/${id}`
  saver.save({ key: `snags/${id}`, path, value: snag.value })
  await saver.settled()
  const refused = saver.refused.get(path)
  if (refused) {
    problem.value = refused.errors.map((error) => error.sentence).join(' ')
    return
  }
  kept.value = snag.value.text
  half.value = ''
  if (!saver.away) await Promise.all([clock.refresh(), builds.id ? builds.reload() : null])
}
</script>

<template>
  <form class="snag" @submit.prevent="kept ? emit('done') : keep()">
    <template v-if="!kept">
      <ThingFields kind="snags" :thing="snag" :fields="FIELDS" :edit="put" />
      <div v-if="shown" class="place">
        <CardArt
          :drawing="shown"
          :spot="snag.xMm === null ? null : { xMm: snag.xMm!, yMm: snag.yMm! }"
          picks
          @spot="put"
        />
      </div>
      <Button type="submit" label="Keep the snag" :disabled="!snag.text.trim()" />
      <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
    </template>
    <template v-else>
      <p class="wide">“{{ kept }}” is kept; mending it is in the plan.</p>
      <PhotoButton :build-id="buildId" :task-key="`snag:${id}/mend`" :caption="kept" />
      <Button type="submit" class="quiet" label="That is all" />
    </template>
  </form>
</template>

<style scoped>
.snag {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 8px 12px;
  align-items: end;
  margin-top: 9px;
}
.place,
.wide {
  grid-column: 1 / -1;
  margin: 0;
}
.snag .p-button {
  min-height: 44px;
}
@media (max-width: 700px) {
  .snag {
    grid-template-columns: 1fr;
  }
}
</style>
