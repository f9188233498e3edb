<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { nameOf, useSaver } from '../store/saver'
import { said } from '../units/writing'

/** Says quietly whether all is saved, loudly when the server is away, and offers both versions. */
const saver = useSaver()
const words = computed(
  () =>
    ({
      saved: 'saved',
      saving: 'saving…',
      refused: `${saver.refused.size === 1 ? 'One thing is' : saver.refused.size + ' things are'} not kept as typed`,
      away: `${said(saver.awayBecause)} Keep typing: it is kept here and saved as soon as it can be.`,
    })[saver.state],
)
const mine = computed(() => saver.conflict?.value as Record<string, unknown> | undefined)
const theirs = computed(() => saver.conflict?.theirs.value as Record<string, unknown> | undefined)
const differing = computed(() =>
  Object.keys(mine.value ?? {}).filter(
    (field) => JSON.stringify(mine.value?.[field]) !== JSON.stringify(theirs.value?.[field]),
  ),
)
const shown = (value: unknown) =>
  typeof value === 'object' ? JSON.stringify(value) : String(value)
</script>

<template>
  <p
    v-if="saver.state !== 'refused'"
    class="state no-print"
    :class="saver.state"
    :role="saver.away ? 'alert' : 'status'"
  >
    {{ words }}
  </p>
  <details v-else class="state refused no-print">
    <summary role="status">{{ words }}</summary>
    <div v-for="[path, edit] in saver.refused" :key="path" class="left">
      <p>{{ nameOf(edit) }}{{ edit.errors.map((error) => said(error.sentence)).join(' ') }}</p>
      <Button
        class="bare"
        size="small"
        label="Take back what was typed"
        :aria-label="`Take back what was typed: ${nameOf(edit)}`"
        @click="saver.drop(path)"
      />
    </div>
  </details>
  <Dialog
    :visible="!!saver.conflict"
    modal
    :closable="false"
    header="Someone changed this meanwhile"
  >
    <p>Keep yours, and Ctrl+Z brings theirs back; or take theirs, and yours is dropped.</p>
    <table class="ledger">
      <thead>
        <tr>
          <th>field</th>
          <th>yours</th>
          <th>theirs</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="field in differing" :key="field">
          <td>{{ field }}</td>
          <td class="mono">{{ shown(mine?.[field]) }}</td>
          <td class="mono">{{ shown(theirs?.[field]) }}</td>
        </tr>
      </tbody>
    </table>
    <template #footer>
      <Button class="quiet" label="Take theirs" @click="saver.resolve(false)" />
      <Button label="Keep mine" @click="saver.resolve(true)" />
    </template>
  </Dialog>
</template>

<style scoped>
.state {
  position: fixed;
  right: 10px;
  bottom: 6px;
  margin: 0;
  font-size: 12px;
  color: var(--smoke);
  z-index: 30;
  padding: 1px 6px;
  background: color-mix(in srgb, var(--ash) 80%, transparent);
}
.refused {
  background: var(--paper);
  border: 1px solid var(--madder);
  color: var(--ink);
  max-width: 420px;
}
.refused summary {
  cursor: pointer;
  font-weight: 600;
  color: var(--madder);
}
.left {
  border-top: 1px solid var(--line);
  padding: 4px 0;
}
.left p {
  margin: 0;
}
.away {
  background: var(--madder);
  color: var(--paper);
  padding: 8px 14px;
  font-weight: 600;
}
</style>
