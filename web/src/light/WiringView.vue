<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { get, newId } from '../api/client'
import type { Joins } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import MoneyFigure from '../ui/MoneyFigure.vue'
import { count } from '../ui/words'
import JoinsPanel from './JoinsPanel.vue'
import WiringPicture from './WiringPicture.vue'

/** Which socket feeds which screen and device; what is picked says what it may join. */
const builds = useBuild()
const session = useSession()
const shell = useShell()
const wiring = computed(() => builds.view!.wiring)
const picked = ref('')
const joins = ref<Joins | null>(null)

async function ask() {
  const end = picked.value
  if (!end) return (joins.value = null)
  try {
    const at = `/api/builds/${encodeURIComponent(builds.id)}/light/joins`
    const answer = await get<Joins>(`${at}?end=${encodeURIComponent(end)}`)
    if (picked.value === end) joins.value = answer
  } catch (refusal) {
    if (picked.value !== end) return
    picked.value = ''
    shell.say((refusal as Error).message)
  }
}
watch([picked, wiring], () => void ask())
/** Closed, one goes on where one was. */
async function close() {
  const end = picked.value
  picked.value = ''
  await nextTick()
  document.querySelector<HTMLElement>(`[data-end="${CSS.escape(end)}"]`)?.focus()
}
const pick = (end: string) => (picked.value = picked.value === end ? '' : end)

function fix(join: Joins['joins'][number]) {
  const taker = wiring.value.takers.find((each) => each.id === join.sinkId)
  const there = builds.build!.fixedWays.find((way) => way.sinkId === join.sinkId)
  const way = { sinkId: join.sinkId, sourceId: join.sourceId, via: null }
  if (there) builds.edit('fixed-ways', there, way)
  else builds.add('fixed-ways', { id: newId(), name: `Way to ${taker?.name ?? 'it'}`, ...way })
}
function free(sinkId: string) {
  const way = builds.build!.fixedWays.find((each) => each.sinkId === sinkId)
  if (way) builds.remove('fixed-ways', way.id)
}
</script>

<template>
  <template v-if="wiring.takers.length">
    <div class="heads" aria-hidden="true">
      <h3>What gives</h3>
      <h3>Through</h3>
      <h3>What is fed</h3>
    </div>
    <div class="scrolls">
      <WiringPicture :wiring="wiring" :picked="picked" :joins="joins" @pick="pick" />
    </div>
    <JoinsPanel
      v-if="picked && joins"
      :wiring="wiring"
      :picked="picked"
      :joins="joins"
      @fix="fix"
      @free="free"
      @close="close"
    />
    <p class="soft foot">
      <template v-if="wiring.parts + wiring.leads">
        {{ count(wiring.parts, 'parts') }} and {{ count(wiring.leads, 'leads') }} follow from this
        picture<template v-if="session.owner"
          >, <MoneyFigure :of="wiring" name="moneyMinor" /> of them to buy</template
        >; they are under Order.
      </template>
      <template v-else
        >Nothing has to be bought for it: all is plugged in by its own lead.</template
      >
      <template v-if="!wiring.proven">The best found, not proven.</template>
      Press a socket or a screen to see what it may join.
    </p>
  </template>
  <p v-else class="soft">
    Nothing is fed yet. Add a screen, or hardware with a USB plug: what feeds it, through what, and
    what that costs follows.
  </p>
</template>

<style scoped>
.heads {
  display: grid;
  grid-template-columns: 26% 1fr 31%;
  margin-bottom: 6px;
}
h3 {
  font-size: 15px;
}
.scrolls {
  overflow-x: auto;
  padding: 2px 4px 6px 2px;
}
.foot {
  font-size: 13px;
  margin-top: 8px;
}
</style>
