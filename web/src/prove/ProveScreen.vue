<script setup lang="ts">
import { computed } from 'vue'
import BuildCards from '../bench/BuildCards.vue'
import PassedOver from './PassedOver.vue'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import SignMark from '../ui/SignMark.vue'
import { day } from '../ui/words'
import { said } from '../units/writing'

/** Every check of this build with its result and name; the long run before the reveal. */
const builds = useBuild()
const gates = computed(() => builds.view!.tasks.filter((task) => task.task.gate))
const passed = computed(() => gates.value.filter((gate) => gate.doneAt).length)
</script>

<template>
  <StageFrame
    title="Prove"
    :note="`${passed} of ${gates.length} checks passed`"
    :capabilities="['prove', 'plan']"
  >
    <table v-if="gates.length" class="ledger">
      <thead>
        <tr>
          <th>Check</th>
          <th>Result</th>
          <th>Who</th>
          <th>When</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="gate in gates" :key="gate.task.key">
          <td>
            <SignMark :kind="gate.doneAt ? 'done' : gate.state === 'FAILED' ? 'stop' : 'wait'" />
            {{ said(gate.task.title) }}
          </td>
          <td>{{ gate.log.verdict?.note ?? 'open' }}</td>
          <td>{{ gate.log.verdict?.by ?? '' }}</td>
          <td class="mono when">{{ gate.doneAt ? day(gate.doneAt) : '' }}</td>
        </tr>
      </tbody>
    </table>
    <PassedOver />
    <h3>Cards</h3>
    <BuildCards
      :stages="['PROVE']"
      empty="Nothing to prove yet. Hardware in the design brings its load run."
    />
  </StageFrame>
</template>

<style scoped>
h3 {
  margin: 16px 0 8px;
}
</style>

<style scoped>
.when {
  white-space: nowrap;
}
</style>
