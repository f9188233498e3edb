<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { OrderedLine, ShopNews } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import { clock, day, money } from '../ui/words'
import { said } from '../units/writing'
import { nextId } from './moves'
import { newsOf } from './useShopNews'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** What the shop and the courier say of a line, and what can be answered. */
const props = defineProps<{ ordered: OrderedLine; news: ShopNews | null }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const line = computed(() => props.ordered.line)
const of = computed(() => newsOf(props.news, line.value))
const m = (minor: number) => money(minor, workshop.currency)
const asks = computed(
  () =>
    session.owner &&
    line.value.askedMinor !== null &&
    line.value.askedMinor !== line.value.unitPriceMinor &&
    ['ORDERED', 'CONFIRMED', 'SHIPPED', 'BACK_ORDERED'].includes(line.value.state),
)
const lastMove = computed(() => of.value.parcel?.moves.at(-1))
const label = computed(() =>
  (of.value.label ?? []).map((fact) => `${fact.field} ${fact.words}`).join(', '),
)
/** What the shop paid back and nobody has seen on the account yet. */
const paidBack = computed(() => {
  const back = of.value.back
  return back?.paidBackOn && props.ordered.spentMinor > 0 ? back : null
})
function came() {
  const back = paidBack.value!
  const entered = builds.build!.moves.filter((each) => each.orderId === line.value.id)
  const where = { orderId: line.value.id, supplierId: line.value.supplierId }
  return builds
    .act('order/money', {
      id: nextId(where, builds.id, entered.length),
      ...where,
      what: 'REFUNDED',
      amountMinor: Math.min(back.paidBackMinor, props.ordered.spentMinor),
      on: builds.view!.now.slice(0, 10),
    })
    .catch(() => undefined)
}
</script>

<template>
  <div v-if="asks || lastMove || label || of.back" class="news">
    <p v-if="asks">
      <SignMark kind="risk" /> The shop asks <MoneyFigure :of="line" name="askedMinor" /> for one,
      agreed were <MoneyFigure :of="line" name="unitPriceMinor" />.
      <Button
        class="quiet"
        size="small"
        :label="'Agree to ' + m(line.askedMinor!)"
        :aria-label="`Agree to ${m(line.askedMinor!)}: ${line.title}`"
        @click="builds.edit('orders', line, { unitPriceMinor: line.askedMinor! })"
      />
    </p>
    <p v-if="lastMove" class="soft">
      {{ day(lastMove.at) }} {{ clock(lastMove.at) }}: {{ said(lastMove.words) }}
      <span class="mono">{{ line.trackingCode }}</span>
    </p>
    <p v-if="label" class="soft">
      The label on it, from a stand-in: <span class="mono">{{ said(label) }}</span>
    </p>
    <template v-if="of.back">
      <p v-if="paidBack">
        The shop paid <MoneyFigure :of="paidBack" name="paidBackMinor" /> back on
        {{ day(paidBack.paidBackOn!) }}.
        <Button
          v-if="session.owner"
          class="quiet"
          size="small"
          label="It came"
          :aria-label="'The money came back: ' + line.title"
          @click="came"
        />
      </p>
      <p v-else-if="of.back.hereOn" class="soft">
        It reached the shop on {{ day(of.back.hereOn) }}; the money has not left it yet.
      </p>
      <p v-else-if="of.back.agreed && line.state === 'RETURN_ASKED'" class="soft">
        The shop takes it back: send it.
      </p>
    </template>
  </div>
</template>

<style scoped>
.news {
  font-size: 13px;
}
p {
  margin: 3px 0 0;
}
p :deep(.p-button) {
  margin-left: 6px;
}
</style>
