<script setup lang="ts">
import { computed } from 'vue'
import type { Scheme, SchemeModel } from '../api/types'
import WhyButton from '../ui/WhyButton.vue'
import { differenceWords } from './layerWords'
import { fixed } from '../units/writing'

/** The colour after each coat, beside the target. */
const props = defineProps<{ model: SchemeModel; scheme: Scheme }>()
const coats = computed(() => props.model.coats.filter((coat) => coat.shownHex))
const why = computed(() => ({
  formula:
    'Kubelka–Munk over the ground, per channel: strength of a coat from its contrast ratio; a glaze: transmittance² × ground',
  inputs: [
    `ground ${props.model.groundHex}, ${props.model.substrate}`,
    ...new Set(
      coats.value.map(
        (coat) => `${coat.paint?.name}: hiding ${coat.paint?.hiding ?? '—'}, or its card`,
      ),
    ),
  ],
}))
const last = computed(() => coats.value[coats.value.length - 1])
</script>

<template>
  <section class="colours">
    <h3>Colour after each coat <WhyButton :why="why" of="Colour after each coat" /></h3>
    <ol aria-label="Colour after each coat">
      <li>
        <i :style="{ background: model.groundHex }" />
        <span class="grow">ground</span>
        <span class="mono soft">{{ model.groundHex }}</span>
      </li>
      <li v-for="coat in coats" :key="coat.key">
        <i :style="{ background: coat.shownHex! }" />
        <span class="grow"
          >{{ coat.layer }} {{ coat.number }}<span class="soft">, {{ coat.side }}</span></span
        >
        <span class="mono">{{
          coat.deltaE00 == null ? coat.shownHex : `ΔE00 ${fixed(coat.deltaE00, 1)}`
        }}</span>
      </li>
      <li v-if="scheme.targetHex" class="target">
        <i :style="{ background: scheme.targetHex }" />
        <span class="grow">target</span>
        <span class="mono soft">{{ scheme.targetHex }}</span>
      </li>
    </ol>
    <p v-if="last?.deltaE00 != null" class="soft">
      The last coat is off by <span class="mono">{{ fixed(last.deltaE00, 1) }}</span>:
      {{ differenceWords(last.deltaE00) }}. Computed from each paint’s hiding (Kubelka–Munk over the
      ground); a test card corrects it.
    </p>
    <p v-else class="soft">Set a target colour to see how near each coat comes.</p>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 30px;
  font-size: 13.5px;
}
i {
  width: 92px;
  height: 30px;
  flex: none;
  box-shadow: inset 0 0 0 1px color-mix(in srgb, var(--ink) 14%, transparent);
}
.target {
  border-top: 2px solid var(--ink);
}
.grow {
  flex: 1;
}
p {
  font-size: 12.5px;
  margin: 0;
}
</style>
