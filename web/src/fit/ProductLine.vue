<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component } from '../api/types'
import { useBuild } from '../store/build'
import { useSaver } from '../store/saver'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import { changeAt, labelOf, unitOf } from '../ui/thingField'
import { money, plain } from '../ui/words'
import { exact } from '../units/writing'
import { productOf, saidOf, type ProductUse, type UseKind } from './productUse'
import { useLibrary } from './useLibrary'

/** Which product of the library a thing is one of, and what it has of its own. */
const props = defineProps<{ kind: UseKind; thing: ProductUse }>()
const builds = useBuild()
const library = useLibrary()
const saver = useSaver()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
void library.load()

const products = computed(() => {
  if (props.kind === 'strips') return library.lights
  const wanted = props.kind === 'screens' ? 'SCREEN' : (props.thing as Component).kind
  return library.hardware.filter((product) => product.kind === wanted)
})
const product = computed(() => products.value.find((each) => each.id === props.thing.productId))
const options = computed(() => [
  { value: '', label: 'nothing there: measured here' },
  ...products.value.map(({ id, name }) => ({ value: id, label: name })),
])
const own = computed(() =>
  (product.value ? (props.thing.ownFields ?? []) : [])
    .filter((path) => session.owner || !path.endsWith('Minor'))
    .map((path) => ({ path, label: labelOf(path), said: words(path) })),
)
function words(path: string): string {
  const said = saidOf(props.kind, product.value!, path)
  if (said === null || said === undefined || said === '') return 'nothing'
  if (path.endsWith('Minor')) return money(said as number, workshop.currency)
  if (path === 'supplierId')
    return workshop.book!.suppliers.find((supplier) => supplier.id === said)?.name ?? 'another'
  if (typeof said === 'number') return `${exact(said)} ${unitOf(path)}`.trim()
  if (typeof said === 'object') return 'as measured there'
  if (path === 'rail') return String(said).replace(/^V(\d+)$/, '$1 V')
  return /^[A-Z0-9_]+$/.test(String(said)) ? plain(String(said)) : String(said)
}
const take = (path: string) =>
  builds.edit(
    props.kind,
    props.thing,
    changeAt(props.thing, path, saidOf(props.kind, product.value!, path) ?? null),
  )
async function join(productId: string) {
  if (!productId) return builds.edit(props.kind, props.thing, { productId })
  try {
    await builds.act(`${props.kind}/${encodeURIComponent(props.thing.id)}/join`, { productId })
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
/** Keeps it for other builds, under its own id; it is one of that product from then on. */
async function keep() {
  const { id, name } = props.thing
  const shelf = props.kind === 'strips' ? 'light-products' : 'hardware'
  const path = `/api/workshop/${shelf}/${encodeURIComponent(id)}`
  const version = library.view?.versions[`${shelf}/${id}`]
  if (version !== undefined && !saver.pending.has(path)) saver.versions.set(path, version)
  saver.save({ key: `${shelf}/${id}`, path, value: productOf(props.kind, props.thing) })
  await saver.settled()
  if (saver.refused.has(path)) return // said aloud
  if (saver.away) return shell.say(`${name} is in the library as soon as the computer answers.`)
  await library.load(true)
  await join(id)
  shell.say(`${name} is in the library now.`)
}
</script>

<template>
  <div class="whole product">
    <ChoiceField
      class="which"
      label="In the library as"
      :model-value="product ? thing.productId : ''"
      :options="options"
      filter
      @update:model-value="join"
    />
    <p v-if="product && builds.build?.brief.revealedOn" class="soft">
      Handed over: stays as it was that day, whatever the library says since.
    </p>
    <p v-else-if="product && !own.length" class="soft">Follows the library in everything.</p>
    <p v-else-if="product" class="soft">
      Follows the library, but for what is its own here. As there instead:
      <Button
        v-for="each in own"
        :key="each.path"
        class="quiet"
        size="small"
        :label="`${each.label}: ${each.said}`"
        @click="take(each.path)"
      />
    </p>
    <Button
      v-else-if="session.owner"
      class="bare"
      size="small"
      label="Keep it in the library"
      @click="keep"
    />
  </div>
</template>

<style scoped>
.product {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: end;
}
.which {
  width: 250px;
}
p {
  margin: 0 0 6px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}
</style>
