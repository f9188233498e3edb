<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { PaintFault, TaskModel } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import ThingFields from '../ui/ThingFields.vue'
import { said } from '../units/writing'

/** A fault on a coat: what it is and how it is mended. The repair goes into the plan. */
const props = defineProps<{ buildId: string; task: TaskModel }>()
const emit = defineEmits<{ done: [] }>()
const builds = useBuild()
const clock = useClock()
const saver = useSaver()
const session = useSession()
const FAULTS = [
  { value: 'RUN', label: 'a run', usual: 'FLAT' },
  { value: 'DUST', label: 'dust', usual: 'FLAT' },
  { value: 'FINGERPRINT', label: 'a fingerprint', usual: 'FLAT' },
  { value: 'ORANGE_PEEL', label: 'orange peel', usual: 'FLAT' },
  { value: 'BLUSH', label: 'blush', usual: 'FLAT' },
  { value: 'WRONG_COLOUR', label: 'the wrong colour', usual: 'RECOLOUR' },
  { value: 'LIFTING', label: 'it lifts', usual: 'STRIP' },
] as const
const REPAIRS = [
  { value: 'FLAT', label: 'wait, flat it, one coat more' },
  { value: 'RECOLOUR', label: 'key it, lay this layer again' },
  { value: 'STRIP', label: 'strip it, do the side again' },
] as const
const kind = ref<PaintFault['kind']>('RUN')
const repair = ref<PaintFault['repair']>('FLAT')
const note = useDraft(`fault:${props.task.task.key}:note`, '')
const by = ref(session.account?.name ?? '')
const problem = ref('')
const id = newId()
const fault = computed<PaintFault>(() => ({
  id,
  schemeId: props.task.task.thingId ?? '',
  taskKey: props.task.task.key,
  kind: kind.value,
  repair: repair.value,
  at: new Date().toISOString(),
  by: by.value,
  note: note.value,
}))
const FIELDS = [
  { field: 'kind', label: 'What is wrong', options: [...FAULTS] },
  { field: 'repair', label: 'Repair', options: [...REPAIRS] },
  { field: 'note', label: 'Where, how large' },
  { field: 'by', label: 'Who found it' },
]
/** What is wrong brings its usual repair along. */
function put(change: Partial<PaintFault>) {
  if (change.kind) {
    kind.value = change.kind
    repair.value = FAULTS.find((each) => each.value === change.kind)!.usual
  }
  repair.value = change.repair ?? repair.value
  note.value = change.note ?? note.value
  by.value = change.by ?? by.value
}
async function record() {
  problem.value = ''
  const path = `/api/builds/${encodeURIComponent(props.buildId)}/faults/${id}`
  saver.save({ key: `faults/${id}`, path, value: fault.value })
  await saver.settled()
  const refused = saver.refused.get(path)
  if (refused) {
    problem.value = refused.errors.map((error) => error.sentence).join(' ')
    return
  }
  note.value = ''
  emit('done')
  if (!saver.away) await Promise.all([clock.refresh(), builds.id ? builds.reload() : null])
}
</script>

<template>
  <form class="fault" @submit.prevent="record">
    <ThingFields kind="faults" :thing="fault" :fields="FIELDS" :edit="put" />
    <Button type="submit" label="Plan the repair" :disabled="!by.trim()" />
    <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
  </form>
</template>

<style scoped>
.fault {
  display: grid;
  grid-template-columns: 1fr 1.3fr;
  gap: 8px 12px;
  align-items: end;
  margin-top: 9px;
}
@media (max-width: 700px) {
  .fault {
    grid-template-columns: 1fr;
  }
}
</style>
