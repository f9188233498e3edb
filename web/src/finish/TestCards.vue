<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { newId, send } from '../api/client'
import type { TestCard } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { day } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import { fixed } from '../units/writing'

/** Cards over black: how many coats it took, and the colour that came out. The latest counts. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const cards = computed(() =>
  [...workshop.book!.testCards].sort((a, b) => (a.sprayedOn < b.sprayedOn ? 1 : -1)),
)
const paints = computed(() => workshop.book!.paints.map((p) => ({ value: p.id, label: p.name })))
const paint = (card: TestCard) => workshop.book!.paints.find((p) => p.id === card.paintId)
const fields = (card: TestCard) => {
  const disabled = !session.owner
  return [
    { field: 'paintId', label: 'Paint', options: paints.value, disabled },
    { field: 'coatsOverBlack', unit: '×', disabled },
    {
      field: 'readHex',
      label: 'Colour read from the card',
      instead: paint(card)?.colourHex,
      disabled,
    },
  ]
}
function add() {
  const first = workshop.book!.paints[0]
  if (!first || !session.owner) return
  workshop.edit(
    'test-cards',
    {
      id: newId(),
      paintId: builds.build?.schemes[0]?.layers[0]?.productId ?? first.id,
      sprayedOn: builds.view!.now.slice(0, 10),
      coatsOverBlack: 3,
      tolerance: 1.5,
      readHex: null,
      by: session.account?.name ?? '',
    } satisfies TestCard,
    {},
  )
}
defineExpose({ add })
async function remove(card: TestCard) {
  await workshop.remove('test-cards', card.id)
  if (builds.id) await builds.reload().catch(() => undefined)
}
interface Judged {
  ratio: number
  delta: number | null
}
const judged = ref<Record<string, Judged>>({})
/** What a card says: hiding solved from the coats, and how far the read colour is off. */
async function judge() {
  const next: Record<string, Judged> = {}
  for (const card of cards.value) {
    const hex = paint(card)?.colourHex
    if (!hex) continue
    try {
      const { contrastRatio } = await send<{ contrastRatio: number }>(
        'POST',
        '/api/calc/finish/calibrate',
        { colour: hex, coatsOverBlack: card.coatsOverBlack, tolerance: card.tolerance },
      )
      const delta = card.readHex
        ? (
            await send<{ deltaE00: number }>('POST', '/api/calc/colour/difference', {
              a: hex,
              b: card.readHex,
            })
          ).deltaE00
        : null
      next[card.id] = { ratio: contrastRatio, delta }
    } catch {
      // a card that can't be solved shows no number; its field says why when it is saved
    }
  }
  judged.value = next
}
watch(cards, judge, { immediate: true, deep: true })
</script>

<template>
  <section class="cards">
    <h3>Test cards</h3>
    <p v-if="!cards.length" class="soft">
      None yet. Spray a card half black, half white, count the coats until nobody sees the black,
      and the plan counts with what this can really hides.
    </p>
    <article v-for="card in cards" :key="card.id" class="card">
      <svg width="132" height="64" role="img" :aria-label="`Card of ${paint(card)?.name}`">
        <rect width="66" height="64" fill="#111" />
        <rect x="66" width="66" height="64" fill="#CCC" />
        <rect x="8" y="14" width="56" height="36" :fill="paint(card)?.colourHex" />
        <rect x="68" y="14" width="56" height="36" :fill="card.readHex ?? paint(card)?.colourHex" />
      </svg>
      <ThingFields kind="test-cards" :thing="card" given :fields="fields(card)" />
      <p class="says">
        <template v-if="judged[card.id]">
          hiding <span class="mono">{{ fixed(judged[card.id].ratio, 2) }}</span><span class="soft"
            >, listed {{ fixed(paint(card)?.hiding ?? 0, 2) }}</span
          >
          <template v-if="judged[card.id].delta !== null">
            <br />ΔE00 to the can <span class="mono">{{ fixed(judged[card.id].delta!, 1) }}</span>
            <strong v-if="judged[card.id].delta! > 2"> — the can is another colour</strong>
          </template>
        </template>
        <br /><span class="soft"
          >{{ day(card.sprayedOn) }}<template v-if="card.by">, {{ card.by }}</template></span
        >
      </p>
      <Button
        v-if="session.owner"
        class="bare"
        size="small"
        label="Throw away"
        :aria-label="`Throw away the card of ${paint(card)?.name}`"
        @click="remove(card)"
      />
    </article>
  </section>
</template>

<style scoped>
.cards {
  border-top: 1px solid var(--line);
  padding-top: 12px;
  margin-top: 16px;
}
.card {
  display: grid;
  grid-template-columns: 132px 1.2fr 0.8fr 1fr 1.4fr auto;
  gap: 14px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
}
.says {
  margin: 0;
  font-size: 13px;
}
@media (max-width: 1200px) {
  .card {
    grid-template-columns: 132px 1fr 1fr;
  }
}
</style>
