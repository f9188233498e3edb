<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import WhyButton from '../ui/WhyButton.vue'
import { count, day, plain } from '../ui/words'
import { fixed, said } from '../units/writing'

/** Cans, film, tape and abrasives of the whole build, and what stays in the cans. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const KINDS = ['paint:', 'film:', 'tape:mask', 'abrasive:']
const lines = computed(() =>
  builds.view!.needs.filter((line) => KINDS.some((kind) => line.need.key.startsWith(kind))),
)
const left = (key: string) =>
  builds.view!.finish.leftOvers.find((each) => `paint:${each.paintId}` === key)
const paint = (key: string) => workshop.book!.paints.find((p) => `paint:${p.id}` === key)
const today = computed(() => builds.view!.now.slice(0, 10))
function putBack(key: string) {
  const product = paint(key)
  const rest = left(key)
  if (!product || !rest) return
  workshop.edit('paints', product, {
    openMl: Math.round(rest.leftMl),
    openedOn: today.value,
  })
}
const shelved = (key: string) =>
  paint(key)?.openedOn === today.value && paint(key)?.openMl === Math.round(left(key)?.leftMl ?? -1)
</script>

<template>
  <table v-if="lines.length" class="ledger needs">
    <thead>
      <tr>
        <th>For the whole build</th>
        <th class="right">needed</th>
        <th class="right">on the shelf</th>
        <th>state</th>
        <th class="right">left over</th>
        <th><span class="visually-hidden">Why</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="line in lines" :key="line.need.key">
        <td>
          {{ said(line.need.title) }}
          <span v-if="paint(line.need.key)?.openMl" class="soft"
            >opened can: <span class="mono">{{ fixed(paint(line.need.key)!.openMl, 0) }} ml</span
            ><template v-if="paint(line.need.key)!.openedOn"
              >, {{ day(paint(line.need.key)!.openedOn!) }}</template
            ></span
          >
        </td>
        <td class="right mono">{{ count(line.need.quantity, line.need.unit) }}</td>
        <td class="right mono">{{ line.need.onHand }}</td>
        <td>{{ plain(line.state) }}</td>
        <td class="right">
          <template v-if="left(line.need.key)">
            <span class="mono">{{ fixed(left(line.need.key)!.leftMl, 0) }} ml</span>
            <Button
              v-if="session.owner && !shelved(line.need.key)"
              class="bare"
              size="small"
              label="To the shelf"
              :aria-label="`Put what is left of ${line.need.title} on the shelf`"
              @click="putBack(line.need.key)"
            />
            <span v-else-if="session.owner" class="soft">on the shelf</span>
          </template>
        </td>
        <td><WhyButton :why="line.need.why" :of="line.need.title" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.needs {
  margin: 14px 0 4px;
}
</style>
