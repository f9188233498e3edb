<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Scheme } from '../api/types'
import { useBuild } from '../store/build'
import { duration, plain } from '../ui/words'

/** Faults found on this finish, and what mending them takes. */
const props = defineProps<{ scheme: Scheme }>()
const builds = useBuild()
const faults = computed(() =>
  builds
    .build!.faults.filter((fault) => fault.schemeId === props.scheme.id)
    .map((fault) => {
      const steps = builds.view!.finishTasks.filter((t) =>
        t.task.key.startsWith(`fault:${fault.id}/`),
      )
      return {
        ...fault,
        hands: steps.reduce((sum, t) => sum + t.task.handsOnMinutes, 0),
        waits: steps.reduce((sum, t) => sum + t.task.waitMinutes, 0),
        open: steps.filter((t) => !['DONE', 'WAITING'].includes(t.state)).length,
      }
    }),
)
const WAYS = {
  FLAT: 'flat and recoat',
  RECOLOUR: 'key and lay the layer again',
  STRIP: 'strip and do the side again',
} as const
</script>

<template>
  <ul v-if="faults.length" class="faults" aria-label="Faults">
    <li v-for="fault in faults" :key="fault.id" class="row">
      <strong>{{ plain(fault.kind) }}</strong>
      <span>{{ fault.note }}</span>
      <span class="soft">{{ fault.by }}</span>
      <span class="grow" />
      <span
        >{{ WAYS[fault.repair] }}: <span class="mono">{{ duration(fault.hands) }}</span> hands-on,
        <span class="mono">{{ duration(fault.waits) }}</span> waiting{{
          fault.open ? '' : ', mended'
        }}</span
      >
      <Button
        class="bare"
        size="small"
        label="Not a fault"
        :aria-label="`${plain(fault.kind)} is not a fault`"
        @click="builds.remove('faults', fault.id)"
      />
    </li>
  </ul>
</template>

<style scoped>
.faults {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
li {
  border-left: 4px solid var(--madder);
  background: var(--paper);
  padding: 4px 12px;
  gap: 12px;
  font-size: 13.5px;
}
</style>
