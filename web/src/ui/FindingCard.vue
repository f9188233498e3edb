<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Finding } from '../api/types'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import { said } from '../units/writing'
import SignMark from './SignMark.vue'
import TextField from './TextField.vue'
import { count, duration, money } from './words'

/** One judgement: what, its numbers, why it matters, and ways out. */
const props = defineProps<{ finding: Finding; accepted?: { by: string; reason: string } }>()
const emit = defineEmits<{
  apply: [change: NonNullable<Finding['remedies'][number]['change']>]
  accept: [by: string, reason: string]
}>()
const session = useSession()
const workshop = useWorkshop()
/** "+€30.00, 1 h 30", as far as it is known and may be seen. */
function costs(remedy: Finding['remedies'][number]) {
  const parts: string[] = []
  if (session.owner && remedy.priceMinor != null && workshop.book)
    parts.push(
      (remedy.priceMinor > 0 ? '+' : '') +
        money(remedy.priceMinor, workshop.currency).replace('-', '−'),
    )
  if (remedy.minutes) parts.push(duration(remedy.minutes))
  return parts.join(', ')
}
const by = useDraft(`finding:${props.finding.key}:by`, session.account?.name ?? '')
const reason = useDraft(`finding:${props.finding.key}:reason`, '')
const accepting = ref(reason.value !== '')
/** The best two; the others by one press. */
const BEST = 2
const all = ref(false)
const ways = computed(() =>
  all.value ? props.finding.remedies : props.finding.remedies.slice(0, BEST),
)
const kind = computed(() => props.finding.severity.toLowerCase() as 'stop' | 'risk' | 'note')
function accept() {
  emit('accept', by.value, reason.value)
  accepting.value = false
  reason.value = ''
}
</script>

<template>
  <article class="finding" :class="{ accepted }">
    <SignMark :kind="accepted ? 'done' : kind" />
    <div class="body">
      <h3>
        <span class="visually-hidden">{{ kind }}: </span>{{ said(finding.title) }}
      </h3>
      <p>{{ said(finding.detail) }}</p>
      <p class="soft">{{ said(finding.why) }}</p>
      <p v-if="accepted" class="soft">Accepted by {{ accepted.by }}: {{ accepted.reason }}</p>
      <div v-else class="ways">
        <template v-for="remedy in ways" :key="remedy.label">
          <Button
            v-if="remedy.change"
            class="quiet"
            size="small"
            :label="costs(remedy) ? `${said(remedy.label)} · ${costs(remedy)}` : said(remedy.label)"
            @click="emit('apply', remedy.change)"
          />
          <span v-else class="way">{{ said(remedy.label) }}</span>
        </template>
        <Button
          v-if="finding.remedies.length > ways.length"
          class="bare"
          size="small"
          :label="count(finding.remedies.length - ways.length, 'more ways')"
          @click="all = true"
        />
        <Button
          v-if="!finding.refusal && finding.severity !== 'NOTE' && !accepting"
          class="bare"
          size="small"
          label="Accept it…"
          @click="accepting = true"
        />
        <span v-if="finding.refusal" class="way soft">Nobody can accept this.</span>
      </div>
      <form v-if="accepting" class="accepting" @submit.prevent="accept">
        <TextField v-model="by" own label="Who takes it on" />
        <TextField v-model="reason" own label="Why it is all right" />
        <Button
          type="submit"
          class="quiet"
          size="small"
          label="Accept this finding"
          :disabled="!by.trim() || !reason.trim()"
        />
      </form>
    </div>
  </article>
</template>

<style scoped>
.finding {
  display: flex;
  gap: 10px;
  background: var(--paper);
  padding: 11px 12px;
  border: 1px solid transparent;
}
.accepted {
  opacity: 0.86;
}
.body {
  min-width: 0;
  overflow-wrap: anywhere;
}
h3 {
  font-family: var(--text);
  font-size: 14px;
  font-weight: 700;
}
p {
  margin: 2px 0 0;
  font-size: 13px;
}
svg {
  margin-top: 3px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  margin-top: 7px;
  align-items: center;
}
.ways :deep(.quiet) {
  text-align: left;
  justify-content: flex-start;
}
.ways :deep(.quiet .p-button-label) {
  text-align: left;
}
.way {
  font-size: 13px;
}
.way::before {
  content: '— ';
}
.accepting {
  display: grid;
  gap: 6px;
  margin-top: 8px;
}
</style>
