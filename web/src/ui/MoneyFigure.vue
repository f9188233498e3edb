<script setup lang="ts" generic="T extends { readonly figureKeys?: Record<string, string> }">
import { computed } from 'vue'
import { useWorkshop } from '../store/workshop'
import { money } from './words'

/**
 * An amount as it was answered. It carries the key of its figure: equal keys are equal cents on
 * every screen, which a journey walks and compares.
 */
const props = defineProps<{
  of: T
  name: keyof T & `${string}Minor`
  /** Said where there is none. */
  none?: string
  /** A difference: with its plus or minus. */
  signed?: boolean
  /** Inside a drawing. */
  drawn?: boolean
}>()
const workshop = useWorkshop()
const minor = computed(() => props.of[props.name] as number | null | undefined)
const words = computed(() => {
  if (minor.value === null || minor.value === undefined) return props.none ?? ''
  if (!props.signed) return money(minor.value, workshop.currency)
  return (minor.value < 0 ? '−' : '+') + money(Math.abs(minor.value), workshop.currency)
})
</script>

<template>
  <component :is="drawn ? 'tspan' : 'span'" :data-figure="of.figureKeys?.[name]">{{
    words
  }}</component>
</template>
