<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { OrderLine } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import MeasureField from '../ui/MeasureField.vue'

/** Only some of it comes now: the rest is a line of its own, with its share of what was paid. */
const props = defineProps<{ line: OrderLine; unit: string }>()
const builds = useBuild()
const shell = useShell()
const first = ref<number | null>(null)
/** Made once, so that two presses split it once. */
const restId = ref(newId())
const fits = computed(
  () => first.value !== null && first.value > 0 && first.value < props.line.quantity,
)
async function split() {
  try {
    await builds.act('order/split', {
      id: restId.value,
      orderId: props.line.id,
      quantity: first.value,
    })
    first.value = null
    restId.value = newId()
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
</script>

<template>
  <form class="split" :aria-label="'In two parts: ' + line.title" @submit.prevent="split">
    <MeasureField v-model="first" own optional label="Only so much comes first" :unit="unit" />
    <Button
      type="submit"
      class="quiet"
      size="small"
      label="It comes in two parts"
      :disabled="!fits"
    />
  </form>
</template>

<style scoped>
.split {
  display: flex;
  gap: 8px;
  align-items: end;
  margin-bottom: 8px;
  max-width: 420px;
}
</style>
