<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import TableFile from '../ui/TableFile.vue'
import ViewTabs from '../ui/ViewTabs.vue'
import LentView from './LentView.vue'
import OrderedView from './OrderedView.vue'
import ToSendView from './ToSendView.vue'
import { ofCustoms, underWay } from './orderStates'

/** What is to be bought, what is on its way, what is here: orders as they were ordered. */
const builds = useBuild()
const session = useSession()
const route = useRoute()
const VIEWS = [
  { value: 'send', label: 'To send' },
  { value: 'way', label: 'On its way' },
  { value: 'here', label: 'Here' },
  { value: 'lent', label: 'Given and lent' },
] as const
type View = (typeof VIEWS)[number]['value']
const shown = computed<View>(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'send',
)
const needs = computed(() => builds.view!.needs)
const wanted = computed(() => needs.value.filter((line) => line.open > 0))
const lines = computed(() => builds.view!.ordered.lines.filter((each) => !ofCustoms(each.line)))
const onTheirWay = computed(() => lines.value.filter((each) => underWay(each.line)))
const others = computed(() => lines.value.filter((each) => !underWay(each.line)))
const brought = computed(() =>
  builds.build!.components.filter((each) => ['CLIENT', 'GIVEN', 'LENT'].includes(each.source)),
)
const tabs = computed(() => {
  const counts = {
    send: wanted.value.length,
    way: onTheirWay.value.length,
    here: others.value.length,
    lent: brought.value.length,
  }
  return VIEWS.map((view) => ({ ...view, label: `${view.label} ${counts[view.value]}` }))
})
</script>

<template>
  <StageFrame
    title="Order"
    :note="`${wanted.length} to order of ${needs.length} things needed`"
    :capabilities="['supply']"
  >
    <template #actions>
      <ViewTabs label="Parts of ordering" :views="tabs" :shown="shown" />
    </template>
    <ToSendView v-if="shown === 'send'" />
    <OrderedView v-else-if="shown === 'way'" :lines="onTheirWay">
      Nothing is on its way. What you send under “To send” is followed here.
    </OrderedView>
    <LentView v-else-if="shown === 'lent'" :components="brought" />
    <OrderedView v-else :lines="others" here>
      Nothing has arrived yet. What arrives is opened and checked here.
    </OrderedView>
    <TableFile
      v-if="session.owner && (shown === 'way' || shown === 'here')"
      :path="`/api/builds/${builds.id}/orders.csv`"
      label="Orders"
      noun="order lines"
      @kept="builds.reload()"
    />
  </StageFrame>
</template>
