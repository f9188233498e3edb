<script setup lang="ts">
import Button from 'primevue/button'
import type { Enclosure } from '../api/types'
import { useBuild } from '../store/build'
import NumberFields from '../ui/NumberFields.vue'
import TextField from '../ui/TextField.vue'

/** Where screws go into the enclosure. */
const props = defineProps<{ enclosure: Enclosure }>()
const builds = useBuild()
type Mount = Enclosure['mounts'][number]
const edit = (mounts: Mount[]) => builds.edit('enclosures', props.enclosure, { mounts })
const problem = (field: string) => builds.problem('enclosures', props.enclosure.id, field)
function change(index: number, part: Partial<Mount>) {
  edit(props.enclosure.mounts.map((m, i) => (i === index ? { ...m, ...part } : m)))
}
const add = () =>
  edit([...props.enclosure.mounts, { name: 'Stand-off', xMm: 10, yMm: 10, zMm: 10, thread: 'M3' }])
const PLACE = [
  { field: 'xMm', label: 'From the left', unit: 'mm' },
  { field: 'yMm', label: 'From the front', unit: 'mm' },
  { field: 'zMm', label: 'From below', unit: 'mm' },
] as const
</script>

<template>
  <section class="mounts" aria-label="Mounting points">
    <div class="row">
      <h3>Mounting points</h3>
      <span class="soft">crosses on the drawings</span>
      <Button class="bare" size="small" label="Add a mounting point" @click="add" />
    </div>
    <div v-for="(mount, index) in enclosure.mounts" :key="index" class="line">
      <TextField
        label="What is screwed there"
        :model-value="mount.name"
        :problem="problem(`mounts.${index}.name`)"
        @update:model-value="(name) => change(index, { name })"
      />
      <TextField
        label="Thread"
        :problem="problem(`mounts.${index}.thread`)"
        :model-value="mount.thread"
        @update:model-value="(thread) => change(index, { thread })"
      />
      <NumberFields
        :of="mount"
        :fields="PLACE"
        :problem="(field) => problem(`mounts.${index}.${field}`)"
        @change="(part) => change(index, part)"
      />
      <Button
        class="bare"
        size="small"
        label="Take out"
        :aria-label="`Take out ${mount.name}`"
        @click="edit(enclosure.mounts.filter((_, i) => i !== index))"
      />
    </div>
  </section>
</template>

<style scoped>
.mounts {
  display: grid;
  gap: 4px;
  margin-top: 14px;
}
.row {
  align-items: center;
}
h3 {
  font-size: 15.5px;
}
.line {
  display: grid;
  grid-template-columns: 1.4fr 0.7fr 1fr 1fr 1fr auto;
  gap: 12px;
  align-items: end;
}
</style>
