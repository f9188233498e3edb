<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { get, newId } from '../api/client'
import type { KeptWord } from '../api/types'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import RetireButton from '../ui/RetireButton.vue'
import RetiredList from '../ui/RetiredList.vue'
import ThingFields from '../ui/ThingFields.vue'
import { keptWord } from './offers'
import OutboxList from './OutboxList.vue'

/** Where things are bought: lead time and what a delivery costs. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const suppliers = computed(() => workshop.offered('suppliers'))
const retired = computed(() =>
  workshop.book!.suppliers.filter((each) => workshop.retired('suppliers', each.id)),
)
const SUPPLIER = [
  'name',
  { field: 'leadDays', label: 'Lead time' },
  { field: 'shippingMinor', label: 'One delivery' },
  { field: 'returnDays', label: 'Takes back within' },
  { field: 'smallBelowMinor', label: 'A small order is below' },
  { field: 'smallMinor', label: 'and costs more' },
  { field: 'freeFromMinor', label: 'Brought free from' },
  { field: 'dutyPercent', label: 'Duty and import tax' },
  { field: 'mail', label: 'Letters go to' },
  { field: 'link', label: 'Found at' },
  { field: 'note', label: 'Note', lines: 1 },
]
function add() {
  workshop.edit(
    'suppliers',
    {
      id: newId(),
      name: 'New supplier',
      leadDays: 7,
      shippingMinor: 0,
      returnDays: null,
      mail: '',
      link: '',
      note: '',
    },
    {},
  )
}
const records = ref<KeptWord[]>([])
/** How a shop has kept its word, in a sentence. */
function kept(supplierId: string): string {
  const record = records.value.find((each) => each.supplierId === supplierId)
  return record ? keptWord(record) : ''
}
onMounted(async () => {
  shell.newHere = session.owner ? add : null
  records.value = await get<KeptWord[]>('/api/suppliers/records')
})
onBeforeUnmount(() => (shell.newHere = null))
</script>

<template>
  <main class="page">
    <header class="row">
      <h1>Suppliers</h1>
      <span class="soft">lead times go into every order-by day</span>
      <span class="grow" />
      <Button v-if="session.owner" class="quiet" label="Add a supplier" @click="add" />
    </header>
    <article v-for="supplier in suppliers" :key="supplier.id">
      <template v-if="session.owner">
        <ThingFields kind="suppliers" :thing="supplier" :fields="SUPPLIER" />
        <RetireButton kind="suppliers" :thing="supplier" />
        <p class="soft kept">{{ kept(supplier.id) }}</p>
      </template>
      <p v-else>
        {{ supplier.name }}, <span class="mono">{{ supplier.leadDays }} days</span>
      </p>
    </article>
    <RetiredList v-if="session.owner" kind="suppliers" :things="retired" />
    <OutboxList v-if="session.owner" />
  </main>
</template>

<style scoped>
.page {
  padding: 14px 28px 40px;
  max-width: 860px;
}
article {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
.kept {
  grid-column: 1 / -1;
  margin: 0;
  font-size: 13px;
}
</style>
