<script setup lang="ts">
import Button from 'primevue/button'
import { computed, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import ViewTabs from '../ui/ViewTabs.vue'
import JointsView from './JointsView.vue'
import PartsView from './PartsView.vue'
import PhotoView from './PhotoView.vue'
import PrintsView from './PrintsView.vue'
import SheetsView from './SheetsView.vue'

/** Parts drawn, checked, joined, laid on sheets, cut; prints; measuring in a photo. */
const builds = useBuild()
const route = useRoute()
const VIEWS = [
  { value: 'parts', label: 'Parts' },
  { value: 'joints', label: 'Joints' },
  { value: 'sheets', label: 'Sheets' },
  { value: 'prints', label: 'Prints' },
  { value: 'photo', label: 'Measure a photo' },
] as const
type View = (typeof VIEWS)[number]['value']
const shown = computed<View>(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'parts',
)
const parts = useTemplateRef<InstanceType<typeof PartsView>>('parts')
const joints = useTemplateRef<InstanceType<typeof JointsView>>('joints')
function addHere() {
  if (shown.value === 'parts') parts.value?.add()
  else if (shown.value === 'joints') joints.value?.add()
}
const counts = computed(() => {
  const pieces = builds.view!.make.pieces
  const sum = (of: (each: (typeof pieces)[number]) => number) =>
    pieces.reduce((total, each) => total + of(each), 0)
  return { wanted: sum((p) => p.wanted), laid: sum((p) => p.laid), cut: sum((p) => p.cut) }
})
</script>

<template>
  <StageFrame title="Make" :capabilities="['make']" :on-new="addHere">
    <template #actions>
      <ViewTabs label="Parts of making" :views="VIEWS" :shown="shown" />
      <Button v-if="shown === 'parts'" class="quiet" label="Draw a panel" @click="addHere" />
    </template>
    <PartsView v-if="shown === 'parts'" ref="parts" />
    <JointsView v-else-if="shown === 'joints'" ref="joints" />
    <SheetsView v-else-if="shown === 'sheets'" />
    <PrintsView v-else-if="shown === 'prints'" />
    <PhotoView v-else />
    <template #watch-first>
      <dl v-if="counts.wanted" class="counts" aria-label="Pieces">
        <dt>pieces wanted</dt>
        <dd class="mono">{{ counts.wanted }}</dd>
        <dt>on sheets</dt>
        <dd class="mono">{{ counts.laid }}</dd>
        <dt>cut</dt>
        <dd class="mono">{{ counts.cut }}</dd>
      </dl>
    </template>
  </StageFrame>
</template>

<style scoped>
.counts {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 10px;
  margin: 0 0 6px;
}
dd {
  margin: 0;
  text-align: right;
}
dt,
dd {
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
</style>
