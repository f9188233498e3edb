<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Component, Loan } from '../api/types'
import PhotoStrip from '../bench/PhotoStrip.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import ThingFields from '../ui/ThingFields.vue'
import { day, money } from '../ui/words'
import { said } from '../units/writing'

/** One thing that isn't the workshop's, and what was agreed about it. */
const props = defineProps<{ component?: Component; loan?: Loan }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const agreed = computed<Loan>(
  () =>
    props.loan ??
    builds.build!.loans.find((each) => each.componentId === props.component!.id) ?? {
      id: `loan-${props.component!.id}`,
      componentId: props.component!.id,
      name: props.component!.name,
      fromWhom: '',
      condition: '',
      promised: '',
      giveBackOn: null,
      givenBackOn: null,
    },
)
const name = computed(() => props.component?.name ?? agreed.value.name)
const WHOSE: Partial<Record<Component['source'], string>> = {
  CLIENT: 'the client’s own',
  GIVEN: 'given',
  LENT: 'lent',
}
const whose = computed(() =>
  props.component ? WHOSE[props.component.source] : 'not in the design any more',
)
const FIELDS = computed(() => [
  { field: 'fromWhom', label: 'From whom' },
  { field: 'condition', label: 'How it was when it came' },
  { field: 'promised', label: 'Promised for it' },
  props.component?.source !== 'GIVEN' && { field: 'giveBackOn', label: 'To be back by' },
])
const gone = computed(() => agreed.value.givenBackOn)
function back(today: boolean) {
  const givenBackOn = today ? builds.view!.now.slice(0, 10) : null
  builds.edit('loans', agreed.value, { givenBackOn })
}
</script>

<template>
  <article :aria-label="name">
    <div class="row">
      <h3>{{ said(name) }}</h3>
      <span class="soft">{{ whose }}</span>
      <span v-if="component && session.owner" class="mono soft"
        >worth {{ money(component.priceMinor * component.quantity, workshop.currency) }}</span
      >
      <span class="grow" />
      <span v-if="gone" class="soft">back since {{ day(gone) }}</span>
      <Button
        v-if="component?.source !== 'GIVEN'"
        class="quiet"
        size="small"
        :label="gone ? 'It is still here' : 'Given back today'"
        :aria-label="(gone ? 'It is still here: ' : 'Given back today: ') + name"
        @click="back(!gone)"
      />
    </div>
    <div class="fields">
      <ThingFields kind="loans" :thing="agreed" :fields="FIELDS" />
      <PhotoStrip :task-key="`loan:${agreed.id}`" :caption="name" />
    </div>
  </article>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding: 8px 0 12px;
}
.row {
  align-items: center;
  flex-wrap: wrap;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 10px 16px;
}
</style>
