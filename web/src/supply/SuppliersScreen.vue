<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted } from 'vue'
import { newId } from '../api/client'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ThingFields from '../ui/ThingFields.vue'

/** Where things are bought: lead time and what a delivery costs. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const suppliers = computed(() => workshop.book!.suppliers)
const SUPPLIER = [
  'name',
  { field: 'leadDays', label: 'Lead time' },
  { field: 'shippingMinor', label: 'One delivery' },
  { field: 'returnDays', label: 'Takes back within' },
  { field: 'smallBelowMinor', label: 'A small order is below' },
  { field: 'smallMinor', label: 'and costs more' },
  { field: 'freeFromMinor', label: 'Brought free from' },
]
function add() {
  workshop.edit(
    'suppliers',
    { id: newId(), name: 'New supplier', leadDays: 7, shippingMinor: 0, returnDays: null },
    {},
  )
}
onMounted(() => (shell.newHere = session.owner ? add : null))
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
      </template>
      <p v-else>
        {{ supplier.name }}, <span class="mono">{{ supplier.leadDays }} days</span>
      </p>
    </article>
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
</style>
