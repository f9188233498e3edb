<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { get } from '../api/client'
import type { CardDrawing, Snag } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'
import { clockHere, dayHere } from '../ui/words'
import { said } from '../units/writing'
import CardArt from './CardArt.vue'
import PhotoRow from './PhotoRow.vue'
import SnagForm from './SnagForm.vue'
import { HOW_BAD, placeKey } from './snagPlaces'

/** What was found wrong on this build: open ones first, where they are, what became of them. */
const builds = useBuild()
const adding = ref(false)
const changing = ref('')
const places = ref<CardDrawing[]>([])
const mend = (snag: Snag) => `snag:${snag.id}/mend`
const taskOf = (snag: Snag) =>
  builds.view!.tasks.find((task) => task.task.key === mend(snag)) ?? null
const mended = (snag: Snag) => !!taskOf(snag)?.doneAt
const order = { BAD: 0, SEEN: 1, SMALL: 2 }
const snags = computed(() =>
  [...(builds.build?.snags ?? [])].sort(
    (a, b) => Number(mended(a)) - Number(mended(b)) || order[a.how] - order[b.how],
  ),
)
const open = computed(() => snags.value.filter((snag) => !mended(snag)).length)
const photos = (snag: Snag) => builds.build!.photos.filter((photo) => photo.taskKey === mend(snag))
const place = (snag: Snag) => {
  const key = placeKey(snag)
  return key ? places.value.find((each) => placeKey(each) === key) : undefined
}
const how = (snag: Snag) => HOW_BAD.find((each) => each.value === snag.how)!.label
watch(
  () => [builds.id, snags.value.length] as const,
  async ([id, count]) => {
    if (count)
      places.value = await get<CardDrawing[]>(`/api/builds/${encodeURIComponent(id)}/places`).catch(
        () => [],
      )
  },
  { immediate: true },
)
const FIELDS = [
  { field: 'text', label: 'What is wrong', lines: 1 },
  { field: 'how', label: 'How bad', options: HOW_BAD },
  { field: 'minutes', label: 'To mend it', duration: true },
]
async function remove(snag: Snag) {
  changing.value = ''
  await builds.remove('snags', snag.id)
}
</script>

<template>
  <section class="snags" aria-label="Snags">
    <header class="row">
      <h2>Snags</h2>
      <span class="soft">
        {{
          snags.length
            ? `${open} open, ${snags.length - open} mended`
            : 'nothing was found wrong so far'
        }}
      </span>
      <span class="grow" />
      <Button
        class="quiet"
        :label="adding ? 'Close' : 'A snag'"
        :aria-expanded="adding"
        @click="adding = !adding"
      />
    </header>
    <SnagForm v-if="adding" :build-id="builds.id" task-key="" @done="adding = false" />
    <ul v-if="snags.length">
      <li v-for="snag in snags" :key="snag.id" :class="{ mended: mended(snag) }">
        <CardArt
          v-if="place(snag)"
          class="where"
          :drawing="place(snag)!"
          :spot="snag.xMm === null ? null : { xMm: snag.xMm!, yMm: snag.yMm! }"
        />
        <div>
          <p>
            <strong>{{ said(snag.text) }}</strong>
          </p>
          <p class="soft">
            {{ mended(snag) ? 'mended' : how(snag) }} · found {{ dayHere(snag.at) }}
            {{ clockHere(snag.at) }} by {{ snag.by }}
          </p>
          <PhotoRow :build-id="builds.id" :task-key="mend(snag)" :photos="photos(snag)" />
          <Button
            class="bare"
            :label="changing === snag.id ? 'Close' : 'Change'"
            :aria-label="`${changing === snag.id ? 'Close' : 'Change'}: ${snag.text}`"
            @click="changing = changing === snag.id ? '' : snag.id"
          />
          <div v-if="changing === snag.id" class="fields">
            <ThingFields kind="snags" :thing="snag" :fields="FIELDS" />
            <Button
              class="bare"
              label="Take it out"
              :aria-label="`Take out: ${snag.text}`"
              @click="remove(snag)"
            />
          </div>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.snags {
  margin-bottom: 20px;
}
header {
  align-items: center;
}
ul {
  list-style: none;
  padding: 0;
  margin: 8px 0 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 370px), 1fr));
  gap: 12px;
}
li {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 14px;
  background: var(--paper);
  border-left: 4px solid var(--ember);
  padding: 10px 14px;
}
.mended {
  border-left-color: var(--verdigris);
}
li > div {
  grid-column: 2;
}
p {
  margin: 0 0 2px;
}
.fields {
  display: grid;
  gap: 8px;
}
</style>
