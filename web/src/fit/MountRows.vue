<script setup lang="ts">
import Button from 'primevue/button'
import type { Enclosure } from '../api/types'
import { useBuild } from '../store/build'
import ThingFields from '../ui/ThingFields.vue'

/** Where screws go into the enclosure. */
const props = defineProps<{ enclosure: Enclosure }>()
const builds = useBuild()
type Mount = Enclosure['mounts'][number]
const edit = (mounts: Mount[]) => builds.edit('enclosures', props.enclosure, { mounts })
const add = () =>
  edit([...props.enclosure.mounts, { name: 'Stand-off', xMm: 10, yMm: 10, zMm: 10, thread: 'M3' }])
const MOUNT = [
  { field: 'name', label: 'What is screwed there' },
  'thread',
  { field: 'xMm', label: 'From the left' },
  { field: 'yMm', label: 'From the front' },
  { field: 'zMm', label: 'From below' },
]
</script>

<template>
  <section class="mounts" aria-label="Mounting points">
    <div class="row">
      <h3>Mounting points</h3>
      <span class="soft">crosses on the drawings</span>
      <Button class="bare" size="small" label="Add a mounting point" @click="add" />
    </div>
    <div v-for="(mount, index) in enclosure.mounts" :key="index" class="line">
      <ThingFields
        kind="enclosures"
        :thing="enclosure"
        :within="`mounts.${index}`"
        :fields="MOUNT"
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
