<script setup lang="ts">
import { computed } from 'vue'
import type { Component } from '../api/types'
import { useBuild } from '../store/build'
import LoanRow from './LoanRow.vue'

/** What is here and isn't the workshop's: from whom, how it came, and whether it goes back. */
const props = defineProps<{ components: Component[] }>()
const builds = useBuild()
/** Agreed for something that the design dropped since: it may still have to go back. */
const dropped = computed(() =>
  builds.build!.loans.filter(
    (loan) => !props.components.some((each) => each.id === loan.componentId),
  ),
)
</script>

<template>
  <p v-if="components.length === 0 && dropped.length === 0" class="soft">
    Nothing is given, lent or brought by the client. Say so at a component, under Fit, “Comes from”.
  </p>
  <LoanRow v-for="each in components" :key="each.id" :component="each" />
  <LoanRow v-for="loan in dropped" :key="loan.id" :loan="loan" />
</template>
