<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted } from 'vue'
import { newId } from '../api/client'
import type { Supplier } from '../api/types'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import TextField from '../ui/TextField.vue'

/** Where things are bought: lead time and what a delivery costs. */
const workshop = useWorkshop()
const session = useSession()
const shell = useShell()
const suppliers = computed(() => workshop.book!.suppliers)
const edit = (supplier: Supplier, change: Partial<Supplier>) =>
  workshop.edit('suppliers', supplier, change)
function add() {
  workshop.edit(
    'suppliers',
    { id: newId(), name: 'New supplier', leadDays: 7, shippingMinor: 0 },
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
        <TextField
          label="Name"
          :problem="workshop.problem('suppliers', supplier.id, 'name')"
          required
          :model-value="supplier.name"
          @update:model-value="(name) => edit(supplier, { name })"
        />
        <MeasureField
          label="Lead time"
          unit="days"
          :model-value="supplier.leadDays"
          :problem="workshop.problem('suppliers', supplier.id, 'leadDays')"
          @update:model-value="(v) => v !== null && edit(supplier, { leadDays: v })"
        />
        <MoneyField
          label="One delivery"
          :problem="workshop.problem('suppliers', supplier.id, 'shippingMinor')"
          :model-value="supplier.shippingMinor"
          @update:model-value="(v) => edit(supplier, { shippingMinor: v ?? 0 })"
        />
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
  grid-template-columns: 1fr 150px 170px;
  gap: 16px;
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
</style>
