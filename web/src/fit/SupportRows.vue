<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Enclosure, Support } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'

/** Feet and lines the build stands on, with what each may carry. */
const props = defineProps<{ enclosure: Enclosure }>()
const builds = useBuild()
const edit = (on: Support[]) =>
  builds.edit('enclosures', props.enclosure, { supports: { ...props.enclosure.supports, on } })
const hung = computed(() => props.enclosure.supports.kind === 'WALL')
/** What single points and lines are called. */
const called = computed(() => (hung.value ? ['Hook', 'Rail'] : ['Foot', 'Line']))
function add(line: boolean) {
  const { on } = props.enclosure.supports
  let number = on.length + 1
  while (on.some((each) => each.id === `support-${number}`)) number++
  const fresh: Support = {
    id: `support-${number}`,
    name: `${called.value[line ? 1 : 0]} ${number}`,
    xMm: line ? 0 : props.enclosure.widthMm / 2,
    yMm: props.enclosure.depthMm / 2,
    toXMm: line ? props.enclosure.widthMm : null,
    toYMm: null,
    mostKg: null,
  }
  edit([...on, fresh])
}
const KINDS = [
  { value: 'FEET', label: 'feet, castors, a hitch' },
  { value: 'AXLES', label: 'axles' },
  { value: 'SHELF', label: 'flat on a shelf' },
  { value: 'WALL', label: 'hooks on a wall' },
] as const
const STANDS = [
  { field: 'supports.kind', label: 'Stands or hangs on', options: KINDS },
  {
    field: 'massKg',
    label: 'Enclosure, empty',
    hint: 'unless a component stands for it',
    optional: true,
  },
  {
    field: 'weighedKg',
    label: 'Whole build, weighed',
    hint: 'empty: 5 % more than what is listed',
    optional: true,
  },
]
const ROW = computed(() => [
  {
    field: 'name',
    label: `${called.value[0]} or ${called.value[1].toLowerCase()}`,
    required: true,
  },
  { field: 'xMm', label: 'From the left' },
  { field: 'yMm', label: 'From the front' },
  {
    field: 'toXMm',
    label: 'To, from the left',
    hint: `empty for a ${called.value[0].toLowerCase()}`,
    optional: true,
  },
  { field: 'toYMm', label: 'To, from the front', hint: 'empty: straight across', optional: true },
  { field: 'mostKg', label: 'May carry', hint: 'empty: nobody said', optional: true },
])
</script>

<template>
  <section aria-label="Supports">
    <div class="form">
      <ThingFields kind="enclosures" :thing="enclosure" :fields="STANDS" />
    </div>
    <div class="row">
      <h3>What it {{ hung ? 'hangs' : 'stands' }} on</h3>
      <Button
        class="bare"
        size="small"
        :label="`Add a ${called[0].toLowerCase()}`"
        @click="add(false)"
      />
      <Button
        class="bare"
        size="small"
        :label="`Add a ${called[1].toLowerCase()}`"
        @click="add(true)"
      />
    </div>
    <p v-if="!enclosure.supports.on.length" class="soft">
      Nothing stands under it: it is carried, so nothing is said about loads and tipping.
    </p>
    <div v-for="(support, index) in enclosure.supports.on" :key="support.id" class="line">
      <ThingFields
        kind="enclosures"
        :thing="enclosure"
        :within="`supports.on.${index}`"
        :fields="ROW"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`Take out ${support.name}`"
        @click="edit(enclosure.supports.on.filter((each) => each.id !== support.id))"
      />
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 8px 16px;
}
.row {
  align-items: center;
}
h3 {
  font-size: 16px;
}
.line {
  display: grid;
  grid-template-columns: 1.4fr repeat(5, minmax(0, 1fr)) auto;
  gap: 4px 12px;
  align-items: start;
}
.line > button {
  align-self: center;
}
@media (max-width: 720px) {
  .line {
    grid-template-columns: 1fr 1fr;
    border-top: 1px solid var(--line);
    padding-top: 6px;
  }
}
</style>
