<script setup lang="ts">
import { computed } from 'vue'
import type { RequirementState } from '../api/types'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import { plain } from '../ui/words'
import { said } from '../units/writing'

/** One requirement and how it stands, with the numbers that say so. */
const props = defineProps<{ state: RequirementState; open: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
const sign = computed(() =>
  props.state.outcome === 'ANSWERED' ? 'done' : props.state.outcome === 'FAILED' ? 'stop' : 'note',
)
const by = computed(
  () =>
    ({
      ARITHMETIC: '',
      THING: 'answered by what it points at',
      PERSON: 'judged by a person',
      NOBODY: 'nothing answers it yet',
    })[props.state.by],
)
</script>

<template>
  <div class="line">
    <SignMark :kind="sign" />
    <button v-if="!state.derived" type="button" :aria-expanded="open" @click="emit('toggle')">
      {{ said(state.requirement.text) }}
    </button>
    <span v-else class="derived">{{ said(state.requirement.text) }}</span>
    <span class="state">
      <span class="visually-hidden">{{ plain(state.outcome) }}: </span>
      <span class="mono">{{ said(state.numbers) }}</span>
      <span v-if="by && !(state.numbers && state.by === 'NOBODY')" class="soft"> {{ by }}</span>
      <span v-if="state.derived" class="soft"> from the interview</span>
      <WhyButton :why="state.why" :of="state.requirement.text" />
    </span>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 16px minmax(0, 1fr);
  gap: 0 8px;
  align-items: baseline;
}
button,
.derived {
  font: inherit;
  font-weight: 600;
  color: var(--ink);
}
button {
  background: none;
  border: 0;
  padding: 1px 0;
  text-align: left;
  cursor: pointer;
}
button:hover {
  text-decoration: underline;
}
.state {
  grid-column: 2;
  font-size: 12.5px;
}
svg {
  align-self: center;
}
</style>
