<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { newId } from '../../api/client'
import type { RackThing, Sundry } from '../../api/types'
import { useSession } from '../../store/session'
import { useWorkshop } from '../../store/workshop'
import ThingFields from '../../ui/ThingFields.vue'
import { day } from '../../ui/words'
import FilamentLine from '../FilamentLine.vue'
import FilmLine from '../FilmLine.vue'
import PaintLine from '../PaintLine.vue'
import SheetLine from '../SheetLine.vue'
import PaidField from './PaidField.vue'
import { amount } from './useRack'

/** What was chosen on the rack: who wants it, and what is typed of it. */
const props = defineProps<{ thing: RackThing; today: string }>()
const emit = defineEmits<{ made: [id: string] }>()
const workshop = useWorkshop()
const session = useSession()
const LINES = { paints: PaintLine, films: FilmLine, filaments: FilamentLine, sheets: SheetLine }
type Listed = keyof typeof LINES
const listed = computed(() => (props.thing.kind in LINES ? (props.thing.kind as Listed) : null))
const product = computed(() =>
  listed.value
    ? workshop.book![listed.value].find((each) => each.id === props.thing.id)
    : undefined,
)
const drawer = computed(() => workshop.book!.sundries.find((each) => each.id === props.thing.id))
/** A drawer that nobody has made yet goes by the key of the needs. */
const noDrawer = computed(() => props.thing.kind === 'sundries' && !drawer.value)
function makeDrawer() {
  const made: Sundry = {
    id: newId(),
    needKey: props.thing.id,
    name: props.thing.name.slice(0, 60),
    unit: props.thing.unit,
    onHand: 0,
    packQuantity: 1,
    packPriceMinor: 0,
    supplierId: workshop.offered('suppliers')[0]?.id ?? '',
    lowBelow: 0,
  }
  workshop.edit('sundries', made, {})
  emit('made', made.id)
}
const SMALL = computed(() => [
  'name',
  { field: 'onHand', label: 'In the drawer', unit: props.thing.unit || 'pieces' },
  { field: 'packQuantity', label: 'In a pack', unit: props.thing.unit || 'pieces' },
  { field: 'packPriceMinor', label: 'Last paid for a pack' },
  { field: 'supplierId', label: 'Bought at' },
  { field: 'lowBelow', label: 'Low below', unit: props.thing.unit || 'pieces' },
])
</script>

<template>
  <section class="detail" :aria-label="thing.name">
    <h2>{{ thing.name }}</h2>
    <p>
      <span class="mono">{{ amount(thing, thing.have) }}</span> here<template v-if="thing.openedOn"
        >, of it <span class="mono">{{ amount(thing, thing.opened) }}</span> in a can opened
        {{ day(thing.openedOn) }}</template
      >
    </p>
    <ul v-if="thing.users.length" class="users">
      <li v-for="user in thing.users" :key="user.buildId + user.needKey">
        <RouterLink :to="`/builds/${user.buildId}/supply?show=send`">{{
          user.buildName
        }}</RouterLink>
        wants <span class="mono">{{ amount(thing, user.quantity) }}</span>
      </li>
    </ul>
    <p v-else class="soft">No build wants any.</p>
    <PaidField v-if="listed && session.owner" :key="thing.id" :thing="thing" :today="today" />
    <component :is="LINES[listed]" v-if="listed && product" :thing="product as never" />
    <div v-else-if="drawer && session.owner" class="fields">
      <ThingFields kind="sundries" :thing="drawer" given :fields="SMALL" />
    </div>
    <p v-else-if="noDrawer && session.owner">
      It has no price and no drawer yet.
      <Button class="quiet" size="small" label="Give it a drawer" @click="makeDrawer" />
    </p>
  </section>
</template>

<style scoped>
.detail {
  border-top: 2px solid var(--ink);
  margin-top: 18px;
  padding-top: 8px;
}
h2 {
  font-size: 17px;
}
/* beside what runs short there is less room than in a list */
.detail :deep(article.line) {
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
}
p,
.users {
  margin: 3px 0;
  padding: 0;
  list-style: none;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 12px;
  margin-top: 8px;
}
</style>
