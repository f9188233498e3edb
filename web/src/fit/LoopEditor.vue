<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Loop, LoopRun } from '../api/types'
import { useBuild } from '../store/build'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TextField from '../ui/TextField.vue'
import { useLibrary } from './useLibrary'

/** What is in a loop, and its tubes with their fittings. */
const props = defineProps<{ loop: Loop }>()
const builds = useBuild()
const library = useLibrary()
const edit = (change: Partial<Loop>) => builds.edit('loops', props.loop, change)
const problem = (field: string) => builds.problem('loops', props.loop.id, field)
const candidates = computed(() =>
  builds.build!.components.filter((c) =>
    ['PUMP', 'RADIATOR', 'BLOCK', 'RESERVOIR'].includes(c.kind),
  ),
)
function member(id: string, on: boolean) {
  const others = props.loop.memberIds.filter((m) => m !== id)
  edit({ memberIds: on ? [...others, id] : others })
}
function run(index: number, change: Partial<LoopRun>) {
  edit({ runs: props.loop.runs.map((r, i) => (i === index ? { ...r, ...change } : r)) })
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
</script>

<template>
  <section class="loop" :aria-label="`Loop ${loop.name}`">
    <div class="row">
      <TextField
        label="Name of the loop"
        required
        :model-value="loop.name"
        :problem="problem('name')"
        @update:model-value="(name) => edit({ name })"
      />
      <ChoiceField
        label="Filled with"
        :model-value="loop.coolantId"
        :options="coolants"
        @update:model-value="(coolantId) => edit({ coolantId })"
      />
      <MeasureField
        class="narrow"
        label="Coolant not listed"
        unit="l"
        :model-value="loop.extraL"
        :problem="problem('extraL')"
        @update:model-value="(extraL) => extraL !== null && edit({ extraL })"
      />
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
      <TextField
        label="Tube"
        :problem="problem(`runs.${index}.name`)"
        :hide-label="index > 0"
        :model-value="each.name"
        @update:model-value="(name) => run(index, { name })"
      />
      <MeasureField
        class="narrow"
        label="Length"
        :hide-label="index > 0"
        unit="mm"
        :model-value="each.lengthMm"
        :problem="problem(`runs.${index}.lengthMm`)"
        @update:model-value="(lengthMm) => lengthMm !== null && run(index, { lengthMm })"
      />
      <MeasureField
        class="narrow"
        label="Bore"
        :hide-label="index > 0"
        unit="mm"
        :model-value="each.boreMm"
        :problem="problem(`runs.${index}.boreMm`)"
        @update:model-value="(boreMm) => boreMm !== null && run(index, { boreMm })"
      />
      <MeasureField
        class="narrow"
        label="Fittings"
        :hide-label="index > 0"
        unit="×"
        :model-value="each.fittings"
        :problem="problem(`runs.${index}.fittings`)"
        @update:model-value="(count) => count !== null && run(index, { fittings: count })"
      />
      <ChoiceField
        label="Of this kind"
        :hide-label="index > 0"
        :model-value="each.fittingId"
        :options="fittings"
        @update:model-value="(fittingId) => run(index, { fittingId })"
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
.narrow {
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
