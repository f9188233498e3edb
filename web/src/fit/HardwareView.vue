<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { newComponent } from '../build/newComponent'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { money, plain } from '../ui/words'
import ComponentForm from './ComponentForm.vue'
import LibraryShelf from './LibraryShelf.vue'
import { size } from './fitWords'
import { fixed } from '../units/writing'

/** The hardware that goes in: from the library, or measured here. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const picked = ref<string | null>(null)
const shelf = ref(false)
const components = computed(() => builds.build!.components)
const component = computed(
  () => components.value.find((c) => c.id === picked.value) ?? components.value[0],
)
function add() {
  const supplierId = workshop.offered('suppliers')[0]?.id ?? ''
  shelf.value = false
  picked.value = builds.add('components', newComponent('New component', 'BUY', supplierId))
}
defineExpose({ add })
const items = computed(() =>
  components.value.map((c) => ({
    id: c.id,
    name: c.quantity > 1 ? `${c.quantity} × ${c.name}` : c.name,
    detail: [
      plain(c.kind),
      c.body ? `${size(c.body)} mm` : '',
      session.owner ? money(c.priceMinor * c.quantity, workshop.currency) : '',
    ]
      .filter(Boolean)
      .join(' · '),
  })),
)
</script>

<template>
  <div class="row bar">
    <span class="soft">
      {{ components.length }} components, {{ fixed(builds.view!.hardwareMassKg, 1) }} kg
    </span>
    <span class="grow" />
    <Button
      class="quiet"
      size="small"
      :label="shelf ? 'Close the library' : 'Take from the library'"
      :aria-expanded="shelf"
      @click="shelf = !shelf"
    />
    <Button class="quiet" size="small" label="Add one measured here" @click="add" />
  </div>
  <LibraryShelf v-if="shelf" @taken="picked = $event" />
  <p v-if="!component" class="soft">
    No hardware yet. Take it from the library, or measure your own: a name and three lengths are
    enough to prove that it goes in.
  </p>
  <template v-else>
    <PickList label="Components" :items="items" :picked="component.id" @pick="picked = $event" />
    <ComponentForm :key="component.id" :component="component" />
  </template>
</template>

<style scoped>
.bar {
  align-items: center;
  margin-bottom: 8px;
}
</style>
