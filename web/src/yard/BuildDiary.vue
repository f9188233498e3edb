<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { get } from '../api/client'
import type { Diary, DiaryDay } from '../api/types'
import { useBuild } from '../store/build'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import ThingFields from '../ui/ThingFields.vue'
import { day as dayOf, dayHere, duration, weekday } from '../ui/words'
import { said } from '../units/writing'

/** The diary of a build: it writes itself, and each day can be told in one's own words. */
const builds = useBuild()
const session = useSession()
const shell = useShell()
const diary = ref<Diary | null>(null)
async function load() {
  const id = builds.id
  const read = await get<Diary>(`/api/builds/${encodeURIComponent(id)}/diary`)
  if (builds.id === id) diary.value = read
}
watch(
  () => builds.view?.revision,
  () => load().catch((refusal) => shell.say(refusal.message)),
  { immediate: true },
)
const writing = useDraft(`diary:${builds.id}:day`, '')
const text = useDraft(`diary:${builds.id}:text`, '')
function begin(day: DiaryDay) {
  writing.value = day.date
  text.value = day.text
}
const words = (day: DiaryDay) => ({
  id: mine.value.get(day.date)?.id ?? `${builds.id}-${day.date}`,
  date: day.date,
  text: text.value,
  lines: day.lines.length,
  by: session.account?.name ?? '',
  at: new Date().toISOString(),
})
const FIELDS = [{ field: 'text', label: 'The day in your words', lines: 4 }]
const put = (change: { text?: string }) => (text.value = change.text ?? text.value)
function keep(day: DiaryDay) {
  builds.edit('diary-words', words(day), {})
  close()
}
async function itself(day: DiaryDay) {
  await builds.remove('diary-words', mine.value.get(day.date)!.id)
  close()
}
function close() {
  writing.value = ''
  text.value = ''
}
const problem = (day: DiaryDay) =>
  builds.problem('diary-words', mine.value.get(day.date)?.id ?? '', 'text')
/** What was written here stands there at once, also while the server is away. */
const mine = computed(
  () => new Map((builds.build?.diaryWords ?? []).map((each) => [each.date, each])),
)
const told = (day: DiaryDay) => mine.value.get(day.date)?.text ?? day.itself
const written = (day: DiaryDay) => mine.value.has(day.date)
const pairs = computed(() => (diary.value?.places ?? []).filter((each) => each.photos.length > 1))
</script>

<template>
  <section v-if="pairs.length" class="places">
    <h2>Before and after</h2>
    <div v-for="each in pairs" :key="each.place">
      <h3>{{ said(each.place) }}</h3>
      <div class="pair">
        <figure v-for="(photo, i) in [each.photos[0]!, each.photos.at(-1)!]" :key="photo.id">
          <img :src="`/api/pictures/${photo.sha256}`" :alt="photo.caption" />
          <figcaption class="soft">
            {{ i ? 'after' : 'before' }}, {{ dayHere(photo.takenAt) }}
          </figcaption>
        </figure>
      </div>
    </div>
  </section>
  <article v-for="day in diary?.days ?? []" :key="day.date">
    <header class="row">
      <h2>{{ weekday(day.date) }}</h2>
      <span v-if="day.minutes" class="mono soft">{{ duration(day.minutes) }}</span>
      <span class="grow" />
      <Button
        v-if="writing !== day.date"
        class="bare"
        :label="written(day) ? 'Change the words' : 'In my words'"
        :aria-label="`${written(day) ? 'Change the words' : 'In my words'}: ${weekday(day.date)}`"
        @click="begin(day)"
      />
    </header>
    <form v-if="writing === day.date" class="words" @submit.prevent="keep(day)">
      <ThingFields kind="diary-words" :thing="words(day)" :fields="FIELDS" :edit="put" />
      <div class="row">
        <Button type="submit" label="Keep these words" :disabled="!text.trim()" />
        <Button type="button" class="bare" label="Leave it" @click="close" />
        <Button
          v-if="written(day)"
          type="button"
          class="bare"
          label="Let it write itself"
          @click="itself(day)"
        />
      </div>
    </form>
    <p v-else class="told">{{ said(told(day)) }}</p>
    <p v-if="problem(day)" class="bad" role="alert">{{ said(problem(day)) }}</p>
    <p v-if="written(day) && writing !== day.date" class="soft">
      In the words of {{ day.words?.by ?? session.account?.name
      }}<template v-if="day.since">
        · {{ day.since }} {{ day.since === 1 ? 'thing was' : 'things were' }} recorded
        since</template
      >
    </p>
    <details v-if="written(day)">
      <summary>As it was recorded</summary>
      <p>{{ said(day.itself) }}</p>
    </details>
    <div v-if="day.photos.length" class="pair">
      <img
        v-for="photo in day.photos"
        :key="photo.id"
        :src="`/api/pictures/${photo.sha256}`"
        :alt="photo.caption"
      />
    </div>
  </article>
  <p v-if="diary && !diary.days.length" class="soft">
    Nothing happened yet. What is done, found and decided on {{ dayOf(builds.view!.now) }} and later
    writes itself here.
  </p>
</template>

<style scoped>
article {
  padding: 4px 0 12px;
  border-bottom: 1px solid var(--line);
  max-width: 820px;
}
header {
  align-items: baseline;
}
h2 {
  margin: 8px 0 2px;
}
p {
  margin: 0 0 4px;
}
.told {
  white-space: pre-line;
}
.words {
  display: grid;
  gap: 8px;
}
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
figure {
  margin: 0;
}
.pair img {
  height: 120px;
}
.places {
  margin-bottom: 16px;
}
</style>
