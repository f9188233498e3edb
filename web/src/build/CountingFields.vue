<script setup lang="ts">
import { computed } from 'vue'
import type { Component } from '../api/types'
import ThingFields from '../ui/ThingFields.vue'

/** What a thing that is already there counts for in the budget. */
const props = defineProps<{ component: Component }>()
const COUNTINGS = [
  { value: 'ZERO', label: 'nothing' },
  { value: 'AGREED', label: 'an agreed value' },
  { value: 'MARKET', label: 'its market price' },
]
const fields = computed(() => [
  { field: 'counting', label: 'Counts for', options: COUNTINGS },
  props.component.counting === 'AGREED' && {
    field: 'agreedMinor',
    label: 'Agreed, for one',
    hint: 'left empty: its market price',
  },
])
</script>

<template>
  <ThingFields kind="components" :thing="component" :fields="fields" />
</template>
