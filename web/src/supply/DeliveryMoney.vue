<script setup lang="ts">
import { computed } from 'vue'
import type { Delivery } from '../api/types'
import { useWorkshop } from '../store/workshop'
import MoneyMoves from './MoneyMoves.vue'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** What the deliveries of a shop cost. */
const props = defineProps<{ delivery: Delivery }>()
const workshop = useWorkshop()
const name = computed(() => workshop.supplierName(props.delivery.supplierId))
const of = computed(() => ({
  orderId: '',
  supplierId: props.delivery.supplierId,
}))
</script>

<template>
  <div class="delivery">
    <strong>{{ name }}</strong>
    <span class="soft">
      {{ delivery.count === 1 ? 'one delivery' : `${delivery.count} deliveries`
      }}<template v-if="delivery.openMinor">
        · <MoneyFigure :of="delivery" name="openMinor" /> open</template
      >
    </span>
    <slot />
    <MoneyMoves
      :of="of"
      :name="'delivery from ' + name"
      :open-minor="delivery.openMinor"
      :spent-minor="delivery.spentMinor"
    />
  </div>
</template>

<style scoped>
.delivery > .soft {
  margin-left: 8px;
}
.delivery {
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
</style>
