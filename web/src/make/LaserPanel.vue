<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted } from 'vue'
import { useBuild } from '../store/build'
import { useWorkshop } from '../store/workshop'
import { useLaser } from './useLaser'
import { said } from '../units/writing'

/** The laser while it has a job: how far it is, what went wrong, and what to say to it. */
const laser = useLaser()
const builds = useBuild()
const workshop = useWorkshop()
onMounted(() => laser.look().catch(() => undefined))
const view = computed(() => laser.view)
const shown = computed(() => !!view.value?.state && (!view.value.recorded || mine.value))
const mine = computed(() => view.value?.buildId === builds.id)
const over = computed(() => view.value?.state === 'DONE' || view.value?.state === 'STOPPED')
const WORDS = {
  RUNNING: 'is cutting',
  PAUSED: 'is paused',
  LID_OPEN: 'has its lid open: the beam is off',
  TIPPED: 'was stopped: a loose piece has tipped up; take it out',
  DONE: 'is done',
  STOPPED: 'was broken off; what is cut stays cut',
}
const done = computed(
  () => Object.values(view.value?.pieces ?? {}).filter((s) => s === 'DONE').length,
)
const failed = computed(
  () => Object.values(view.value?.pieces ?? {}).filter((s) => s === 'FAILED').length,
)
const caution = computed(() => workshop.caution('LASER'))
const minutes = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
</script>

<template>
  <section v-if="shown && view" class="laser" aria-label="Laser" aria-live="polite">
    <div class="row line">
      <strong>The laser {{ WORDS[view.state!] }}</strong>
      <span>{{ view.layoutName }}</span>
      <span
        class="burning"
        role="progressbar"
        aria-label="Job"
        :aria-valuenow="Math.round((100 * view.elapsedSeconds) / Math.max(1, view.totalSeconds))"
        :style="{ '--done': view.elapsedSeconds / Math.max(1, view.totalSeconds) }"
      />
      <span class="mono"
        >{{ minutes(view.elapsedSeconds) }} of {{ minutes(view.totalSeconds) }} · {{ done }} pieces
        cut<template v-if="failed">, {{ failed }} spoilt</template></span
      >
      <span class="grow" />
      <template v-if="!over">
        <Button
          v-if="view.state === 'RUNNING'"
          class="quiet"
          size="small"
          label="Pause"
          @click="laser.act('pause')"
        />
        <Button v-else size="small" label="Go on" @click="laser.act('go-on')" />
        <Button class="quiet" size="small" label="Break it off" @click="laser.act('stop')" />
      </template>
    </div>
    <p v-if="view.problem" class="bad" role="alert">{{ said(view.problem) }}</p>
    <p v-if="!over" class="row trouble">
      <span class="soft"
        >a stand-in, {{ view.timesFaster }} × as fast as a real one; try what goes wrong:</span
      >
      <Button class="bare" size="small" label="a misfire" @click="laser.act('trouble/MISFIRE')" />
      <Button
        class="bare"
        size="small"
        label="the lid is opened"
        @click="laser.act('trouble/LID_OPENED')"
      />
      <Button
        class="bare"
        size="small"
        label="a piece tips"
        @click="laser.act('trouble/PIECE_TIPPED')"
      />
    </p>
    <p v-if="caution && !over" class="soft">{{ caution.says }}</p>
  </section>
</template>

<style scoped>
.laser {
  background: var(--paper);
  border-left: 3px solid var(--ember);
  padding: 8px 12px;
  margin-bottom: 10px;
}
.line,
.trouble {
  align-items: center;
  gap: 12px;
}
p {
  margin: 4px 0 0;
}
.burning {
  width: 140px;
  height: 3px;
  background: linear-gradient(
    to right,
    var(--ember) calc(var(--done) * 100%),
    var(--line) calc(var(--done) * 100%)
  );
}
</style>
