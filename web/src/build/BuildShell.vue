<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useBuild } from '../store/build'
import { useClock } from '../store/clock'
import FuseHeader from './FuseHeader.vue'

const route = useRoute()
const builds = useBuild()
const clock = useClock()
const problem = ref('')
watch(
  () => String(route.params.id ?? ''),
  async (id) => {
    if (!id) return
    problem.value = ''
    await builds.open(id).catch((refusal) => (problem.value = refusal.message))
    clock.refresh().catch(() => undefined)
  },
  { immediate: true },
)
</script>

<template>
  <p v-if="problem" class="problem" role="alert">
    {{ problem }} <RouterLink to="/yard">Back to the Yard</RouterLink>
  </p>
  <div v-else-if="builds.view" class="shell">
    <FuseHeader :view="builds.view" />
    <div class="stage"><RouterView :key="builds.id" /></div>
  </div>
</template>

<style scoped>
.shell {
  display: flex;
  flex-direction: column;
  height: 100%;
}
.stage {
  flex: 1;
  min-height: 0;
  display: flex;
}
.stage > :deep(*) {
  flex: 1;
  min-width: 0;
}
.problem {
  padding: 40px;
}
@media print {
  .shell {
    display: block;
  }
}
</style>
