<script setup lang="ts">
import { computed } from 'vue'
import type { TaskModel } from '../api/types'
import { duration } from '../ui/words'

/** What was said of a step last: the reading of a check, why it is done again, what is left. */
const props = defineProps<{ task: TaskModel }>()
const verdict = computed(() => props.task.log.verdict)
const WORDS = {
  DONE: 'Done',
  PARTLY: 'Done in part',
  REOPENED: 'Open again',
  AGAIN: 'Again',
  PASSED: 'Passed',
  FAILED: 'Failed',
} as const
const head = computed(() => (verdict.value?.passedFor ? 'Passed over' : WORDS[verdict.value!.what]))
</script>

<template>
  <p v-if="verdict && (verdict.note || verdict.leftMinutes)" class="said">
    {{ head
    }}<template v-if="verdict.leftMinutes"
      >, <span class="mono">{{ duration(verdict.leftMinutes) }}</span> left</template
    ><template v-if="verdict.note">: {{ verdict.note }}</template>
    <span class="soft"> — {{ verdict.by }}</span>
  </p>
</template>

<style scoped>
.said {
  font-size: 13.5px;
  margin: 5px 0 0;
}
</style>
