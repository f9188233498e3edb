<script setup lang="ts">
import Button from 'primevue/button'
import { computed, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import ViewTabs from '../ui/ViewTabs.vue'
import AirView from './AirView.vue'
import FilmView from './FilmView.vue'
import OutsideView from './OutsideView.vue'
import SchemesView from './SchemesView.vue'

/** Paint and vinyl: layers in order, what they show, when they dry, what they take. */
const builds = useBuild()
const route = useRoute()
const VIEWS = [
  { value: 'layers', label: 'Coats and layers' },
  { value: 'film', label: 'Film and touches' },
  { value: 'outside', label: 'Sent out' },
  { value: 'air', label: 'Air and cards' },
] as const
type View = (typeof VIEWS)[number]['value']
const shown = computed<View>(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'layers',
)
const NEW: Record<View, string> = {
  layers: 'Plan a finish',
  film: 'Add a touch',
  outside: 'Send something out',
  air: 'Add a test card',
}
const view = useTemplateRef<{ add: () => void }>('view')
const addHere = () => view.value?.add()
const VIEW_OF = { layers: SchemesView, film: FilmView, outside: OutsideView, air: AirView }
</script>

<template>
  <StageFrame title="Finish" :capabilities="['finish']" :on-new="addHere">
    <template #actions>
      <ViewTabs label="Parts of finishing" :views="VIEWS" :shown="shown" />
      <Button
        class="quiet"
        :label="NEW[shown]"
        :disabled="shown !== 'air' && builds.build!.panels.length === 0"
        @click="addHere"
      />
    </template>
    <component :is="VIEW_OF[shown]" ref="view" />
  </StageFrame>
</template>
