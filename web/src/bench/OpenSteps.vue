<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { TaskModel } from '../api/types'
import { useClock } from '../store/clock'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import { said } from '../units/writing'

/** What lies open before a check, a coat or the hand-over: do it, or say why it counts as done. */
const props = defineProps<{ buildId: string; task: TaskModel }>()
const clock = useClock()
const session = useSession()
const key = `open:${props.buildId}:${props.task.task.key}:`
const reason = useDraft(key + 'reason', '')
const by = useDraft(key + 'by', session.account?.name ?? '')
/** Nothing is chosen beforehand: passing over is said step by step. */
const picked = ref<string[]>([])
const steps = computed(() => props.task.openBefore)
const own = computed(() => steps.value.filter((step) => !step.gate))
const chosen = computed(() => own.value.filter((step) => picked.value.includes(step.taskKey)))
const all = () => (picked.value = own.value.map((step) => step.taskKey))
async function pass() {
  const said = reason.value.trim()
  try {
    await clock.passOver(props.buildId, props.task.task.title, {
      taskKey: props.task.task.key,
      by: by.value,
      steps: chosen.value.map((step) => ({ taskKey: step.taskKey, reason: said })),
    })
    reason.value = ''
  } catch {
    // said aloud by the clock; what was typed stays
  }
}
</script>

<template>
  <form class="open" @submit.prevent="pass">
    <p>
      <strong
        >{{ steps.length === 1 ? 'One step' : `${steps.length} steps` }} before it
        {{ steps.length === 1 ? 'is' : 'are' }} open.</strong
      >
      Do {{ steps.length === 1 ? 'it' : 'them' }}, or say why
      {{ steps.length === 1 ? 'it counts' : 'they count' }} as done; that is kept and shown at the
      hand-over.
    </p>
    <ul>
      <li v-for="step in steps" :key="step.taskKey">
        <label v-if="!step.gate">
          <Checkbox v-model="picked" :value="step.taskKey" />
          <span
            >{{ said(step.title)
            }}<span v-if="step.waiting" class="soft">, its wait goes on</span></span
          >
        </label>
        <span v-else class="gate"
          ><SignMark kind="stop" /> {{ said(step.title) }} <strong>has to pass first</strong></span
        >
      </li>
    </ul>
    <template v-if="own.length">
      <Button
        v-if="chosen.length < own.length"
        class="bare"
        size="small"
        type="button"
        label="Choose all"
        @click="all"
      />
      <TextField v-model="reason" own label="Why they count as done" />
      <TextField v-model="by" own label="Who says so" />
      <Button
        type="submit"
        class="quiet"
        :label="
          chosen.length === 0
            ? 'Choose the steps first'
            : chosen.length === 1
              ? 'Pass over this step'
              : `Pass over these ${chosen.length} steps`
        "
        :disabled="!reason.trim() || !by.trim() || !chosen.length"
      />
    </template>
  </form>
</template>

<style scoped>
.open {
  border-left: 3px solid var(--madder);
  padding: 4px 0 4px 12px;
  margin-top: 10px;
  display: grid;
  gap: 8px;
  max-width: 520px;
}
p {
  margin: 0;
  font-size: 13.5px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 300px;
  overflow: auto;
  font-size: 13.5px;
}
li label {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 44px;
}
.gate {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 44px;
}
</style>
