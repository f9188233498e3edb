<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Loop } from '../api/types'
import { useBuild } from '../store/build'
import { useLibrary } from './useLibrary'
import ThingFields from '../ui/ThingFields.vue'

/** What is in a loop, and its tubes with their fittings. */
const props = defineProps<{ loop: Loop }>()
const builds = useBuild()
const library = useLibrary()
const edit = (change: Partial<Loop>) => builds.edit('loops', props.loop, change)
const candidates = computed(() =>
  builds.build!.components.filter((c) =>
    ['PUMP', 'RADIATOR', 'BLOCK', 'RESERVOIR'].includes(c.kind),
  ),
)
function member(id: string, on: boolean) {
  const others = props.loop.memberIds.filter((m) => m !== id)
  edit({ memberIds: on ? [...others, id] : others })
}
const addRun = () =>
  edit({
    runs: [
      ...props.loop.runs,
      {
        name: `Run ${props.loop.runs.length + 1}`,
        lengthMm: 300,
        boreMm: 10,
        fittings: 2,
        fittingId: 'fit-brook-10',
        thread: 'G1/4',
      },
    ],
  })
const products = (prefix: string) => [
  { value: '', label: 'none chosen' },
  ...library.hardware
    .filter((product) => product.id.startsWith(prefix))
    .map((product) => ({ value: product.id, label: product.name })),
]
const coolants = computed(() => products('coolant-'))
const fittings = computed(() => products('fit-'))
const LOOP = computed(() => [
  { field: 'name', label: 'Name of the loop' },
  { field: 'coolantId', label: 'Filled with', options: coolants.value },
  { field: 'extraL', label: 'Coolant not listed', class: 'narrow' },
])
const RUN = computed(() => [
  { field: 'name', label: 'Tube' },
  { field: 'lengthMm', class: 'narrow' },
  { field: 'boreMm', class: 'narrow' },
  { field: 'fittings', unit: '×', class: 'narrow' },
  { field: 'fittingId', label: 'Of this kind', options: fittings.value },
])
</script>

<template>
  <section class="loop" :aria-label="`Loop ${loop.name}`">
    <div class="row">
      <ThingFields kind="loops" :thing="loop" :fields="LOOP" />
      <fieldset>
        <legend>In the loop</legend>
        <label v-for="candidate in candidates" :key="candidate.id">
          <Checkbox
            binary
            :model-value="loop.memberIds.includes(candidate.id)"
            @update:model-value="(on: boolean) => member(candidate.id, on)"
          />
          {{ candidate.name }}
        </label>
        <span v-if="!candidates.length" class="soft">no pump, block or radiator in the build</span>
      </fieldset>
    </div>
    <div v-for="(each, index) in loop.runs" :key="index" class="row run">
      <ThingFields
        kind="loops"
        :thing="loop"
        :within="`runs.${index}`"
        :fields="RUN.map((field) => ({ ...field, hideLabel: index > 0 }))"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`Take out ${each.name}`"
        @click="edit({ runs: loop.runs.filter((_, i) => i !== index) })"
      />
    </div>
    <div class="row">
      <Button class="bare" size="small" label="Add a tube" @click="addRun" />
      <Button
        class="bare"
        size="small"
        :label="`Remove ${loop.name}`"
        @click="builds.remove('loops', loop.id)"
      />
    </div>
  </section>
</template>

<style scoped>
.loop {
  border-top: 1px solid var(--line);
  padding-top: 10px;
  display: grid;
  gap: 7px;
}
.row {
  align-items: end;
  flex-wrap: wrap;
}
.row :deep(.narrow) {
  width: 118px;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
legend {
  font-size: 12.5px;
  color: var(--smoke);
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
