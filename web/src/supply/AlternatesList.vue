<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { get } from '../api/client'
import type { Alternate } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import { count } from '../ui/words'
import { said } from '../units/writing'
import { changed } from './offers'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Products that could take a thing’s place: each solved with the whole build before it is offered. */
const props = defineProps<{ needKey: string }>()
const emit = defineEmits<{ taken: [] }>()
const builds = useBuild()
const shell = useShell()
const workshop = useWorkshop()
const found = ref<Alternate[] | null>(null)
const asking = ref(false)

async function ask() {
  asking.value = true
  const of = `/api/builds/${builds.id}/order/alternates?needKey=${encodeURIComponent(props.needKey)}`
  try {
    found.value = await get<Alternate[]>(of)
  } catch (problem) {
    shell.say((problem as Error).message)
  } finally {
    asking.value = false
  }
}
async function take(other: Alternate) {
  try {
    await builds.act(`components/${other.componentId}/swap`, { productId: other.productId })
    emit('taken')
  } catch (problem) {
    shell.say((problem as Error).message)
  }
}
</script>

<template>
  <div class="alternates">
    <Button
      v-if="!found"
      class="quiet"
      size="small"
      label="What else would do?"
      :disabled="asking"
      @click="ask"
    />
    <p v-else-if="found.length === 0" class="soft">
      Nothing else in the library goes in without a stop or a risk of its own.
    </p>
    <template v-else>
      <p class="soft">
        Fits, is fed and is cooled in this build, and keeps its day. Whether it is as fast is yours
        to judge.
      </p>
      <div v-for="other in found" :key="other.productId" class="other">
        <strong>{{ said(other.name) }}</strong>
        <MoneyFigure class="mono" :of="other" name="unitPriceMinor" />
        <span class="soft">
          {{ workshop.supplierName(other.supplierId) }}, {{ count(other.leadDays, 'days') }};
          {{ changed(other, workshop.currency)
          }}<template v-if="other.changesAgreed">; not what was agreed: a change order</template>
        </span>
        <Button
          class="quiet"
          size="small"
          label="Take it"
          :aria-label="`Take ${other.name} instead`"
          @click="take(other)"
        />
      </div>
    </template>
  </div>
</template>

<style scoped>
.alternates {
  margin-top: 10px;
}
.other {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 4px 0;
  font-size: 13.5px;
}
.other .soft {
  flex: 1 1 240px;
}
p {
  margin: 4px 0;
  font-size: 13px;
}
</style>
