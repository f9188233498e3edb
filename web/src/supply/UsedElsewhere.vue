<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { get, newId } from '../api/client'
import type { OrderLine, UsedThere } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { count, day } from '../ui/words'

/** Other builds that need what this one does not: it goes there with what was paid for it. */
const props = defineProps<{ line: OrderLine; unit: string }>()
const builds = useBuild()
const shell = useShell()
const wanted = ref<UsedThere[] | null>(null)
/** Made once, so that two presses move it once. */
const thereId = ref(newId())
const how = (there: UsedThere) => count(Math.min(there.open, props.line.quantity), props.unit)

async function ask() {
  const of = `/api/builds/${builds.build!.brief.id}/order/${props.line.id}/elsewhere`
  wanted.value = await get<UsedThere[]>(of)
}
watch(() => [props.line.id, props.line.state, props.line.quantity], ask, { immediate: true })

async function use(there: UsedThere) {
  try {
    await builds.act('order/pass-on', {
      id: thereId.value,
      orderId: props.line.id,
      toBuildId: there.buildId,
      needKey: there.needKey,
    })
    thereId.value = newId()
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
</script>

<template>
  <div class="elsewhere">
    <p v-if="wanted?.length === 0" class="soft small">No other build needs one.</p>
    <p v-for="there in wanted" :key="there.buildId + there.needKey">
      {{ there.buildName }} needs {{ count(there.open, unit) }}
      <span v-if="there.neededOn" class="soft">by {{ day(there.neededOn) }}</span>
      <Button
        class="quiet"
        size="small"
        :label="`Use ${how(there)} there`"
        :aria-label="`Use ${how(there)} of ${line.title} in ${there.buildName}`"
        @click="use(there)"
      />
    </p>
  </div>
</template>

<style scoped>
.elsewhere p {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 0 0 6px;
}
.small {
  font-size: 13px;
}
</style>
