<script setup lang="ts">
import { ref } from 'vue'
import type { Stage } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { STOPS } from '../stops'
import ChoiceField from '../ui/ChoiceField.vue'
import BuildCards from './BuildCards.vue'

/** This build's cards: assembly first, any other stage by choice. */
const which = ref<Stage | 'ALL'>('ASSEMBLE')
const choices = [
  { value: 'ALL' as const, label: 'all stages' },
  ...STOPS.map((stop) => ({ value: stop.stage, label: stop.label })),
]
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
      <ChoiceField v-model="which" label="Cards of" hide-label :options="choices" />
    </template>
    <BuildCards
      :stages="which === 'ALL' ? all : [which]"
      empty="No cards yet. Parts and components in the design bring their own."
    />
  </StageFrame>
</template>
