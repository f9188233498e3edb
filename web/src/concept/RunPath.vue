<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, useId } from 'vue'
import type { FaceItem, RunPath } from '../api/types'
import { useBuild } from '../store/build'
import ManyOf from '../ui/ManyOf.vue'
import ThingFields from '../ui/ThingFields.vue'

/** The edges that a light run is laid along: its length follows from them. */
const props = defineProps<{ item: FaceItem; edit: (change: Partial<FaceItem>) => void }>()
const builds = useBuild()
const id = useId()
const build = computed(() => builds.build!)
const EDGES = [
  { value: 'TOP', label: 'top' },
  { value: 'RIGHT', label: 'right' },
  { value: 'BOTTOM', label: 'bottom' },
  { value: 'LEFT', label: 'left' },
] as const
const along = computed(() => props.item.along ?? null)
/** What lies on the same face, and parts that lie there because nobody moved them. */
const hosts = computed(() => {
  const { face } = props.item
  const placed = build.value.items.filter((each) => each.face === face)
  const moved = new Set(build.value.items.map((each) => each.ofId))
  return [
    { value: '', label: `the ${face.toLowerCase()} face itself` },
    ...placed
      .filter((each) => each.kind !== 'LIGHT_RUN')
      .map((each) => ({ value: each.id, label: each.name })),
    ...build.value.panels
      .filter((panel) => panel.face === face && !moved.has(panel.id))
      .map((panel) => ({ value: panel.id, label: panel.name })),
  ]
})
const lay = (on: boolean) =>
  props.edit({ along: on ? { itemId: '', edges: ['TOP'], insetMm: 10 } : null })
const put = (change: Partial<RunPath>) => props.edit({ along: { ...along.value!, ...change } })
/** In the order in which they were picked: so it runs. None at all is no place. */
const putEdges = (edges: RunPath['edges']) => edges.length && put({ edges })
const FIELDS = computed(() => [
  { field: 'along.itemId', label: 'Along the edges of', options: hosts.value },
  { field: 'along.insetMm', label: 'In from the edge', hint: 'less than 0: outside of it' },
])
const keep = (change: Partial<FaceItem>) => props.edit(change)
</script>

<template>
  <div class="path">
    <span class="check">
      <Checkbox binary :input-id="id" :model-value="!!along" @update:model-value="lay" /><label
        :for="id"
        >laid along edges</label
      >
    </span>
    <template v-if="along">
      <ThingFields kind="items" :thing="item" :edit="keep" :fields="FIELDS" />
      <ManyOf
        legend="Edges, as it runs"
        :options="EDGES"
        :model-value="along.edges"
        @update:model-value="putEdges"
      />
    </template>
  </div>
</template>

<style scoped>
.path {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: start;
}
.path :deep(fieldset) {
  align-self: end;
  min-height: 34px;
}
.check {
  margin-top: 20px;
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 34px;
}
</style>
