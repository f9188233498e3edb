<script setup lang="ts">
import { computed } from 'vue'
import { newId } from '../../api/client'
import type { RackThing, LastPaid } from '../../api/types'
import { useWorkshop } from '../../store/workshop'
import ThingFields from '../../ui/ThingFields.vue'
import { day } from '../../ui/words'
import { keyOfNeeds, oneOf } from './useRack'

/** What lies on the shelf costs what was last paid for it: orders say it, or it is asked once. */
const props = defineProps<{ thing: RackThing; today: string }>()
const workshop = useWorkshop()
const madeId = newId()
const own = computed(() =>
  workshop.book!.lastPaid.find((each) => each.needKey === keyOfNeeds(props.thing)),
)
const said = computed<LastPaid>(
  () =>
    own.value ?? {
      id: madeId,
      needKey: keyOfNeeds(props.thing),
      paidMinor: 0,
      on: props.today,
    },
)
/** As it was typed, unless an order came since. */
const shown = computed(() => {
  const { paidOn, paidMinor } = props.thing
  return own.value && (!paidOn || own.value.on >= paidOn) ? own.value.paidMinor : paidMinor
})
const FIELDS = computed(() => [
  {
    field: 'paidMinor',
    label: `Last paid for one ${oneOf(props.thing)}`,
    get: () => shown.value,
    set: (paidMinor: number) => ({ paidMinor, on: props.today }),
  },
])
</script>

<template>
  <div class="paid">
    <ThingFields kind="last-paid" :thing="said" :fields="FIELDS" />
    <span v-if="thing.paidOn" class="soft">{{ day(thing.paidOn) }}</span>
    <span v-else class="soft">not known: a build pays today’s price for it</span>
  </div>
</template>

<style scoped>
.paid {
  display: flex;
  gap: 10px;
  align-items: end;
  margin-top: 8px;
  max-width: 480px;
}
</style>
