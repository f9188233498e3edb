<script setup lang="ts">
import { ref } from 'vue'
import { get } from '../api/client'
import type { Mail } from '../api/types'
import { day, clock } from '../ui/words'

/** Letters to shops: read here, or opened with a mail program and sent. Nothing is sent by itself. */
const mails = ref<Mail[] | null>(null)
async function read(event: Event) {
  if (!(event.target as HTMLDetailsElement).open) return
  mails.value = await get<Mail[]>('/api/outbox')
}
</script>

<template>
  <details @toggle="read">
    <summary>Outbox</summary>
    <p class="soft">
      Letters to shops as they were written. Nothing leaves this machine by itself: open one with a
      mail program, or copy its text.
    </p>
    <p v-if="mails?.length === 0">No letter was written yet: sending an order writes one.</p>
    <article v-for="mail in mails" :key="mail.name">
      <details>
        <summary>
          {{ mail.subject }}
          <span class="soft">{{ day(mail.at) }} {{ clock(mail.at) }}</span>
        </summary>
        <p class="soft">
          To {{ mail.to.replace(/:;$/, '') }}
          <a :href="`/api/outbox/${mail.name}.eml`" download>as a file</a>
        </p>
        <pre>{{ mail.text }}</pre>
      </details>
    </article>
  </details>
</template>

<style scoped>
summary {
  font-weight: 650;
  cursor: pointer;
  padding: 6px 0;
}
article {
  border-top: 1px solid var(--line);
}
pre {
  font: inherit;
  white-space: pre-wrap;
  border-left: 3px solid var(--kraft);
  padding-left: 12px;
  margin: 4px 0 12px;
}
</style>
