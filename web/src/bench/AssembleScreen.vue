<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Stage } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { STOPS } from '../stops'
import ChoiceField from '../ui/ChoiceField.vue'
import { useBuild } from '../store/build'
import BuildCards from './BuildCards.vue'
import SnagList from './SnagList.vue'

/** This build's cards: assembly first, any other stage by choice. */
const which = ref<Stage | 'ALL'>('ASSEMBLE')
const choices = [
  { value: 'ALL' as const, label: 'all stages' },
  ...STOPS.map((stop) => ({ value: stop.stage, label: stop.label })),
]
const builds = useBuild()
const labels = computed(() => `/api/builds/${encodeURIComponent(builds.id)}/labels.pdf`)
const all = STOPS.map((stop) => stop.stage)
</script>

<template>
  <StageFrame
    class="for-thumbs"
    title="Assemble"
    note="the cards of this build"
    :capabilities="['bench', 'plan']"
  >
    <template #actions>
      <a :href="labels" target="_blank">Print labels</a>
      <ChoiceField v-model="which" label="Cards of" hide-label :options="choices" />
    </template>
    <SnagList />
    <BuildCards
      :stages="which === 'ALL' ? all : [which]"
      empty="No cards yet. Parts and components in the design bring their own."
    />
  </StageFrame>
</template>
