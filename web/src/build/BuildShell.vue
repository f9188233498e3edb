<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { Refusal, Unreachable } from '../api/client'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import { useFresh, useLive } from '../store/live'
import { useShell } from '../store/shell'
import FuseHeader from './FuseHeader.vue'
import { said } from '../units/writing'

const route = useRoute()
const builds = useBuild()
const clock = useClock()
const live = useLive()
const shell = useShell()
const problem = ref('')
/** The server is away, and what this stop shows has never come. */
const away = ref(false)
const RETRY_MS = 2000
let retry: ReturnType<typeof setTimeout> | undefined
/** The stop that is looked at: “/builds/night-pilotage/fit” → “fit”. */
const stop = computed(() => route.path.split('/')[3] ?? '')
watch(
  [() => String(route.params.id ?? ''), stop],
  ([id]) => id && !(id === builds.id && builds.shows(stop.value)) && open(id),
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(retry))

/** While the server is away, a build that is on the screen stays there, and is asked for again. */
async function open(id: string) {
  clearTimeout(retry)
  problem.value = ''
  try {
    await builds.open(id, stop.value)
    away.value = false
    clock.refresh().catch(() => undefined)
  } catch (refusal) {
    away.value = refusal instanceof Unreachable
    if (!away.value || !builds.view) problem.value = (refusal as Error).message
    if (away.value) retry = setTimeout(() => id === route.params.id && open(id), RETRY_MS)
  }
}
/** What somebody else changed; a build they took away stays on the screen, and that is said. */
useFresh(async () => {
  try {
    await builds.freshen(live.revision)
  } catch (refusal) {
    if (!(refusal instanceof Refusal)) throw refusal
    shell.say(refusal.message)
  }
})
</script>

<template>
  <p v-if="problem" class="problem" role="alert">
    {{ said(problem) }} <RouterLink to="/yard">Back to the Yard</RouterLink>
  </p>
  <div v-else-if="builds.view" class="shell">
    <FuseHeader :view="builds.view" :behind="builds.behind" />
    <div class="stage" :class="{ behind: builds.behind }">
      <RouterView v-if="builds.shows(stop)" :key="builds.id" />
      <p v-else-if="away" class="problem" role="alert">
        The workshop’s computer does not answer: what is shown here comes as soon as it does. What
        you typed is kept.
      </p>
    </div>
  </div>
</template>

<style scoped>
.shell {
  display: flex;
  flex-direction: column;
  height: 100%;
}
.stage {
  flex: 1;
  min-height: 0;
  display: flex;
}
.stage > :deep(*) {
  flex: 1;
  min-width: 0;
}
/* figures of before the last change */
.behind :deep([data-figure]:not(input)),
.behind :deep(.mono) {
  text-decoration: underline dotted var(--smoke);
  text-underline-offset: 3px;
}
.problem {
  padding: 40px;
}
@media print {
  .shell {
    display: block;
  }
}
</style>
