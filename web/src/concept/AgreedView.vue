<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { get, newId } from '../api/client'
import type { SnapshotDifference } from '../api/types'
import { useDraft } from '../store/draft'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MoneyField from '../ui/MoneyField.vue'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, dayHere, duration, money } from '../ui/words'
import { useConcept } from './useConcept'
import { said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** What was agreed, the change that waits for a yes or no, and every earlier agreement. */
const builds = useBuild()
const concept = useConcept()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const frozen = computed(() => builds.view!.agreed!.frozen ?? null)
const pending = computed(() => concept.pending)
const budget = computed(() => builds.view!.budget ?? null)
const orders = computed(() => [...builds.build!.changeOrders].reverse())
const snapshots = computed(() => [...builds.view!.agreed!.snapshots].reverse())
const amount = (minor: number) => money(minor, workshop.currency)
const hours = (minutes: number) => (minutes < 0 ? '−' : '+') + duration(Math.abs(minutes))
const days = (count: number) =>
  count === 0 ? 'no day' : `${count > 0 ? '+' : '−'}${Math.abs(count)} days`

const by = useDraft(`agreed:${builds.id}:by`, '')
const price = useDraft<number | null>(`agreed:${builds.id}:price`, null)
const refusal = ref('')
async function act(what: string, body: object, said: string) {
  refusal.value = ''
  try {
    await builds.act(what, body)
    by.value = ''
    price.value = null
    shell.say(said)
  } catch (problem) {
    refusal.value = (problem as Error).message
  }
}
const freeze = () =>
  act(
    'freeze',
    { by: by.value, priceMinor: price.value },
    'Frozen: this design, this price, this date.',
  )
const answer = (accepted: boolean) =>
  act(
    'change-order',
    { id: newId(), accepted, by: by.value, priceMinor: accepted ? price.value : null },
    accepted ? 'Agreed: what is frozen has moved.' : 'The design is back as it was frozen.',
  )

const from = ref<string | null>(null)
const to = ref<string>('now')
const difference = ref<SnapshotDifference | null>(null)
const choices = computed(() => [
  { value: 'now', label: 'the design as it is now' },
  ...snapshots.value.map((each) => ({
    value: each.id,
    label: `${dayHere(each.frozen.at)}, ${each.letter}: ${each.note}`.slice(0, 70),
  })),
])
watch(
  [snapshots, from, to],
  async () => {
    const first = from.value ?? snapshots.value.at(-1)?.id
    if (!first || !session.owner) return
    from.value = first
    difference.value = await get<SnapshotDifference>(
      `${concept.base}/snapshots/difference?from=${first}&to=${to.value}`,
    ).catch(() => null)
  },
  { immediate: true },
)
</script>

<template>
  <div class="sides">
    <section v-if="pending" class="pending">
      <h3><SignMark kind="wait" /> A change waits for a yes or no</h3>
      <ul>
        <li v-for="line in pending.differences" :key="line">{{ said(line) }}</li>
      </ul>
      <dl>
        <template v-if="session.owner">
          <dt>
            money
            <WhyButton of="Money of the change" :why="pending.why" />
          </dt>
          <dd class="mono"><MoneyFigure :of="pending" name="deltaMinor" signed /></dd>
        </template>
        <dt>hours</dt>
        <dd class="mono">{{ hours(pending.minutesDelta) }}</dd>
        <dt>planned finish</dt>
        <dd class="mono">{{ days(pending.daysDelta) }}</dd>
        <template v-if="session.owner">
          <dt>price of the whole build then</dt>
          <dd class="mono"><MoneyFigure :of="pending" name="newPriceMinor" /></dd>
        </template>
      </dl>
      <form v-if="session.owner" @submit.prevent="answer(true)">
        <TextField v-model="by" own label="Answered by" />
        <MoneyField
          v-model="price"
          own
          label="Price agreed for the whole build"
          optional
          hint="left empty: the one above"
        />
        <p v-if="refusal" class="bad" role="alert">{{ said(refusal) }}</p>
        <p class="row">
          <Button type="submit" label="Yes, agreed" :disabled="!by.trim()" />
          <Button
            class="quiet"
            label="No, put it back"
            :disabled="!by.trim()"
            @click="answer(false)"
          />
        </p>
      </form>
    </section>
    <section v-if="!pending">
      <h3>{{ frozen ? 'Frozen, and nothing has changed since' : 'Choose this concept' }}</h3>
      <p v-if="!frozen" class="soft">
        Freezing keeps who chose, when, the whole design, its price and date. What is changed after
        that has a price of its own.
      </p>
      <form v-if="session.owner" @submit.prevent="freeze">
        <TextField v-model="by" own label="Chosen by" />
        <MoneyField
          v-model="price"
          own
          label="Agreed price"
          optional
          :hint="budget ? `left empty: ${amount(budget.quoteMinor)}, the quote of today` : ''"
        />
        <p v-if="refusal" class="bad" role="alert">{{ said(refusal) }}</p>
        <p>
          <Button
            type="submit"
            :class="{ quiet: frozen }"
            :label="frozen ? 'Freeze again' : 'Freeze this concept'"
            :disabled="!by.trim()"
          />
        </p>
      </form>
    </section>
    <section>
      <h3>What was agreed</h3>
      <p v-if="!frozen" class="soft">Nothing yet.</p>
      <dl v-else>
        <dt>chosen by</dt>
        <dd>{{ frozen.by }}</dd>
        <dt>on</dt>
        <dd class="mono">{{ dayHere(frozen.at) }}</dd>
        <template v-if="session.owner">
          <dt>price</dt>
          <dd class="mono"><MoneyFigure :of="frozen" name="priceMinor" /></dd>
        </template>
        <dt>planned finish then</dt>
        <dd class="mono">{{ day(frozen.finishOn) }}</dd>
        <dt>contents</dt>
        <dd class="mono">
          {{ frozen.design.panels.length }} parts · {{ frozen.design.components.length }} components
          · {{ frozen.design.items.length }} things on the faces
        </dd>
      </dl>
      <a v-if="session.owner" :href="concept.base + '/concept-sheet.pdf'"
        >Concept sheet for the client, PDF</a
      >
    </section>
  </div>
  <section v-if="snapshots.length" class="history">
    <h3>Every agreement, any two compared</h3>
    <div v-if="session.owner" class="row pick">
      <ChoiceField v-model="from" label="From" :options="choices" />
      <ChoiceField v-model="to" label="To" :options="choices" />
    </div>
    <template v-if="difference">
      <p class="mono">
        <template v-if="session.owner"
          ><MoneyFigure :of="difference" name="deltaMinor" signed /> · </template
        >{{ hours(difference.minutesDelta) }} · {{ days(difference.daysDelta) }}
      </p>
      <ul>
        <li v-for="line in difference.differences" :key="line">{{ said(line) }}</li>
        <li v-if="!difference.differences.length" class="soft">No difference in the design.</li>
      </ul>
    </template>
    <table v-if="orders.length" class="ledger">
      <thead>
        <tr>
          <th>Change orders answered</th>
          <th>by</th>
          <th v-if="session.owner" class="right">money</th>
          <th class="right">hours</th>
          <th class="right">days</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="order in orders" :key="order.id">
          <td>
            <SignMark :kind="order.accepted ? 'done' : 'stop'" />
            {{ order.accepted ? 'yes' : 'no' }}, {{ dayHere(order.at) }}:
            {{ order.differences.slice(0, 3).join('; ')
            }}{{ order.differences.length > 3 ? ` and ${order.differences.length - 3} more` : '' }}
          </td>
          <td>{{ order.by }}</td>
          <td v-if="session.owner" class="right mono">
            <MoneyFigure :of="order" name="priceDeltaMinor" signed />
          </td>
          <td class="right mono">{{ hours(order.minutesDelta) }}</td>
          <td class="right mono">{{ days(order.daysDelta) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 12px 40px;
}
.pending {
  background: var(--paper);
  padding: 12px 16px;
  border-left: 3px solid var(--slate);
}
ul {
  margin: 6px 0;
  padding-left: 18px;
}
dl {
  display: grid;
  grid-template-columns: minmax(max-content, 1fr) auto;
  gap: 4px 10px;
  margin: 8px 0;
}
dd {
  margin: 0;
  text-align: right;
}
dt,
dd {
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
form {
  display: grid;
  gap: 8px;
  max-width: 380px;
}
form p {
  margin: 0;
}
.history {
  margin-top: 22px;
}
.pick :deep(.field) {
  flex: 1 1 260px;
  max-width: 420px;
}
</style>
