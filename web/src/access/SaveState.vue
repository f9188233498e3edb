<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { changedLeaves, leafAt } from '../store/leaf'
import { nameOf } from '../store/edit'
import { useSaver } from '../store/saver'
import { useWorkshop } from '../store/workshop'
import { said } from '../units/writing'
import { leafName, leafValue } from './leafWords'

/** Says quietly whether all is saved, loudly when the server is away, and offers both versions. */
const saver = useSaver()
const workshop = useWorkshop()
const words = computed(
  () =>
    ({
      saved: 'saved',
      saving: 'saving…',
      refused: `${saver.refused.size === 1 ? 'One thing is' : saver.refused.size + ' things are'} not kept as typed`,
      away: `${said(saver.awayBecause)} Keep typing: it is kept here and saved as soon as it can be.`,
    })[saver.state],
)
const gone = computed(() => !!saver.conflict && !saver.conflict.theirs)
const removing = computed(() => !!saver.conflict && saver.conflict.value === null)
/** What both changed, in words; all fields that differ where that is not known. */
const differing = computed(() => {
  const { value: mine, theirs, places = [] } = saver.conflict ?? {}
  if (!theirs || !mine) return []
  const pointers = places.filter((place) => place !== '#')
  return (pointers.length ? pointers : changedLeaves(theirs.value, mine)).map((pointer) => ({
    name: leafName(pointer),
    mine: leafValue(pointer, leafAt(mine, pointer), workshop.currency),
    theirs: leafValue(pointer, leafAt(theirs.value, pointer), workshop.currency),
  }))
})
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
    :header="
      gone
        ? 'Someone took this away meanwhile'
        : removing
          ? 'Someone changed what you are taking away'
          : 'Someone changed the same meanwhile'
    "
  >
    <p v-if="saver.conflict">{{ nameOf(saver.conflict).replace(/: $/, '') }}</p>
    <p v-if="gone">Put it back as you have it, or let it go.</p>
    <p v-else-if="removing">Take it away all the same, or keep it as it is now.</p>
    <p v-else>
      Keep yours, and Ctrl+Z brings theirs back; or take theirs. All else that you both changed is
      kept.
    </p>
    <table v-if="differing.length" class="ledger">
      <thead>
        <tr>
          <th>field</th>
          <th>yours</th>
          <th>theirs</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="field in differing" :key="field.name">
          <td>{{ field.name }}</td>
          <td class="mono">{{ field.mine }}</td>
          <td class="mono">{{ field.theirs }}</td>
        </tr>
      </tbody>
    </table>
    <template #footer>
      <Button
        class="quiet"
        :label="gone ? 'Let it go' : removing ? 'Keep it' : 'Take theirs'"
        @click="saver.resolve(false)"
      />
      <Button
        :label="gone ? 'Put it back' : removing ? 'Take it away' : 'Keep mine'"
        @click="saver.resolve(true)"
      />
    </template>
  </Dialog>
</template>

<style scoped>
/* at the foot of the rail, which leaves it that room */
.state {
  position: fixed;
  left: 0;
  bottom: 4px;
  width: 76px;
  margin: 0;
  font-size: 12px;
  text-align: center;
  color: #c9bfb2;
  background: var(--soot);
}
/* what is to be read stands below the page, not over it */
.refused,
.away {
  position: static;
  width: auto;
  text-align: left;
}
.refused {
  background: var(--paper);
  border: 1px solid var(--madder);
  color: var(--ink);
  padding: 4px 12px;
  max-height: 40vh;
  overflow: auto;
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
@media (max-width: 640px) {
  .saved,
  .saving {
    position: static;
    width: auto;
    padding: 0 8px;
    text-align: right;
    color: var(--smoke);
    background: none;
  }
}
</style>
