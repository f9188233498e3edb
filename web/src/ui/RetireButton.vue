<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useWorkshop } from '../store/workshop'

/** Takes something out of all lists that are chosen from; where it is used it stays. */
const props = defineProps<{ kind: string; thing: { id: string; name: string } }>()
const workshop = useWorkshop()
const gone = computed(() => workshop.retired(props.kind, props.thing.id))
const press = () => workshop.retire(props.kind, props.thing.id, !gone.value)
</script>

<template>
  <Button
    class="bare"
    size="small"
    :label="gone ? 'Bring back' : 'Retire'"
    :aria-label="(gone ? 'Bring back ' : 'Retire ') + thing.name"
    @click="press"
  />
</template>
