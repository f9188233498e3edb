<script setup lang="ts">
import type { BenchDay } from '../api/types'
import { moment } from '../ui/words'
import { said } from '../units/writing'

/** What the others have in hand. */
const props = defineProps<{ day: BenchDay }>()
function words(each: BenchDay['others'][number]): string {
  if (!each.title) return 'has nothing today.'
  const has = each.runs ? 'is at' : `has from ${moment(each.from!, props.day.now)}`
  const where = each.station ? ` (${each.station})` : ''
  const then = each.next ? `, then “${each.next}”` : ''
  return said(`${has} “${each.title}”${where} until ${moment(each.until!, props.day.now)}${then}.`)
}
</script>

<template>
  <section v-if="day.others.length" class="others">
    <h2>Others</h2>
    <p v-for="each in day.others" :key="each.personId">
      <strong>{{ each.name }}</strong>{{ ' ' + words(each) }}
    </p>
  </section>
</template>

<style scoped>
p {
  margin: 5px 0 0;
}
</style>
