<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { LayerStep, Scheme } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import { plain } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'

/** One step: side, product, coats, and the shapes that it is for. */
const props = defineProps<{ step: LayerStep; index: number; scheme: Scheme }>()
const emit = defineEmits<{ change: [change: Partial<LayerStep>]; remove: []; move: [by: number] }>()
const builds = useBuild()
const workshop = useWorkshop()
const SIDES = [
  { value: 'FRONT', label: 'front' },
  { value: 'BACK', label: 'back' },
] as const
const coated = computed(() => props.step.op === 'PAINT' || props.step.op === 'CLEAR')
const products = computed(() => {
  const { productId } = props.step
  if (props.step.op === 'FILM')
    return workshop
      .offered('films', productId)
      .map((f) => ({ value: f.id, label: f.name as string }))
  const clear = props.step.op === 'CLEAR'
  return workshop
    .offered('paints', productId)
    .filter((p) => (p.kind === 'CLEAR') === clear)
    .map((p) => ({ value: p.id, label: `${p.name}, ${plain(p.kind)}` }))
})
/** The list of layers names them in its own way when it can't be laid. */
const listed = (field: string) =>
  builds.problem('schemes', props.scheme.id, field.replace(/^layers\.(\d+)/, 'layers[$1]'))
const fields = computed(() => [
  (coated.value || props.step.op === 'FILM') && {
    field: 'productId',
    label: props.step.op === 'FILM' ? 'Film' : 'Paint',
    options: products.value,
    class: 'wide',
    instead: '',
  },
  coated.value && { field: 'coats', unit: '×', class: 'narrow' },
  { field: 'side', options: SIDES, class: 'narrow' },
])
function shape(id: string, on: boolean) {
  const named = props.step.shapes.filter((each) => each !== id)
  emit('change', { shapes: on ? [...named, id] : named })
}
</script>

<template>
  <div class="fields">
    <div class="row pair">
      <ThingFields
        kind="schemes"
        :thing="scheme"
        :within="`layers.${index}`"
        given
        :fields="fields"
        :also-wrong="listed"
      />
    </div>
    <fieldset v-if="scheme.shapes.length && step.op !== 'PEEL'">
      <legend class="soft">On these shapes; none for all over</legend>
      <CheckField
        v-for="each in scheme.shapes"
        :key="each.id"
        :label="each.name"
        :model-value="step.shapes.includes(each.id)"
        @update:model-value="(on: boolean) => shape(each.id, on)"
      />
      <CheckField
        v-if="step.shapes.length"
        label="around them instead"
        :model-value="step.outside"
        @update:model-value="(outside: boolean) => emit('change', { outside })"
      />
    </fieldset>
    <p class="row">
      <Button class="bare" size="small" label="Earlier" @click="emit('move', -1)" />
      <Button class="bare" size="small" label="Later" @click="emit('move', 1)" />
      <span class="grow" />
      <Button class="bare" size="small" label="Take this step out" @click="emit('remove')" />
    </p>
  </div>
</template>

<style scoped>
.fields {
  padding: 2px 10px 8px 38px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
}
.pair {
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
}
.pair :deep(.wide) {
  flex: 1 1 100%;
  min-width: 0;
}
.pair :deep(.narrow) {
  width: 92px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
legend {
  font-size: 12.5px;
  padding: 0;
}
p {
  margin: 0;
}
</style>
