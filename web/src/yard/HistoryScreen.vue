<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import ViewTabs from '../ui/ViewTabs.vue'
import BuildDiary from './BuildDiary.vue'
import ChangeList from './ChangeList.vue'

/** What happened, day by day; and who changed what, with the way back. */
const VIEWS = [
  { value: 'diary', label: 'Diary' },
  { value: 'changes', label: 'Changes' },
]
const route = useRoute()
const shown = computed(() => (route.query.show === 'changes' ? 'changes' : 'diary'))
const wanted = ref('')
</script>

<template>
  <StageFrame
    title="History"
    :note="
      shown === 'diary' ? 'what happened, day by day' : 'who changed what and when; nothing is lost'
    "
    :capabilities="[]"
  >
    <template #actions>
      <ViewTabs label="Parts of History" :views="VIEWS" :shown="shown" />
      <label v-if="shown === 'changes'" class="find">
        <span class="soft">about</span>
        <InputText v-model="wanted" aria-label="Show only changes about" />
      </label>
    </template>
    <BuildDiary v-if="shown === 'diary'" />
    <ChangeList v-else :wanted="wanted" />
  </StageFrame>
</template>

<style scoped>
.find {
  display: inline-flex;
  gap: 8px;
  align-items: center;
}
.find :deep(input) {
  width: 180px;
}
</style>
