<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { get } from '../api/client'
import type { BuildView } from '../api/types'
import { useFresh } from '../store/live'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import { weekday } from '../ui/words'
import JobCard from './JobCard.vue'
import ParcelOpening from './ParcelOpening.vue'

/** Today's cards across builds, in order. */
const clock = useClock()
const workshop = useWorkshop()
const person = ref('')
const route = useRoute()
/** The card that a label on a job sheet opened, whenever it is planned. */
const labelled = ref<BuildView | null>(null)
const card = computed(() =>
  labelled.value?.tasks.find((task) => task.task.key === route.query.card),
)
onMounted(() => clock.refresh())
useFresh(() => clock.refresh())
watch(() => [clock.bench, route.query.build], readLabelled)
async function readLabelled() {
  if (!route.query.build) return
  const id = encodeURIComponent(String(route.query.build))
  labelled.value = await get<BuildView>(`/api/builds/${id}`).catch(() => labelled.value)
}
const people = computed(() => [
  { value: '', label: 'everybody' },
  ...workshop.offered('people').map((each) => ({ value: each.id, label: each.name })),
])
/** The day on which the first card begins, where that is not today any more. */
const later = computed(() => {
  const starts = (clock.bench?.cards ?? []).flatMap((card) => card.task.planned?.start ?? [])
  const first = starts.sort()[0]
  return first && first.slice(0, 10) > clock.bench!.now.slice(0, 10) ? first : null
})
const cards = computed(() =>
  (clock.bench?.cards ?? []).filter(
    (card) =>
      !person.value || !card.task.planned?.worker || card.task.planned.worker === person.value,
  ),
)
</script>

<template>
  <main v-if="clock.bench" class="today for-thumbs">
    <header class="row">
      <h1>Bench</h1>
      <span class="soft"
        >{{ weekday(clock.bench.now) }}, {{ cards.length }} cards<template v-if="later"
          >; nothing is left today, these begin {{ weekday(later) }}</template
        ></span
      >
      <span class="grow" />
      <ChoiceField v-model="person" label="Cards of" :options="people" />
    </header>
    <p v-if="cards.length === 0" class="soft">
      Nothing is planned for today. Builds with open work put their cards here by themselves.
    </p>
    <section v-if="labelled && card" class="labelled">
      <h2>Opened by its label</h2>
      <JobCard
        :build-id="labelled.build.brief.id"
        :build-name="labelled.build.brief.name"
        :task="card"
        :now="clock.bench.now"
        :notes="labelled.build.notes.filter((note) => note.taskKey === card!.task.key)"
        :photos="labelled.build.photos.filter((photo) => photo.taskKey === card!.task.key)"
        :times="labelled.build.times.filter((time) => time.taskKey === card!.task.key)"
      />
    </section>
    <div class="cards">
      <JobCard
        v-for="card in cards"
        :key="card.buildId + card.task.task.key"
        :build-id="card.buildId"
        :build-name="card.buildName"
        :task="card.task"
        :now="clock.bench.now"
        :notes="card.notes"
        :photos="card.photos"
        :times="card.times"
        :order-ids="card.orderIds"
      >
        <template #parcel="{ opened }">
          <ParcelOpening :order-ids="card.orderIds" @opened="opened" />
        </template>
      </JobCard>
    </div>
  </main>
</template>

<style scoped>
.today {
  padding: 12px 28px 50px;
}
header {
  align-items: center;
  margin-bottom: 12px;
}
.labelled {
  max-width: 420px;
  margin-bottom: 18px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 390px), 1fr));
  gap: 12px;
  align-items: start;
}
@media (max-width: 640px) {
  .today {
    padding: 10px 12px 60px;
  }
}
</style>
