<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { newId } from '../api/client'
import type { OrderedLine, OrderLine, ShopNews } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import DateField from '../ui/DateField.vue'
import SignMark from '../ui/SignMark.vue'
import ThingFields from '../ui/ThingFields.vue'
import { count, day, money } from '../ui/words'
import { said } from '../units/writing'
import LabelForm from './LabelForm.vue'
import LineMoney from './LineMoney.vue'
import LineNews from './LineNews.vue'
import SplitForm from './SplitForm.vue'
import UsedElsewhere from './UsedElsewhere.vue'
import {
  amiss,
  NEXT,
  passes,
  settled,
  STATES,
  STEPS,
  underWay,
  type State,
  type Way,
} from './orderStates'
import { proofWords } from './proof'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** One line of an order: what it is, how far it is, what it cost, and what can be said of it next. */
const props = defineProps<{ ordered: OrderedLine; news: ShopNews | null }>()
const emit = defineEmits<{ step: [state: State]; opened: [opened: boolean] }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const shell = useShell()
const opened = ref(false)
watch(opened, (open) => emit('opened', open))
/** As it was typed, which is ahead of what is derived. */
const line = computed(
  () =>
    builds.build!.orders.find((each) => each.id === props.ordered.line.id) ?? props.ordered.line,
)
const ways = computed(() => NEXT[line.value.state])
/** Nobody ticks a thing whose label was not read, or says something else. */
const unread = computed(() => line.value.state === 'RECEIVED' && !passes(props.ordered))
/** What is usually said next; of what is settled, nothing is. */
const usual = computed(() =>
  settled(line.value) || unread.value || amiss(line.value) ? undefined : ways.value[0],
)
const others = computed(() =>
  ways.value.filter((way) => way !== usual.value && !(unread.value && way.to === 'CHECKED')),
)
const unit = computed(() => props.ordered.unit || 'pieces')
const paid = computed(() => {
  const { spentMinor, openMinor } = props.ordered
  if (spentMinor === 0 && openMinor === 0) return ''
  if (openMinor === 0) return 'paid'
  return spentMinor ? `${money(openMinor, workshop.currency)} open` : 'not paid'
})
const differs = computed(() => {
  const found = props.ordered.differs
  if (!found) return ''
  if (found.kind === 'NOT_NEEDED') return 'nothing needs it now'
  if (found.kind === 'OTHER') return `needed is now ${found.nowTitle}`
  return `${count(found.tooMuch, unit.value)} too many`
})
const proof = computed(() => proofWords(props.ordered.proof))
function go(way: Way) {
  if (STEPS.includes(way.to)) emit('step', way.to)
  else builds.edit('orders', line.value, { state: way.to, ...handedOver(way) })
  if (way.to === 'REPLACED') cameForIt()
}
const handedOver = (way: Way) =>
  way.to === 'SENT_BACK' ? { sentBackOn: builds.view!.now.slice(0, 10) } : {}
/** Asks to send it back and orders another, in one press. */
const again = () =>
  builds
    .act('order/again', { id: `${line.value.id.slice(0, 60)}-again`, orderId: line.value.id })
    .catch((problem) => shell.say((problem as Error).message))
/** Made once, so that two presses lay it there once. */
const lies = newId()
/** What is not needed goes to the shelf with what was paid for it. */
const shelve = () =>
  builds
    .act('order/shelve', { id: lies, orderId: line.value.id })
    .then(() => shell.say('It lies on the shelf; what was paid for it came off this build.'))
    .catch((problem) => shell.say((problem as Error).message))
/** What the shop sends in place of another costs nothing more, and is opened like the first. */
function cameForIt() {
  builds.edit<OrderLine>(
    'orders',
    {
      ...line.value,
      id: newId(),
      state: 'RECEIVED',
      unitPriceMinor: 0,
      receivedOn: builds.view!.now.slice(0, 10),
      checkedOn: null,
      checkedBy: '',
      trackingCode: '',
      label: [],
      note: '',
    },
    {},
  )
}
const FIELDS = computed(() => [
  { field: 'title', label: 'Ordered as', required: true },
  { field: 'quantity', label: 'How much', unit: unit.value },
  { field: 'unitPriceMinor', label: 'Price of one' },
  { field: 'currency', label: 'Other currency', hint: 'USD, for example' },
  { field: 'rate', label: 'One of it is worth', hint: 'in the workshop’s money', unit: '' },
  { field: 'number', label: 'Order number' },
  { field: 'supplierId', label: 'Shop' },
  { field: 'condition', label: 'Condition' },
  { field: 'returnDays', label: 'Takes back within, if not the shop’s' },
  { field: 'trackingCode', label: 'The courier’s number' },
  { field: 'warrantyUntil', label: 'Warranty until' },
  { field: 'note', label: 'Note', lines: 1 },
])
</script>

