<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { OrderedLine } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import ThingFields from '../ui/ThingFields.vue'
import { said } from '../units/writing'
import LineMoney from './LineMoney.vue'

/** What customs ask for an order: guessed from the shop’s percents, until they say it. */
const props = defineProps<{ ordered: OrderedLine }>()
const builds = useBuild()
const workshop = useWorkshop()
const line = computed(
  () =>
    builds.build!.orders.find((each) => each.id === props.ordered.line.id) ?? props.ordered.line,
)
const FIELDS = [
  { field: 'unitPriceMinor', label: 'Duty and import tax' },
  { field: 'note', label: 'Note', lines: 1 },
]
</script>

<template>
  <div class="duty">
    <strong>{{ workshop.supplierName(line.supplierId) }}</strong>
    <span class="soft">{{ said(line.title) }}</span>
    <Button
      v-if="line.state !== 'CANCELLED'"
      class="bare"
      size="small"
      label="They ask none"
      :aria-label="`They ask none: ${line.title}`"
      @click="builds.edit('orders', line, { state: 'CANCELLED' })"
    />
    <div class="fields"><ThingFields kind="orders" :thing="line" :fields="FIELDS" /></div>
    <LineMoney :ordered="ordered" :line="line" />
  </div>
</template>

<style scoped>
.duty {
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
.duty > .soft {
  margin-left: 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px 10px;
  max-width: 420px;
}
</style>
