<script setup lang="ts">
import { computed } from 'vue'
import type { OrderedLine, OrderLine } from '../api/types'
import MoneyMoves from './MoneyMoves.vue'

/** What was paid for a line, and what came back. */
const props = defineProps<{ ordered: OrderedLine; line: OrderLine }>()
const of = computed(() => ({
  orderId: props.line.id,
  supplierId: props.line.supplierId,
}))
</script>

<template>
  <MoneyMoves
    :of="of"
    :name="line.title"
    :open-minor="ordered.openMinor"
    :spent-minor="ordered.spentMinor"
  />
</template>
