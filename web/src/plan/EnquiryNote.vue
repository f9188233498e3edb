<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Enquiry } from '../api/types'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import { duration } from '../ui/words'

/** What was only asked about holds nobody: what it would hold, and the way to agree it. */
const props = defineProps<{ enquiry: Enquiry }>()
const builds = useBuild()
const clock = useClock()
const workshop = useWorkshop()

const people = computed(() =>
  Object.entries(props.enquiry.minutesByPerson)
    .sort((one, other) => other[1] - one[1])
    .map(([id, minutes]) => `${workshop.personName(id)} ${duration(minutes)}`)
    .join(', '),
)
const agree = () => clock.mark(builds.id, 'brief/agree', 'Talk the brief through', 'DONE')
</script>

<template>
  <p class="enquiry">
    <SignMark kind="note" :size="14" />
    <span>
      It was only asked about: nobody and no station is held for it, and other builds are planned as
      if it were not there. Agreed, it would hold {{ duration(enquiry.minutes)
      }}<template v-if="people"> of work: {{ people }}</template
      >.
    </span>
    <Button class="quiet" size="small" label="It is agreed: hold it" @click="agree" />
  </p>
</template>

<style scoped>
.enquiry button {
  white-space: nowrap;
  flex: none;
}
.enquiry {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