<template>
  <div class="line" :class="{ opened }">
    <div class="main">
      <span class="title">
        <strong>{{ said(line.title) }}</strong>
        <span v-if="differs" class="bad small differs">{{ said(differs) }}</span>
        <span v-if="proof" class="small differs" :class="proof.late ? 'bad' : 'soft'">{{
          proof.words
        }}</span>
      </span>
      <span class="mono right">{{ count(line.quantity, unit) }}</span>
      <span class="mono right">
        <MoneyFigure v-if="session.owner" :of="ordered" name="totalMinor" />
      </span>
      <span class="state">
        <SignMark :kind="STATES[line.state].sign" /> {{ STATES[line.state].words }}
        <span class="soft small">
          <template v-if="line.receivedOn && !underWay(line)"
            >since {{ day(line.receivedOn) }}</template
          >
          <template v-if="session.owner && paid"> · {{ paid }}</template>
        </span>
      </span>
      <span class="acts">
        <Button
          v-if="amiss(line)"
          size="small"
          label="Send back, order again"
          :aria-label="'Send back and order again: ' + line.title"
          @click="again"
        />
        <DateField
          v-if="underWay(line)"
          :label="'Promised for: ' + line.title"
          hide-label
          :model-value="line.expectedOn"
          :problem="builds.problem('orders', line.id, 'expectedOn')"
          @update:model-value="
            (expectedOn) => expectedOn && builds.edit('orders', line, { expectedOn })
          "
        />
        <Button
          v-if="usual"
          class="quiet"
          size="small"
          :label="usual.label"
          :aria-label="usual.label + ': ' + line.title"
          @click="go(usual)"
        />
        <Button
          v-else-if="unread"
          class="quiet"
          size="small"
          label="Read its label"
          :aria-label="'Read its label: ' + line.title"
          @click="opened = true"
        />
        <Button
          v-if="ordered.forShelf"
          class="quiet"
          size="small"
          label="Lay it on the shelf"
          :aria-label="`Lay ${count(ordered.forShelf, unit)} of ${line.title} on the shelf`"
          @click="shelve"
        />
        <Button
          class="bare"
          size="small"
          :label="opened ? 'Less' : 'More'"
          :aria-label="(opened ? 'Less of ' : 'More of ') + line.title"
          :aria-expanded="opened"
          @click="opened = !opened"
        />
      </span>
    </div>
    <LineNews :ordered="ordered" :news="news" />
    <div v-if="opened" class="more">
      <LabelForm
        v-if="ordered.check && line.receivedOn"
        class="label"
        :line="line"
        :check="ordered.check"
      />
      <UsedElsewhere v-if="ordered.differs || line.state === 'KEPT'" :line="line" :unit="unit" />
      <div v-if="others.length" class="ways">
        <Button
          v-for="way in others"
          :key="way.to"
          class="quiet"
          size="small"
          :label="way.label"
          :aria-label="way.label + ': ' + line.title"
          @click="go(way)"
        />
      </div>
      <SplitForm v-if="underWay(line) && line.quantity > 1" :line="line" :unit="unit" />
      <div class="fields"><ThingFields kind="orders" :thing="line" :fields="FIELDS" /></div>
      <LineMoney v-if="session.owner" :ordered="ordered" :line="line" />
    </div>
  </div>
</template>

<style scoped>
.line {
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
.main {
  display: grid;
  grid-template-columns: minmax(150px, 1.6fr) 84px 92px minmax(150px, 1.3fr) auto;
  gap: 10px;
  align-items: center;
}
.small {
  font-size: 13px;
}
.differs {
  display: block;
}
.state svg {
  vertical-align: -2px;
}
.acts {
  display: flex;
  gap: 6px;
  justify-content: flex-end;
  align-items: center;
}
.acts :deep(input) {
  width: 116px;
}
.acts :deep(.p-button) {
  white-space: nowrap;
}
.more {
  padding: 8px 0 6px 14px;
  border-left: 3px solid var(--kraft);
  margin-top: 6px;
}
.label {
  margin-bottom: 10px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px 10px;
}
/* what can be done is wider here and narrower there: the columns before it stand in line */
@media (min-width: 1200px) {
  .main {
    grid-template-columns: minmax(150px, 1.6fr) 84px 92px minmax(150px, 1.3fr) minmax(200px, auto);
  }
}
@media (max-width: 640px) {
  .main {
    grid-template-columns: 1fr auto;
  }
  .title,
  .state,
  .acts {
    grid-column: 1 / -1;
    justify-content: flex-start;
  }
}
</style>
