<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Ban, Limit, Requirement } from '../api/types'
import { FACES, KINDS as THINGS, MATERIALS } from '../concept/faceWords'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import ColourField from '../ui/ColourField.vue'
import DateField from '../ui/DateField.vue'
import TextField from '../ui/TextField.vue'
import { plain } from '../ui/words'
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
const pick = (which: Limit['measure']) => edit(answered(props.requirement, 'measure', fresh(which)))
const put = (change: Partial<Limit>) => edit({ limit: { ...limit.value!, ...change } })
function forbid(change: Partial<Ban>) {
  const next = { ...ban.value!, ...change }
  if (next.item || next.material) edit({ ban: next })
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
function point(value: string) {
  const slash = value.indexOf('/')
  edit({
    answeredBy: value ? { kind: value.slice(0, slash), id: value.slice(slash + 1) } : null,
  })
}
const OUTCOMES = [
  { value: 'OPEN', label: 'not judged' },
  { value: 'ANSWERED', label: 'yes, it does' },
  { value: 'FAILED', label: 'no' },
] as const
</script>

<template>
  <div class="editor">
    <TextField
      class="wide"
      label="Requirement"
      :problem="problem('text')"
      required
      :model-value="requirement.text"
      @update:model-value="(text) => edit({ text })"
    />
    <ChoiceField
      label="Priority"
      :model-value="requirement.priority"
      :options="[...PRIORITIES]"
      @update:model-value="(priority) => edit({ priority })"
    />
    <ChoiceField
      label="Answered"
      :model-value="wayOf(requirement)"
      :options="WAYS"
      @update:model-value="choose"
    />
    <template v-if="limit">
      <ChoiceField
        label="Measure"
        :model-value="limit.measure"
        :options="MEASURES"
        @update:model-value="pick"
      />
      <ChoiceField
        v-if="limit.measure !== 'REVEAL_DAY'"
        label="Compared"
        :model-value="limit.comparison"
        :options="[
          { value: 'AT_LEAST', label: '≥ at least' },
          { value: 'AT_MOST', label: '≤ at most' },
        ]"
        @update:model-value="(comparison) => put({ comparison })"
      />
      <DateField
        v-if="limit.measure === 'REVEAL_DAY'"
        label="Day"
        :model-value="limit.day ?? ''"
        :problem="problem('limit.day')"
        @update:model-value="(day) => day && put({ day })"
      />
      <MoneyField
        v-else-if="limit.measure === 'TOTAL_MINOR'"
        label="Limit"
        :model-value="limit.value"
        :problem="problem('limit.value')"
        @update:model-value="(value) => put({ value: value ?? 0 })"
      />
      <MeasureField
        v-else
        label="Limit"
        :unit="measure?.unit ?? ''"
        :model-value="limit.value"
        :problem="problem('limit.value')"
        @update:model-value="(value) => value !== null && put({ value })"
      />
      <template v-if="limit.measure === 'COLOUR_DELTA_E00'">
        <ColourField
          label="Colour aimed at"
          :model-value="limit.targetHex"
          :problem="problem('limit.targetHex')"
          @update:model-value="(targetHex) => put({ targetHex })"
        />
        <ChoiceField
          label="On"
          :model-value="limit.face ?? null"
          :options="faces"
          @update:model-value="(face) => put({ face })"
        />
      </template>
      <MeasureField
        v-if="read"
        label="Read at the test"
        :unit="measure?.unit ?? ''"
        optional
        hint="empty until it is measured"
        :model-value="limit.reading ?? null"
        :problem="problem('limit.reading')"
        @update:model-value="(reading) => put({ reading })"
      />
    </template>
    <template v-else-if="ban">
      <ChoiceField
        label="No"
        :model-value="ban.item ?? null"
        :options="things"
        @update:model-value="(item) => forbid({ item })"
      />
      <ChoiceField
        label="Made of"
        :model-value="ban.material ?? null"
        :options="materials"
        @update:model-value="(material) => forbid({ material })"
      />
      <ChoiceField
        label="On"
        :model-value="ban.face ?? null"
        :options="faces"
        @update:model-value="(face) => forbid({ face })"
      />
    </template>
    <template v-else>
      <ChoiceField
        label="Kind"
        :model-value="requirement.kind"
        :options="[...KINDS]"
        @update:model-value="(kind) => edit({ kind })"
      />
      <ChoiceField
        label="Points at"
        :model-value="link"
        :options="links"
        @update:model-value="point"
      />
      <TextField
        class="wide"
        label="What answers it"
        :model-value="requirement.answer"
        :problem="problem('answer')"
        @update:model-value="(answer) => edit({ answer })"
      />
      <ChoiceField
        label="Judged"
        :model-value="requirement.outcome"
        :options="[...OUTCOMES]"
        @update:model-value="(outcome) => edit({ outcome })"
      />
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
.wide {
  grid-column: 1 / -1;
}
.acts {
  grid-column: 1 / -1;
  text-align: right;
  margin: 0;
}
</style>
