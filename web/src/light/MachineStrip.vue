<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { send } from '../api/client'
import type { FeedState, SimulatedMachine } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import { LOADS } from './pictureWords'

/** The simulated machine: what it does, and in how warm a room. */
const props = defineProps<{ feed: FeedState | null }>()
const emit = defineEmits<{ stands: [feed: FeedState] }>()
const builds = useBuild()
const shell = useShell()
const machine = computed(() => props.feed?.machine.machine ?? null)
const load = computed<SimulatedMachine['load'] | 'OFF'>(() => machine.value?.load ?? 'OFF')
const room = ref('22')
watch(machine, (now) => now && (room.value = String(now.roomCelsius)), { immediate: true })
const rooms = computed(() =>
  [...new Set(['18', '22', '28', '35', room.value])].map((value) => ({
    value,
    label: `${value} °C`,
  })),
)
async function run(wanted: SimulatedMachine['load'] | 'OFF') {
  const path = `/api/builds/${encodeURIComponent(builds.id)}/light/machine`
  const body = { load: wanted, roomCelsius: Number(room.value), seed: 1 }
  try {
    const stands =
      wanted === 'OFF'
        ? await send<FeedState>('DELETE', path)
        : await send<FeedState>('PUT', path, body)
    emit('stands', stands)
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
function warm(celsius: string) {
  room.value = celsius
  if (load.value !== 'OFF') void run(load.value)
}
const said = computed(() =>
  !props.feed
    ? ''
    : props.feed.running
      ? machine.value
        ? 'The simulated machine speaks.'
        : 'A feed runs.'
      : props.feed.names.length
        ? 'The feed has stopped: its last values stay, and say so.'
        : 'No machine has spoken yet.',
)
</script>

<template>
  <section class="machine">
    <h3>
      Simulated machine <span class="soft">{{ said }}</span>
    </h3>
    <div class="row">
      <ChoiceStrip
        :model-value="load"
        label="What the simulated machine does"
        :options="LOADS"
        @update:model-value="run"
      />
      <ChoiceStrip
        :model-value="room"
        label="The room’s air"
        :options="rooms"
        @update:model-value="warm"
      />
    </div>
  </section>
</template>

<style scoped>
.machine {
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
.row {
  gap: 4px 18px;
  flex-wrap: wrap;
}
</style>
