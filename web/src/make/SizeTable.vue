<script setup lang="ts">
import Button from 'primevue/button'
import type { SheetSize } from '../api/types'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { money } from '../ui/words'
import { exact } from '../units/writing'

/** The pieces that wait, on sheets of other sizes at the same price per area. */
defineProps<{ sizes: SheetSize[] }>()
const emit = defineEmits<{ away: [] }>()
const workshop = useWorkshop()
const session = useSession()
</script>

<template>
  <section class="sizes">
    <table class="ledger">
      <thead>
        <tr>
          <th>sheet</th>
          <th class="right">sheets</th>
          <th v-if="session.owner" class="right">cost</th>
          <th v-if="session.owner" class="right">saves</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="size in sizes" :key="size.widthMm + 'x' + size.heightMm">
          <td class="mono">
            {{ exact(size.widthMm) }} × {{ exact(size.heightMm) }} mm
            <span v-if="size.now" class="soft">now</span>
          </td>
          <td class="right mono">{{ size.sheets || 'a piece is too large' }}</td>
          <td v-if="session.owner" class="right mono">
            {{ size.sheets ? money(size.costMinor, workshop.currency) : '' }}
          </td>
          <td v-if="session.owner" class="right mono">
            {{ size.sheets && !size.now ? money(size.savesMinor, workshop.currency) : '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <p class="soft">
      Whole sheets for the pieces that wait, offcuts left out, at today’s price per area.
      <Button class="bare" size="small" label="Close" @click="emit('away')" />
    </p>
  </section>
</template>

<style scoped>
.sizes {
  max-width: 560px;
  margin-bottom: 10px;
}
</style>
