<script setup lang="ts">
import { computed } from 'vue'
import type { Component } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import ChoiceField from '../ui/ChoiceField.vue'
import MoneyField from '../ui/MoneyField.vue'

/** What a thing that is already there counts for in the budget. */
const props = defineProps<{ component: Component }>()
const builds = useBuild()
const session = useSession()
const agreed = computed(() => props.component.counting === 'AGREED')
const edit = (change: Partial<Component>) => builds.edit('components', props.component, change)
const problem = (field: string) => builds.problem('components', props.component.id, field)
const COUNTINGS = [
  { value: 'ZERO', label: 'nothing' },
  { value: 'AGREED', label: 'an agreed value' },
  { value: 'MARKET', label: 'its market price' },
] as const
</script>

<template>
  <ChoiceField
    label="Counts for"
    :model-value="component.counting"
    :options="[...COUNTINGS]"
    @update:model-value="(counting) => edit({ counting })"
  />
  <MoneyField
    v-if="session.owner && agreed"
    label="Agreed, for one"
    optional
    :model-value="component.agreedMinor ?? null"
    :problem="problem('agreedMinor')"
    hint="left empty: its market price"
    @update:model-value="(agreedMinor) => edit({ agreedMinor })"
  />
</template>
