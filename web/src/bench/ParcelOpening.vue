<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { OrderedLine } from '../api/types'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { putDraft } from '../store/draft'
import { useShell } from '../store/shell'
import LabelForm from '../supply/LabelForm.vue'
import LineNews from '../supply/LineNews.vue'
import PhotoStrip from './PhotoStrip.vue'
import { amiss, passes, STATES, underWay, type State } from '../supply/orderStates'
import { useShopNews } from '../supply/useShopNews'
import SignMark from '../ui/SignMark.vue'
import ThingFields from '../ui/ThingFields.vue'
import { count, day } from '../ui/words'
import { said } from '../units/writing'

/**
 * What is in a parcel, thing by thing: what its label says is typed and compared, its photo and
 * warranty are kept, what is wrong goes back. The build it is for has to be open.
 */
const props = defineProps<{ orderIds: string[] }>()
const emit = defineEmits<{ opened: []; moved: [taskKey: string] }>()
const builds = useBuild()
const clock = useClock()
const shell = useShell()
const { news } = useShopNews()
const lines = computed(() =>
  (builds.view?.ordered?.lines ?? []).filter((each) => props.orderIds.includes(each.line.id)),
)
const typed = (ordered: OrderedLine) =>
  builds.build!.orders.find((each) => each.id === ordered.line.id) ?? ordered.line
const onTheWay = computed(() => lines.value.filter((each) => underWay(each.line)))
const unread = computed(() =>
  lines.value.filter((each) => each.line.state === 'RECEIVED' && !passes(each)),
)
/** All that is in it is right: nothing is under way, unread or amiss. */
const right = computed(
  () =>
    lines.value.length > 0 &&
    !onTheWay.value.length &&
    !unread.value.length &&
    !lines.value.some((each) => amiss(each.line)),
)
/** What is here is in today's parcel: where that is another card, it opens in place of this one. */
const moving = ref(false)
async function arrived() {
  moving.value = true
  const lines = onTheWay.value.map((each) => each.line)
  const today = builds.view!.now.slice(0, 10)
  const key = `parcel:${lines[0].supplierId}/${today}`
  putDraft(`card:${builds.id}:${key}:asking`, 'parcel')
  await step(
    lines.map((line) => line.id),
    'RECEIVED',
  )
  emit('moved', key)
  // nothing is typed into a card that is about to go
  await clock.refresh().catch(() => undefined)
  moving.value = false
}
const step = (orderIds: string[], state: State) =>
  builds
    .act('order/step', { orderIds, state, by: null })
    .catch((problem) => shell.say((problem as Error).message))
const WRONG = [
  { to: 'WRONG', label: 'Not what was ordered' },
  { to: 'DAMAGED', label: 'Damaged' },
] as const
/** Not what was ordered, by its label or by somebody's word. */
const back = (each: OrderedLine) =>
  amiss(each.line) || (each.line.state === 'RECEIVED' && !!each.check?.differs)
const again = ({ line }: OrderedLine) =>
  builds
    .act('order/again', {
      id: `${line.id.slice(0, 60)}-again`,
      orderId: line.id,
      found: amiss(line) ? null : 'WRONG',
    })
    .catch((problem) => shell.say((problem as Error).message))
const photoKey = (ordered: OrderedLine) => `order:${ordered.line.id}/receive`
</script>

<template>
  <div class="parcel">
    <Button
      v-if="onTheWay.length && !moving"
      class="quiet"
      :label="onTheWay.length > 1 ? `All ${onTheWay.length} things are in it` : 'It is here'"
      @click="arrived"
    />
    <section v-for="each in moving ? [] : lines" :key="each.line.id" :aria-label="each.line.title">
      <h4>
        {{ said(each.line.title) }}
        <span class="mono">{{ count(each.line.quantity, each.unit || 'pieces') }}</span>
      </h4>
      <p class="soft">
        <SignMark :kind="STATES[each.line.state].sign" /> {{ STATES[each.line.state].words }}
        <template v-if="each.returnBy && back(each)">
          · can be sent back until {{ day(each.returnBy) }}</template
        >
      </p>
      <LineNews :ordered="each" :news="news" />
      <template v-if="!underWay(each.line)">
        <LabelForm v-if="each.check" :line="typed(each)" :check="each.check" />
        <div class="kept">
          <ThingFields
            kind="orders"
            :thing="typed(each)"
            :fields="[{ field: 'warrantyUntil', label: 'Warranty until' }]"
          />
          <PhotoStrip :task-key="photoKey(each)" :caption="each.line.title" />
        </div>
        <div class="ways">
          <template v-if="each.line.state === 'RECEIVED' && !back(each)">
            <Button
              v-for="way in WRONG"
              :key="way.to"
              class="bare"
              :label="way.label"
              :aria-label="way.label + ': ' + each.line.title"
              @click="builds.edit('orders', typed(each), { state: way.to })"
            />
          </template>
          <Button
            v-if="back(each)"
            label="Send back, order again"
            :aria-label="'Send back and order again: ' + each.line.title"
            @click="again(each)"
          />
        </div>
      </template>
    </section>
    <Button v-if="right && !moving" label="All as ordered" @click="emit('opened')" />
  </div>
</template>

<style scoped>
.parcel {
  margin-top: 10px;
  display: grid;
  gap: 10px;
}
section {
  border-top: 1px solid var(--line);
  padding-top: 6px;
}
h4 {
  font-size: 15px;
  margin: 0;
  display: flex;
  justify-content: space-between;
}
p {
  margin: 2px 0 6px;
}
.kept,
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  margin-top: 6px;
}
.parcel :deep(.p-button) {
  min-height: 44px;
}
</style>
