<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Worked, Worksheet } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'
import { plain } from '../ui/words'
import SheetFrame from './SheetFrame.vue'
import { fixed } from '../units/writing'

/** Posts under a load from above or from the side. */
const props = defineProps<{ sheet: Worksheet; answer: Worked | null }>()
const builds = useBuild()
type Posts = NonNullable<Worksheet['standoffs']>
const posts = computed(() => props.sheet.standoffs!)
const edit = (change: Partial<Posts>) =>
  builds.edit('worksheets', props.sheet, { standoffs: { ...posts.value, ...change } })
const problem = (field: string) =>
  builds.problem('worksheets', props.sheet.id, 'standoffs.' + field)
const load = computed(() => props.answer?.standoffs ?? null)
const good = computed(() =>
  !load.value || load.value.verdict === 'NOT_KNOWN' ? null : load.value.holds,
)
const verdict = computed(() => {
  if (!load.value) return 'reckoning…'
  const { verdict, bendingMpa, axialMpa, yieldMpa, safety, wantedSafety } = load.value
  if (verdict === 'NOT_KNOWN') return 'not known: no load is given. Type what stands on them.'
  return `${safety >= 100 ? 'more than 100' : fixed(safety, 2)}-fold safe, ${wantedSafety} wanted; ${fixed(bendingMpa + axialMpa, 0)} MPa of ${fixed(yieldMpa, 0)}. An estimate, not a certificate.`
})
const MATERIALS = (['MILD_STEEL', 'STAINLESS', 'BRASS', 'ALUMINIUM', 'NYLON'] as const).map(
  (value) => ({ value, label: plain(value) }),
)
const NUMBERS = [
  { field: 'count', label: 'Posts', unit: '×' },
  { field: 'coreMm', label: 'Core diameter', unit: 'mm' },
  { field: 'heightMm', label: 'Height', unit: 'mm' },
  { field: 'axialN', label: 'Load from above', unit: 'N' },
  { field: 'lateralN', label: 'Load from the side', unit: 'N' },
  { field: 'carrying', label: 'That share the load', unit: '×' },
] as const
</script>

<template>
  <SheetFrame :sheet="sheet" :good="good" :why="load?.why" :verdict="verdict">
    <div class="form">
      <NumberFields :of="posts" :fields="NUMBERS" :problem="problem" @change="edit" />
      <ChoiceField
        label="Made of"
        :model-value="posts.material"
        :options="MATERIALS"
        @update:model-value="(material) => edit({ material })"
      />
      <TextField
        label="Held sideways by"
        hint="what keeps the upper plate from swaying; empty for nothing"
        :model-value="posts.heldBy"
        :problem="problem('heldBy')"
        @update:model-value="(heldBy) => edit({ heldBy })"
      />
      <label>
        <Checkbox
          binary
          :model-value="posts.person"
          @update:model-value="(person: boolean) => edit({ person })"
        />
        someone leans or sits on it
      </label>
      <label>
        <Checkbox
          binary
          :model-value="posts.clamped"
          @update:model-value="(clamped: boolean) => edit({ clamped })"
        />
        both ends clamped: a wide shoulder on a thick plate
      </label>
    </div>
  </SheetFrame>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 170px));
  gap: 8px 14px;
}
.form > label {
  grid-column: 1 / -1;
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
}
</style>
