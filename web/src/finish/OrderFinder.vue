<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { get } from '../api/client'
import type { FoundOrder, LayerStep, Scheme } from '../api/types'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { count } from '../ui/words'
import { stepWords } from './layerWords'
import { fixed, said } from '../units/writing'

/** Looks for an order with the paints of the stock that gives every shape its wanted colour. */
const props = defineProps<{ scheme: Scheme }>()
const emit = defineEmits<{ take: [steps: LayerStep[]] }>()
const builds = useBuild()
const workshop = useWorkshop()
const found = ref<FoundOrder | null>(null)
const problem = ref('')
watch(
  () => props.scheme.id,
  () => (found.value = null),
)
async function look() {
  problem.value = ''
  try {
    found.value = await get<FoundOrder>(
      `/api/builds/${encodeURIComponent(builds.id)}/schemes/${encodeURIComponent(props.scheme.id)}/order`,
    )
  } catch (refusal) {
    problem.value = (refusal as Error).message
  }
}
function take() {
  if (found.value) emit('take', found.value.steps)
  found.value = null
}
</script>

<template>
  <Button class="quiet" size="small" label="Find an order for the wanted colours" @click="look" />
  <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
  <div v-if="found" class="found" role="status">
    <template v-if="found.steps.length">
      <p>
        <strong
          >{{ count(found.coats, 'coats') }} in {{ count(found.steps.length, 'steps') }}</strong
        >, worst ΔE00 <span class="mono">{{ fixed(found.worstDeltaE00, 1) }}</span>
      </p>
      <ol>
        <li v-for="step in found.steps" :key="step.id">
          {{ step.side.toLowerCase() }}: {{ stepWords(step, scheme.shapes, workshop.book!)
          }}{{ step.op === 'PAINT' ? `, ${step.coats} ×` : '' }}
        </li>
      </ol>
      <Button size="small" label="Take this order" @click="take" />
    </template>
    <p v-for="sentence in found.missing" :key="sentence">{{ said(sentence) }}</p>
  </div>
</template>

<style scoped>
.found {
  background: var(--paper);
  padding: 8px 12px;
  margin-top: 6px;
  font-size: 13px;
}
p {
  margin: 0;
}
ol {
  margin: 4px 0 8px;
  padding-left: 20px;
}
</style>
