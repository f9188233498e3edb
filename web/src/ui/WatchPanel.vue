<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Finding } from '../api/types'
import { useBuild } from '../store/build'
import { newId } from '../api/client'
import { useSaver } from '../store/saver'
import { useShell } from '../store/shell'
import { findThing } from '../store/things'
import FindingCard from './FindingCard.vue'
import MovedNote from './MovedNote.vue'
import SignMark from './SignMark.vue'
import { withChange, type Change } from './remedy'

/**
 * The findings of this stage, worst first. Collapses to a count. `live` stands in for those of its
 * capability while something is dragged or typed.
 */
const props = defineProps<{ capabilities: string[]; live?: Finding[] }>()
const builds = useBuild()
const saver = useSaver()
const shell = useShell()

const acceptances = computed(() => builds.build?.acceptances ?? [])
const acceptedOf = (key: string) =>
  acceptances.value.find((acceptance) => acceptance.findingKey === key)
const findings = computed(() => {
  const mine = (builds.view?.findings ?? []).filter((finding) =>
    props.capabilities.includes(finding.capability),
  )
  return [...(props.live ?? mine)].sort(
    (a, b) => Number(!!acceptedOf(a.key)) - Number(!!acceptedOf(b.key)),
  )
})
const open = computed(() => findings.value.filter((finding) => !acceptedOf(finding.key)).length)
const worst = computed(() => {
  const first = findings.value.find((finding) => !acceptedOf(finding.key))
  return first ? (first.severity.toLowerCase() as 'stop' | 'risk' | 'note') : 'done'
})

function apply(change: Change) {
  if (!builds.build) return
  if (change.kind === 'wiring') {
    builds
      .act('light/change', { words: change.field })
      .catch((refusal) => shell.say((refusal as Error).message))
    return
  }
  if (change.field === '') {
    builds.remove(change.kind, change.thingId)
    return
  }
  if (change.field === 'productId') {
    builds
      .act(`components/${change.thingId}/swap`, { productId: change.text })
      .catch((refusal) => shell.say((refusal as Error).message))
    return
  }
  const thing = findThing(builds.build, change.kind, change.thingId) as { id: string } | undefined
  if (thing) builds.edit(change.kind, withChange(thing, change), {})
}
async function accept(finding: Finding, by: string, reason: string) {
  const id = newId()
  const post = `/api/builds/${encodeURIComponent(builds.id)}/acceptances`
  const value = { id, findingKey: finding.key, by, reason }
  saver.save({ key: `acceptances/${id}`, path: `${post}#${id}`, post, value })
  await saver.settled()
}
</script>

<template>
  <aside
    class="watch no-print"
    :class="{ folded: !shell.watchOpen }"
    aria-label="Watch: findings of this stage"
  >
    <Button
      class="bare head"
      :aria-expanded="shell.watchOpen"
      :aria-label="`Watch, ${open} open findings`"
      @click="shell.watchOpen = !shell.watchOpen"
    >
      <SignMark v-if="!shell.watchOpen" :kind="worst" />
      <h2 v-if="shell.watchOpen">Watch</h2>
      <span class="mono">{{ open }}</span>
    </Button>
    <div v-if="shell.watchOpen" class="list">
      <slot name="first" />
      <FindingCard
        v-for="finding in findings"
        :key="finding.key"
        :finding="finding"
        :accepted="acceptedOf(finding.key)"
        @apply="apply"
        @accept="(by, reason) => accept(finding, by, reason)"
      />
      <p v-if="findings.length === 0" class="soft">Nothing to watch here.</p>
      <MovedNote />
      <slot />
    </div>
  </aside>
</template>

<style scoped>
.watch {
  background: var(--watch);
  border-left: 1px solid var(--line);
  padding: 12px 16px;
  width: 284px;
  flex: none;
  overflow-y: auto;
}
.folded {
  width: 54px;
  padding: 12px 6px;
}
.head {
  display: flex;
  gap: 8px;
  align-items: baseline;
  text-decoration: none;
  padding: 2px 4px;
  min-height: 44px;
}
.folded .head {
  flex-direction: column;
  align-items: center;
}
.list {
  display: grid;
  gap: 9px;
  margin-top: 8px;
}
@media (max-width: 640px) {
  .watch {
    width: auto;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
</style>
