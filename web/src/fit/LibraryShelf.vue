<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newId } from '../api/client'
import type { HardwareProduct } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import ChoiceField from '../ui/ChoiceField.vue'
import TableFile from '../ui/TableFile.vue'
import TextField from '../ui/TextField.vue'
import { plain } from '../ui/words'
import { KINDS, size } from './fitWords'
import { useLibrary } from './useLibrary'
import { exact } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** The library of hardware: find by kind and name, take with one press; CSV in and out. */
const emit = defineEmits<{ taken: [id: string] }>()
const builds = useBuild()
const library = useLibrary()
const session = useSession()
const shell = useShell()
const kind = ref<string>('')
const wanted = ref('')
const kinds = [{ value: '', label: 'every kind' }, ...KINDS.filter((k) => k.value !== 'ENCLOSURE')]
const found = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  return library.hardware.filter(
    (product) =>
      (!kind.value || product.kind === kind.value) &&
      `${product.name} ${product.attributes}`.toLowerCase().includes(text),
  )
})
const facts = (product: HardwareProduct) =>
  [
    product.body ? `${size(product.body)} mm` : '',
    product.supplyWatts ? `gives ${exact(product.supplyWatts)} W` : '',
    product.peakWatts ? `${exact(product.peakWatts)} W` : '',
    product.memoryGb ? `${product.memoryGb} GB` : '',
    product.storageGb ? `${product.storageGb / 1000} TB` : '',
    product.attributes,
  ]
    .filter(Boolean)
    .join(' · ')
async function take(product: HardwareProduct) {
  const id = newId()
  try {
    await builds.act('hardware', { id, productId: product.id })
    emit('taken', id)
    shell.say(
      product.kind === 'SCREEN'
        ? `${product.name} lies among the screens, at Light.`
        : `${product.name} is in.`,
    )
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
</script>

<template>
  <section class="shelf" aria-label="Library of hardware">
    <div class="row">
      <ChoiceField v-model="kind" label="Kind" hide-label :options="kinds" />
      <TextField v-model="wanted" own class="find" label="Find in the library" hide-label />
      <span class="soft">{{ found.length }} of {{ library.hardware.length }}, all invented</span>
      <span class="grow" />
      <TableFile
        v-if="session.owner"
        path="/api/workshop/hardware.csv"
        label="Hardware"
        noun="components"
        @kept="library.load(true)"
      />
      <TableFile
        v-if="session.owner"
        path="/api/workshop/light-products.csv"
        label="Light strips"
        noun="light strips"
        @kept="library.load(true)"
      />
    </div>
    <p v-if="library.problem" class="bad" role="alert">{{ library.problem }}</p>
    <ul tabindex="0" aria-label="Components of the library">
      <li v-for="product in found" :key="product.id">
        <Button
          class="quiet"
          size="small"
          label="Take"
          :aria-label="`Take ${product.name}`"
          @click="take(product)"
        />
        <strong>{{ product.name }}</strong>
        <span class="soft">{{ plain(product.kind) }}</span>
        <span class="mono facts">{{ facts(product) }}</span>
        <MoneyFigure v-if="session.owner" class="mono price" :of="product" name="priceMinor" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.shelf {
  border: 1px solid var(--line);
  background: var(--paper);
  padding: 9px 12px;
  margin-bottom: 10px;
}
.row {
  align-items: center;
}
.find {
  width: 180px;
}
ul {
  list-style: none;
  margin: 7px 0 0;
  padding: 0;
  max-height: 232px;
  overflow-y: auto;
}
li {
  display: grid;
  grid-template-columns: 62px minmax(150px, 0.7fr) 84px 1.4fr 76px;
  gap: 10px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 3px 0;
}
.facts {
  font-size: 12px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.price {
  text-align: right;
}
</style>
