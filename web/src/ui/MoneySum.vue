<script setup lang="ts" generic="T extends { readonly figureKeys?: Record<string, string> }">
import { computed } from 'vue'
import { useWorkshop } from '../store/workshop'
import { money } from './words'

/** What amounts of a screen make together, with the keys of what was added. */
const props = defineProps<{
  of: T[]
  name: keyof T & `${string}Minor`
  /** What one counts, where that is not the amount itself. */
  counts?: (each: T) => number
}>()
const workshop = useWorkshop()
const sum = computed(() =>
  props.of.reduce((all, each) => all + (props.counts?.(each) ?? (each[props.name] as number)), 0),
)
const keys = computed(() => props.of.map((each) => each.figureKeys?.[props.name]))
</script>

<template>
  <span :data-sum="JSON.stringify(keys)">{{ money(sum, workshop.currency) }}</span>
</template>
