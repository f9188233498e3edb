<script setup lang="ts">
import type { PaletteColour, PaletteModel } from '../api/types'

/** The palette in each light of the build and to other eyes, and which pairs become hard to tell. */
const props = defineProps<{ palette: PaletteColour[]; views: PaletteModel['views'] }>()
const pairs = (view: PaletteModel['views'][number]) =>
  view.merged
    .map(([one, other]) => `${props.palette[one]?.name} and ${props.palette[other]?.name}`)
    .join('; ')
</script>

<template>
  <section>
    <h3>The same palette, seen differently</h3>
    <table class="ledger">
      <tbody>
        <tr>
          <td>by day</td>
          <td>
            <span class="strip">
              <i v-for="(c, index) in palette" :key="index" :style="{ background: c.hex }" />
            </span>
          </td>
          <td />
        </tr>
        <tr v-for="view in views" :key="view.name">
          <td>
            <i v-if="view.lightHex" class="lamp" :style="{ background: view.lightHex }" />
            {{ view.lightHex ? `under “${view.name}”` : `with ${view.name}` }}
          </td>
          <td>
            <span class="strip">
              <i v-for="(hex, index) in view.seen" :key="index" :style="{ background: hex }" />
            </span>
          </td>
          <td>
            <span v-if="view.merged.length">hard to tell: {{ pairs(view) }}</span>
            <span v-else class="soft">all told apart</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.strip {
  display: inline-flex;
  border: 1px solid var(--line);
}
.strip i {
  width: 22px;
  height: 18px;
}
.lamp {
  display: inline-block;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  border: 1px solid var(--field-line);
}
td {
  font-size: 13px;
}
td:first-child {
  width: 40%;
}
</style>
