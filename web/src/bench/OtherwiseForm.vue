<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { TaskModel } from '../api/types'
import { useClock } from '../store/clock'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'
import TookFields, { tookAnswer, type Took } from './TookFields.vue'

/** Done in part, in another way, or by somebody else. */
const props = defineProps<{ buildId: string; task: TaskModel; untimed: boolean }>()
const emit = defineEmits<{ done: [] }>()
const clock = useClock()
const session = useSession()
const workshop = useWorkshop()
const draft = `otherwise:${props.buildId}:${props.task.task.key}:`
const how = useDraft(draft + 'how', '')
const left = useDraft<number | null>(draft + 'left', null)
const who = ref(session.account?.personId ?? '')
const took = ref<Took>({ how: 'planned', minutes: null, why: '' })
const people = computed(() =>
  workshop.offered('people').map((each) => ({ value: each.id, label: each.name })),
)
const time = computed(() =>
  props.untimed ? tookAnswer(took.value, props.task.task.handsOnMinutes) : {},
)
const partly = computed(() => left.value !== null && left.value > 0)
async function say() {
  const said = { note: how.value.trim(), doneBy: who.value, ...time.value }
  const { key, title } = props.task.task
  try {
    if (partly.value)
      await clock.mark(props.buildId, key, title, 'PARTLY', {
        ...said,
        leftMinutes: Math.max(1, Math.round(left.value!)),
      })
    else await clock.mark(props.buildId, key, title, 'DONE', said)
  } catch {
    return // said aloud by the clock; what was typed stays
  }
  how.value = ''
  left.value = null
  emit('done')
}
</script>

<template>
  <form class="otherwise" @submit.prevent="say">
    <ChoiceField v-model="who" label="Who did it" :options="people" />
    <MeasureField
      label="Still to do, nothing where it is done"
      own
      whole
      duration
      unit="min"
      :model-value="left"
      @update:model-value="(minutes) => (left = minutes)"
    />
    <TextField v-model="how" own label="What was different" />
    <TookFields v-if="untimed" v-model="took" :planned-minutes="task.task.handsOnMinutes" />
    <Button type="submit" :label="partly ? 'Done in part' : 'Done'" :disabled="!time" />
  </form>
</template>

<style scoped>
.otherwise {
  display: grid;
  gap: 8px;
  margin-top: 10px;
  max-width: 480px;
}
</style>
