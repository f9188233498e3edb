<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, useTemplateRef } from 'vue'
import type { Joins, WiringModel } from '../api/types'
import MoneyFigure from '../ui/MoneyFigure.vue'
import SignMark from '../ui/SignMark.vue'
import { said } from '../units/writing'
import { useSession } from '../store/session'

/** What the end that is picked may join, what each would mean, and why others can't. */
const props = defineProps<{ wiring: WiringModel; picked: string; joins: Joins }>()
const emit = defineEmits<{
  fix: [join: Joins['joins'][number]]
  free: [sinkId: string]
  close: []
}>()
const session = useSession()
const taker = computed(() => props.wiring.takers.find((each) => each.id === props.picked))
const sockets = computed(() =>
  props.wiring.givers.flatMap((giver) =>
    giver.sockets.map((socket) => ({ ...socket, of: giver.name })),
  ),
)
const socketOf = (id: string) => sockets.value.find((each) => each.id === id)
const title = computed(() =>
  taker.value
    ? `What can feed ${taker.value.name}`
    : `What ${socketOf(props.picked)?.name ?? 'this'} of ${socketOf(props.picked)?.of ?? ''} can feed`,
)
/** The other end in words; alike free sockets are shown as one. */
const rows = computed(() =>
  props.joins.joins.flatMap((join) => {
    if (!taker.value) {
      const name = props.wiring.takers.find((each) => each.id === join.sinkId)?.name
      return name ? [{ join, name }] : []
    }
    const socket = socketOf(join.sourceId)
    return socket ? [{ join, name: `${socket.name}, ${socket.of}` }] : []
  }),
)
const panel = useTemplateRef<HTMLElement>('panel')
// who picked by keyboard goes on in here
onMounted(() => {
  panel.value?.focus({ preventScroll: true })
  panel.value?.scrollIntoView({ block: 'nearest' })
})
const fixed = computed(() => taker.value?.fixed)
</script>

<template>
  <section ref="panel" class="joins" tabindex="-1" :aria-label="title" @keydown.esc="emit('close')">
    <header class="row">
      <h3>{{ title }}</h3>
      <span class="grow" />
      <Button
        v-if="fixed"
        class="quiet"
        size="small"
        label="Let it go: choose for me"
        @click="emit('free', picked)"
      />
      <Button class="bare" size="small" label="Close" @click="emit('close')" />
    </header>
    <p v-if="taker && !taker.lit" class="why">{{ said(taker.why) }}</p>
    <ul>
      <li v-for="row in rows" :key="row.join.sinkId + row.join.sourceId">
        <SignMark :kind="row.join.now ? 'done' : row.join.may ? 'note' : 'stop'" />
        <span class="name">{{ row.name }}</span>
        <span class="soft">
          <template v-if="row.join.now">feeds it now</template>
          <template v-else>{{ said(row.join.words) || 'nobody else is touched' }}</template>
        </span>
        <span v-if="session.owner && row.join.may && !row.join.now" class="mono">
          <MoneyFigure :of="row.join" name="costMinor" signed />
        </span>
        <Button
          v-if="row.join.may"
          class="quiet"
          size="small"
          :label="row.join.now ? 'Keep it so' : 'Fix it here'"
          :aria-label="`${row.join.now ? 'Keep it so' : 'Fix it here'}: ${row.name}`"
          @click="emit('fix', row.join)"
        />
      </li>
    </ul>
    <p v-if="rows.length === 0" class="soft">Nothing here gives what it wants.</p>
  </section>
</template>

<style scoped>
.joins {
  border-top: 2px solid var(--ink);
  background: var(--paper);
  padding: 10px 14px 12px;
  margin-top: 14px;
}
.why {
  color: var(--madder);
  margin: 2px 0 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(150px, 1fr) minmax(160px, 1.5fr) 76px 104px;
  gap: 10px;
  align-items: center;
  min-height: 34px;
  border-top: 1px solid var(--line);
}
li .name {
  font-weight: 600;
}
li .mono {
  text-align: right;
}
li > :last-child:is(button) {
  grid-column: 5;
}
</style>
