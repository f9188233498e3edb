<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Ban, Limit, Requirement } from '../api/types'
import { FACES, KINDS as THINGS, MATERIALS } from '../concept/faceWords'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { plain } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import {
  answered,
  KINDS,
  MEASURES,
  newLimit,
  PRIORITIES,
  WAYS,
  wayOf,
  type Way,
} from './requirementWords'

/** A requirement in its parts: how badly, how it is answered, against what. */
const props = defineProps<{ requirement: Requirement }>()
const builds = useBuild()
const build = computed(() => builds.build!)
const limit = computed(() => props.requirement.limit ?? null)
const ban = computed(() => props.requirement.ban ?? null)
const measure = computed(() => MEASURES.find((each) => each.value === limit.value?.measure))
const edit = (change: Partial<Requirement>) =>
  builds.edit('requirements', props.requirement, change)
const problem = (field: string) => builds.problem('requirements', props.requirement.id, field)

const today = () => builds.view!.now.slice(0, 10)
const base = () =>
  build.value.concept.look.palette.find((colour) => colour.role === 'BASE')?.hex ?? '#8C8C8C'
const fresh = (which: Limit['measure']) =>
  newLimit(which, build.value.brief.revealOn ?? today(), base())
const choose = (way: Way) => edit(answered(props.requirement, way, fresh('HEIGHT_MM')))
const put = (change: Partial<Limit>) => edit({ limit: { ...limit.value!, ...change } })
/** A ban of nothing in particular is none. */
function forbid(change: { ban: Ban }) {
  if (change.ban.item || change.ban.material) edit(change)
}
const faces = [
  { value: null, label: 'any face that shows' },
  ...FACES.map((value) => ({ value, label: plain(value) })),
]
const things = [{ value: null, label: 'anything' }, ...THINGS]
const materials = [{ value: null, label: 'of any material' }, ...MATERIALS]
const read = computed(() => ['HOT_SPOT_C', 'NOISE_DBA'].includes(limit.value?.measure ?? ''))

const LINKED = [
  ['components', 'component'],
  ['panels', 'part'],
  ['schemes', 'finish'],
  ['screens', 'screen'],
  ['strips', 'light'],
  ['items', 'on a face'],
] as const
const links = computed(() => [
  { value: '', label: 'nothing yet' },
  ...LINKED.flatMap(([kind, words]) =>
    build.value[kind].map((thing) => ({
      value: `${kind}/${thing.id}`,
      label: `${words}: ${thing.name}`,
    })),
  ),
  ...build.value.photos.map((photo, index) => ({
    value: `photos/${photo.id}`,
    label: `photo: ${photo.caption || index + 1}`,
  })),
  ...builds
    .view!.tasks.filter((task) => task.doneAt)
    .map((task) => ({ value: `tasks/${task.task.key}`, label: `done: ${task.task.title}` })),
])
const link = computed(() => {
  const to = props.requirement.answeredBy
  return to ? `${to.kind}/${to.id}` : ''
})
function pointed(value: string) {
  const slash = value.indexOf('/')
  return value ? { kind: value.slice(0, slash), id: value.slice(slash + 1) } : null
}
const OUTCOMES = [
  { value: 'OPEN', label: 'not judged' },
  { value: 'ANSWERED', label: 'yes, it does' },
  { value: 'FAILED', label: 'no' },
]
const COMPARISONS = [
  { value: 'AT_LEAST', label: '≥ at least' },
  { value: 'AT_MOST', label: '≤ at most' },
]
const ASKED = [
  { field: 'text', label: 'Requirement', required: true, class: 'wide' },
  { field: 'priority', options: PRIORITIES },
]
const compared = computed(() => [
  {
    field: 'limit.measure',
    options: MEASURES,
    set: (which: Limit['measure']) => answered(props.requirement, 'measure', fresh(which)),
  },
  limit.value?.measure === 'REVEAL_DAY'
    ? { field: 'limit.day', optional: false }
    : { field: 'limit.comparison', label: 'Compared', options: COMPARISONS },
])
const measured = computed(() => {
  const unit = measure.value?.unit ?? ''
  const which = limit.value?.measure ?? ''
  const coloured = which === 'COLOUR_DELTA_E00'
  return [
    !['REVEAL_DAY', 'TOTAL_MINOR'].includes(which) && {
      field: 'limit.value',
      label: 'Limit',
      unit,
      optional: false,
    },
    which === 'SUPPORT_KG' && {
      field: 'limit.support',
      label: 'Which support',
      hint: 'its name; empty: whichever carries most',
    },
    coloured && { field: 'limit.targetHex', label: 'Colour aimed at' },
    coloured && { field: 'limit.face', label: 'On', options: faces },
    read.value && {
      field: 'limit.reading',
      label: 'Read at the test',
      unit,
      hint: 'empty until it is measured',
      optional: true,
    },
  ]
})
const BANNED = [
  { field: 'ban.item', label: 'No', options: things },
  { field: 'ban.material', label: 'Made of', options: materials },
  { field: 'ban.face', label: 'On', options: faces },
]
const answer = computed(() => [
  { field: 'kind', options: KINDS },
  {
    field: 'answeredBy',
    label: 'Points at',
    options: links.value,
    get: () => link.value,
    set: (to: string | null) => ({ answeredBy: pointed(to ?? '') }),
  },
  { field: 'answer', label: 'What answers it', class: 'wide' },
  { field: 'outcome', label: 'Judged', options: OUTCOMES },
])
</script>

<template>
  <div class="editor">
    <ThingFields kind="requirements" :thing="requirement" :fields="ASKED" />
    <ChoiceField
      label="Answered"
      :model-value="wayOf(requirement)"
      :options="WAYS"
      @update:model-value="choose"
    />
    <template v-if="limit">
      <ThingFields kind="requirements" :thing="requirement" :fields="compared" />
      <MoneyField
        v-if="limit.measure === 'TOTAL_MINOR'"
        label="Limit"
        :model-value="limit.value"
        :problem="problem('limit.value')"
        @update:model-value="(value) => put({ value: value ?? 0 })"
      />
      <ThingFields kind="requirements" :thing="requirement" :fields="measured" />
    </template>
    <template v-else-if="ban">
      <ThingFields kind="requirements" :thing="requirement" :fields="BANNED" :edit="forbid" />
    </template>
    <template v-else>
      <ThingFields kind="requirements" :thing="requirement" :fields="answer" />
    </template>
    <p class="acts">
      <Button
        class="bare"
        size="small"
        label="Take it out"
        :aria-label="'Take out requirement ' + requirement.text"
        @click="builds.remove('requirements', requirement.id)"
      />
    </p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 7px 12px;
  background: var(--paper);
  border-left: 3px solid var(--ember);
  padding: 9px 12px;
  margin: 4px 0 8px;
}
.editor :deep(.wide) {
  grid-column: 1 / -1;
}
.acts {
  grid-column: 1 / -1;
  text-align: right;
  margin: 0;
}
</style>
