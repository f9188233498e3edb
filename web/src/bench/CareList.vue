<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { DayCard } from '../api/types'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'

/** Cautions of a step: read once a day, then a line that opens. */
const props = defineProps<{ card: DayCard }>()
const clock = useClock()
const workshop = useWorkshop()
const all = computed(() => props.card.task.task.cautions)
const fresh = computed(() => all.value.filter((each) => !props.card.heeded.includes(each)))
const read = computed(() => all.value.filter((each) => props.card.heeded.includes(each)))
const heed = () => clock.heed(props.card.buildId, fresh.value).catch(() => undefined)
</script>

<template>
  <section v-if="all.length" class="care">
    <h3>Care</h3>
    <p v-for="each in fresh" :key="each">
      <strong>{{ workshop.caution(each)?.title }}.</strong> {{ workshop.caution(each)?.says }}
      <span class="soft">{{ workshop.caution(each)?.why }}</span>
    </p>
    <Button v-if="fresh.length" class="quiet" label="Read" @click="heed" />
    <details v-for="each in read" :key="each">
      <summary>{{ workshop.caution(each)?.title }} <span class="soft">read today</span></summary>
      {{ workshop.caution(each)?.says }}
      <span class="soft">{{ workshop.caution(each)?.why }}</span>
    </details>
  </section>
</template>

<style scoped>
.care {
  border-left: 3px solid #c9820e;
  padding-left: 10px;
  font-size: 13px;
}
p {
  margin: 4px 0 0;
}
.p-button {
  margin-top: 6px;
  min-height: 44px;
}
summary {
  cursor: pointer;
  min-height: 32px;
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
