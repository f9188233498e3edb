<script setup lang="ts">
import { computed } from 'vue'
import type { BasketItem } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import CheckField from '../ui/CheckField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { count, day } from '../ui/words'
import { said } from '../units/writing'
import { unanswered } from './offers'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** One thing of a parcel: taken or left out, and from where else it could come. */
const props = defineProps<{ item: BasketItem; taken: boolean }>()
const emit = defineEmits<{ take: [taken: boolean]; offers: [] }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const own = computed(() => props.item.buildId === builds.id)
const need = computed(() =>
  own.value
    ? builds.view!.needs.find((line) => line.need.key === props.item.needKey)?.need
    : undefined,
)
const offers = computed(() => props.item.others.length)
/** The shop that was asked what it costs, and has not said. */
const asked = computed(() =>
  own.value
    ? builds.build!.offers.find(
        (offer) => offer.needKey === props.item.needKey && unanswered(offer),
      )
    : undefined,
)
const rest = computed(() => props.item.quantity - props.item.of)
</script>

<template>
  <div class="item">
    <div class="thing">
      <CheckField
        :label="said(own ? item.title : `${item.title}, for ${item.buildName}`)"
        :model-value="taken"
        @update:model-value="(value) => emit('take', value)"
      />
      <WhyButton v-if="need" :why="need.why" :of="need.title" />
      <span v-if="asked" class="soft"
        >{{ workshop.supplierName(asked.supplierId) }} asked {{ day(asked.askedOn!) }}</span
      >
    </div>
    <span class="right mono"
      >{{ count(item.quantity, item.unit)
      }}<template v-if="rest > 0.001">, {{ count(item.of, item.unit) }} needed</template></span
    >
    <MoneyFigure v-if="session.owner" class="right mono" :of="item" name="priceMinor" />
    <span class="mono soft">{{ item.neededOn ? 'needed ' + day(item.neededOn) : '' }}</span>
    <button
      v-if="own && session.owner"
      type="button"
      class="plain"
      :aria-label="`Offers: ${item.title}`"
      @click="emit('offers')"
    >
      {{ item.held ? 'chosen by hand' : offers ? count(offers + 1, 'offers') : 'offers' }}
    </button>
  </div>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: minmax(200px, 1fr) auto 90px 120px 110px;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  font-size: 14px;
}
.thing {
  display: flex;
  gap: 6px;
  align-items: center;
}
.plain {
  font: inherit;
  font-size: 13px;
  min-height: 28px;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline;
  text-align: left;
  cursor: pointer;
}
@media (max-width: 640px) {
  .item {
    grid-template-columns: 1fr auto;
    padding-bottom: 6px;
  }
  .plain {
    min-height: 44px;
  }
}
</style>
