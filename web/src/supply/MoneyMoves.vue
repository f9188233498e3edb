<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { Refusal } from '../api/client'
import type { Move } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import DateField from '../ui/DateField.vue'
import MoneyField from '../ui/MoneyField.vue'
import { day, money } from '../ui/words'
import { said } from '../units/writing'
import { moveWords, nextId, spent } from './moves'

/** Money that went to a shop and came back, and the next that does. Moves stay as they were entered. */
const props = defineProps<{
  of: Pick<Move, 'orderId' | 'supplierId'>
  name: string
  openMinor: number
  spentMinor: number
}>()
const builds = useBuild()
const workshop = useWorkshop()
const moves = computed(() =>
  builds.build!.moves.filter(
    (each) =>
      each.orderId === props.of.orderId &&
      (each.orderId !== '' || each.supplierId === props.of.supplierId),
  ),
)
const amount = ref<number | null>(null)
const on = ref(builds.view!.now.slice(0, 10))
watch(
  () => [props.openMinor, props.spentMinor],
  () => (amount.value = props.openMinor || props.spentMinor || null),
  { immediate: true },
)
const refused = ref({ amount: '', day: '' })
let entering = false
async function enter(what: Move['what']) {
  if (!amount.value || entering) return
  entering = true
  refused.value = { amount: '', day: '' }
  try {
    await builds.act('order/money', {
      id: nextId(props.of, builds.id, moves.value.length),
      ...props.of,
      what,
      amountMinor: amount.value,
      on: on.value,
    })
  } catch (problem) {
    const refusal = problem instanceof Refusal ? problem : null
    const sentence = refusal ? said(refusal.message) : 'Not saved: try again.'
    const ofDay = refusal?.errors.some((each) => each.pointer === '/on')
    refused.value = { amount: ofDay ? '' : sentence, day: ofDay ? sentence : '' }
  } finally {
    entering = false
  }
}
</script>

<template>
  <div class="moves">
    <ul v-if="moves.length">
      <li v-for="move in moves" :key="move.id">
        <span class="mono">{{ day(move.on) }}</span> {{ said(moveWords(move)) }}
        <span class="mono" :data-figure="move.figureKeys?.amountMinor">{{
          money(spent(move), workshop.currency)
        }}</span>
      </li>
    </ul>
    <form :aria-label="'Money: ' + name" @submit.prevent="enter('PAID')">
      <MoneyField v-model="amount" own optional label="Amount" :problem="refused.amount" />
      <DateField v-model="on" label="On" :problem="refused.day" />
      <Button
        type="submit"
        class="quiet"
        size="small"
        label="Paid"
        :aria-label="'Paid: ' + name"
        :disabled="!amount"
      />
      <template v-if="spentMinor > 0">
        <Button
          class="quiet"
          size="small"
          label="Came back"
          :aria-label="'Came back: ' + name"
          :disabled="!amount || amount > spentMinor"
          @click="enter('REFUNDED')"
        />
        <Button
          class="quiet"
          size="small"
          label="As credit"
          :aria-label="'As credit: ' + name"
          :disabled="!amount || amount > spentMinor"
          @click="enter('CREDITED')"
        />
      </template>
    </form>
  </div>
</template>

<style scoped>
.moves {
  margin-top: 8px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 6px;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
form > * {
  max-width: 220px;
}
</style>
