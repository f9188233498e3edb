<script setup lang="ts">
import { computed } from 'vue'
import type { LabelCheck, OrderLine } from '../api/types'
import { useBuild } from '../store/build'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import { mm } from '../ui/words'
import { said } from '../units/writing'

/** What the label says, typed and compared with what was ordered. */
const props = defineProps<{ line: OrderLine; check: LabelCheck }>()
const builds = useBuild()
const typed = computed(() => new Map(props.line.label.map((fact) => [fact.field, fact.words])))
function write(field: string, words: string) {
  const others = props.line.label.filter((fact) => fact.field !== field)
  const label = words.trim() ? [...others, { field, words }] : others
  builds.edit('orders', props.line, { label })
}
const verdict = computed(() => {
  const { complete, differs } = props.check
  if (differs) return { sign: 'stop' as const, words: 'Not what was ordered: don’t use it.' }
  if (!complete) return { sign: 'wait' as const, words: 'Not all of the label is read.' }
  return { sign: 'done' as const, words: 'It says what was ordered.' }
})
const hint = (answer: LabelCheck['answers'][number]) =>
  answer.kept
    ? 'kept with it'
    : answer.ordered
      ? `ordered ${said(answer.ordered)}`
      : 'nobody said which'
</script>

<template>
  <form :aria-label="'Label of ' + line.title" @submit.prevent>
    <h4>What does its label say?</h4>
    <div class="fields">
      <div v-for="answer in check.answers" :key="answer.field">
        <TextField
          :label="answer.words"
          :model-value="typed.get(answer.field) ?? ''"
          :hint="hint(answer)"
          :problem="builds.problem('orders', line.id, 'label')"
          @update:model-value="(words) => write(answer.field, words)"
        />
        <p v-if="answer.outcome === 'DIFFERS'" class="bad">
          <SignMark kind="stop" /> {{ said(answer.label) }} is not {{ said(answer.ordered) }}
        </p>
      </div>
    </div>
    <p class="verdict" role="status"><SignMark :kind="verdict.sign" /> {{ verdict.words }}</p>
    <p v-if="check.caliper" class="mono" :class="{ bad: check.caliper.uneven }">
      slots {{ mm(check.caliper.slotMm) }} · stacks {{ mm(check.caliper.stackMm) }} ±
      {{ mm(check.caliper.halfRangeMm) }}{{ check.caliper.uneven ? ' · uneven' : '' }}
    </p>
  </form>
</template>

<style scoped>
h4 {
  margin: 0 0 6px;
  font-size: 15px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 6px 10px;
}
p {
  margin: 4px 0;
}
</style>
