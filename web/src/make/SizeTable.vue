<script setup lang="ts">
import Button from 'primevue/button'
import type { SheetSize } from '../api/types'
import { useSession } from '../store/session'
import { exact } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** The pieces that wait, on sheets of other sizes at the same price per area. */
defineProps<{ sizes: SheetSize[] }>()
const emit = defineEmits<{ away: [] }>()
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
            <MoneyFigure v-if="size.sheets" :of="size" name="costMinor" />
          </td>
          <td v-if="session.owner" class="right mono">
            <MoneyFigure v-if="size.sheets && !size.now" :of="size" name="savesMinor" />
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
