<script setup lang="ts">
import { ref, watch } from 'vue'
import { get } from '../api/client'
import type { BenchDay, DayEnd } from '../api/types'
import { useWorkshop } from '../store/workshop'
import { day as dayOf, duration, moment, weekday } from '../ui/words'
import { said } from '../units/writing'

/** How the day ended: done, slid, tomorrow, and what must not wait until then. */
const props = defineProps<{ day: BenchDay }>()
const workshop = useWorkshop()
const end = ref<DayEnd | null>(null)
const refused = ref('')
async function read() {
  try {
    const path = `/api/bench/end?person=${encodeURIComponent(props.day.personId)}`
    end.value = await get<DayEnd>(path)
    refused.value = ''
  } catch (problem) {
    refused.value = (problem as Error).message
  }
}
watch(() => props.day, read, { immediate: true })
</script>

<template>
  <section class="end" aria-label="Day’s end">
    <p v-if="refused" class="bad" role="alert">{{ said(refused) }}</p>
    <div v-if="end" class="parts">
      <section>
        <h3>
          Done today <span v-if="end.minutes" class="mono">{{ duration(end.minutes) }}</span>
        </h3>
        <ul v-if="end.done.length">
          <li v-for="each in end.done" :key="each.buildId + each.taskKey">
            {{ said(each.title) }} <span class="soft">{{ each.buildName }}</span>
            <span v-if="each.minutes" class="mono">{{ duration(each.minutes) }}</span>
            <span v-if="!each.ended" class="soft"> goes on</span>
          </li>
        </ul>
        <p v-else class="soft">Nothing was recorded today.</p>
      </section>
      <section>
        <h3>Slid</h3>
        <ul v-if="end.slid.length">
          <li v-for="each in end.slid" :key="each.buildId + each.taskKey">
            {{ said(each.title) }} <span class="soft">{{ each.buildName }}</span>, now
            {{ moment(each.is, day.now)
            }}<template v-if="each.worker && each.worker !== day.personId"
              >, {{ workshop.personName(each.worker) }}</template
            >
          </li>
        </ul>
        <p v-else class="soft">Nothing that was planned for today this morning.</p>
      </section>
      <section>
        <h3>{{ end.next ? weekday(end.next) : 'Next' }}</h3>
        <ul v-if="end.tomorrow.length">
          <li v-for="each in end.tomorrow" :key="each.buildId + each.taskKey + each.at">
            <span class="mono">{{ moment(each.at, end.next!) }}</span> {{ said(each.title) }}
            <span class="soft">{{ each.buildName }}</span>
          </li>
        </ul>
        <p v-else class="soft">Nothing is planned.</p>
      </section>
      <section>
        <h3>Tonight</h3>
        <ul v-if="end.order.length || end.rack.length || end.closing.length">
          <li v-for="each in end.closing" :key="'c' + each.buildId + each.taskKey" class="bad">
            Begin “{{ said(each.title) }}” before {{ moment(each.at, day.now) }}: its window closes
          </li>
          <li v-for="each in end.rack" :key="'r' + each.buildId + each.taskKey">
            Off the rack from {{ moment(each.until, day.now) }}: {{ said(each.title) }}
            <span class="soft">{{ each.buildName }}</span>
          </li>
          <li v-for="each in end.order" :key="'o' + each.buildId + each.title">
            <RouterLink :to="`/builds/${each.buildId}/supply`"
              >Order {{ said(each.title) }}</RouterLink
            >{{ ' '
            }}<span class="soft"
              >{{ each.buildName
              }}<template v-if="each.supplierName"> · {{ each.supplierName }}</template
              >, by {{ dayOf(each.orderBy) }}</span
            >
          </li>
        </ul>
        <p v-else class="soft">Nothing to order, nothing to take off the rack.</p>
      </section>
    </div>
  </section>
</template>

<style scoped>
.end {
  background: var(--paper);
  border-left: 4px solid var(--kraft);
  padding: 12px 18px;
  margin-bottom: 12px;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 250px), 1fr));
  gap: 12px 24px;
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
p {
  margin: 4px 0 0;
}
</style>
